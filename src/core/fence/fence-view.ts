/** A described line as it is shown: bay by bay what was read and what is worked out, earth, battery, and what to do first. */
import { memoized } from '../memo';
import type { Bay } from '../place/bay';
import { usualRods, type Fence, type FenceLine } from '../place/fence';
import type { Place } from '../place/place';
import { bounds, type PossibleAmount } from '../place/possible';
import { touching, type Touching } from '../tables/shocking';
import { batteryLeft, type BatteryLeft } from './battery-left';
import { rodsMissing } from './earth-test';
import { firstThing, type FirstThing, type RodsMissing } from './first-thing';
import { judgedCase, type LineCase } from './line-case';
import { touchedBy } from './line-network';
import { linePathOf, type LinePath } from './line-path';
import { neededVolts } from './needed-volts';
import { believedLine, solvedLine, type BelievedBay } from './reaching';
import type { SolvedLine } from './solved-line';
import { sourceOf, type Source } from './source';
import type { ViewedBay } from './viewed-bay';
import { caseIf, isChanged, placeIf, type WhatIf } from './what-if';

/** A whole line on a day. */
export interface FenceView extends BatteryLeft {
  readonly path: LinePath;
  readonly source: Source | undefined;
  readonly lineCase: LineCase;
  readonly bays: readonly ViewedBay[];
  /** kV that the animals living here ask for, by the most of them. */
  readonly needed: number;
  /** The rods against true earth while the line runs, kV, and what they resist, Ω; worked out. `undefined` without an energizer to work from. */
  readonly stake: number | undefined;
  readonly earthOhms: number | undefined;
  /** As the earth test read it, kV. */
  readonly stakeRead: number | undefined;
  /** By what the stake reads; where nobody has read it, by plate and ground. */
  readonly rodsMissing: RodsMissing | undefined;
  readonly first: FirstThing;
}

/** A line that somebody has described. */
export type DescribedFence = Fence & { readonly line: FenceLine };

/**
 * `undefined` where no line is described or no wire is strung. `place`: as found. `whatIf`: what would be. `batteryRead`: the day of its last
 * reading, from which it has been drawn on since.
 */
export function fenceView(
  place: Place,
  date: string,
  whatIf: WhatIf = {},
  batteryRead?: string,
): FenceView | undefined {
  const changed = placeIf(place, whatIf);
  const { fence } = changed;
  const path = linePathOf(changed);
  if (!fence?.line || !path) return undefined;
  const described = { ...fence, line: fence.line };
  const lineCase = caseIf(fence, whatIf);
  const source = sourceOf(fence);
  const now = asItIs(place);
  const changes = isChanged(whatIf);
  const solved = changes ? solvedLine(path, described, lineCase) : now?.solved;
  const believed = changes && now ? believedIf(path, solved, now) : (now?.bays ?? []);
  const bays = believed.map((it) => ({ ...it, touched: worstTouch(it.bay, lineCase) }));
  const rods = described.line.rods ?? usualRods;
  const stakeRead = valueOf(fence.stake);
  const view = {
    path,
    source,
    lineCase,
    bays,
    needed: neededVolts(place),
    stake: solved?.stake,
    earthOhms: solved?.earthOhms,
    stakeRead,
    // What the stake was read to be holds for the ground of that day.
    rodsMissing:
      source &&
      (rodsMissing(source, rods, lineCase.ground, changes ? undefined : stakeRead) ??
        ('none-would-do' as const)),
    ...batteryLeft({ fence, setting: place.setting }, date, batteryRead),
  };
  return { ...view, first: firstThing(described, view, solved) };
}

interface AsItIs {
  readonly bays: readonly BelievedBay[];
  readonly solved: SolvedLine | undefined;
}

/** Worked out once for a place as found, whatever is asked of it. */
const asItIs = memoized((place: Place): AsItIs | undefined => {
  const { fence } = place;
  const path = linePathOf(place);
  if (!fence?.line || !path) return undefined;
  const described = { ...fence, line: fence.line };
  const lineCase = judgedCase(fence, 'best');
  const solved = solvedLine(path, described, lineCase);
  return { bays: believedLine(path, described, lineCase, solved), solved };
});

/** What is believed now, less or more by as much as the line worked out both ways: so the readings still count. */
function believedIf(path: LinePath, would: SolvedLine | undefined, now: AsItIs): BelievedBay[] {
  return path.bays.map(({ bay, isLive }, index): BelievedBay => {
    const at = now.bays.findIndex((it) => it.bay.id === bay.id);
    const [believed, before, then] = [now.bays[at], now.solved?.bays[at], would?.bays[index]];
    const dead = { bay, volts: 0, reaching: 0, isRead: false };
    if (!believed || !isLive) return dead;
    // Without an energizer to work from, only what is cut off is known.
    if (!before || !then) return { ...believed, bay };
    const volts = before.volts > 0 ? (believed.volts * then.volts) / before.volts : then.volts;
    return { bay, volts, reaching: volts * then.worth, isRead: false };
  });
}

function worstTouch({ strands }: Bay, lineCase: LineCase): Touching | undefined {
  if (strands.every((it) => it.touching === undefined || 'any' in it.touching)) {
    const added = strands.map((it) => touchedBy({ ...it, touching: { is: 'nothing' } }, lineCase));
    return added.find((it) => it !== 'nothing');
  }
  return strands
    .map((it) => touchedBy(it, lineCase))
    .reduce((worst, it) => (touching.indexOf(it) > touching.indexOf(worst) ? it : worst));
}

/** Known to one figure, else the middle of what it may be. */
function valueOf(possible: PossibleAmount | undefined): number | undefined {
  if (possible === undefined || 'any' in possible) return undefined;
  const [low, high] = bounds(possible, [0, 0]);
  return (low + high) / 2;
}
