/** What the line costs: one tap of “what if” on the demo place and on a place of 60 bays with two wires round, and the first step of a search there. */
import { tamarackBank } from '../demo/tamarack-bank';
import { fenceView } from '../src/core/fence/fence-view';
import { nextTest } from '../src/core/fence/next-test';
import { stringLine } from '../src/core/place/edit/string-line';
import { is } from '../src/core/place/possible';
import type { Place } from '../src/core/place/place';
import { applyReadings } from '../src/core/records/apply-readings';
import { largePlace } from './large-place';

export interface FenceCost {
  /** One tap on the demo place, and at 60 bays, ms. */
  readonly demoMs: number;
  readonly sixtyMs: number;
  /** Choosing the first test of a search at 60 bays, ms. */
  readonly searchMs: number;
}

const date = '2026-10-10';

function largeLine(): Place {
  let count = 0;
  const newId = (kind: string) => `${kind}-${(count += 1)}`;
  const strung = stringLine(
    largePlace(60),
    { heights: [150, 300], standOff: 150, crossesDoors: 'yes' },
    newId,
  );
  return applyReadings(
    {
      ...strung,
      fence: {
        id: 'fence',
        on: 'always',
        near: is(4),
        volts: is(3),
        line: {
          energizer: { feed: 'mains', open: 8, loaded: 5 },
          wire: 'polywire-3',
          shape: 'open',
          back: 'ground',
        },
      },
    },
    [],
  ).place;
}

/** Middle of several runs, ms. Each asks for another depth of snow, so that nothing is kept. */
function tapMs(place: Place): number {
  const times = Array.from({ length: 15 }, (_, run) => {
    const start = performance.now();
    fenceView(place, date, { snow: 20 + run });
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return Math.round((times[7] ?? 0) * 10) / 10;
}

export function fenceCost(): FenceCost {
  const demo = applyReadings(tamarackBank.place, tamarackBank.walks).place;
  const large = largeLine();
  const view = fenceView(large, date);
  const { fence } = large;
  if (!view || !fence?.line) throw new Error('the large place has no line');
  const described = { ...fence, line: fence.line };
  nextTest(view, described);
  const start = performance.now();
  nextTest(view, described);
  const searchMs = Math.round(performance.now() - start);
  return { demoMs: tapMs(demo), sixtyMs: tapMs(large), searchMs };
}
