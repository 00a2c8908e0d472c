/** The mend that a search along the line ends in: what touches the wire cleared away, or the wire joined anew, and volts at the far end again. */
import { fenceView } from '../fence/fence-view';
import type { Strand } from '../place/bay';
import type { BayId, Place } from '../place/place';
import type { Mend, MendKind, Target } from '../records/mend';
import { setAttribute } from '../records/set-attribute';
import { isKnown } from '../place/possible';
import { threatsMinded } from '../place/setting';
import { animals } from '../tables/animals';
import { isPlant } from './catalogue/strands';
import { ofWhatItGives } from '../tables/fence-first';

/**
 * kV that the far end must read for the leak to be gone: what those living here are turned back by, or nine tenths of what the line
 * gives without it, where that is less. `undefined` where no line is described. `place`: as found, the leak in it or not. `bay`: which is cleared;
 * absent: none.
 */
export function voltsOnceClear(
  place: Place,
  bay: BayId | undefined,
  date: string,
): number | undefined {
  const { fence } = place;
  const wires = place.faces.flatMap(({ bays }) => bays).find(({ id }) => id === bay)?.strands ?? [];
  const cleared = wires.reduce(
    (it, { id }) => setAttribute(it, id, 'strand.touching', { is: 'nothing' }),
    withoutReadings(place),
  );
  const view = fenceView(cleared, date);
  if (!fence || !view?.source) return undefined;
  const gives = view.bays[view.path.far]?.volts ?? 0;
  return Math.round(Math.min(view.needed, gives * ofWhatItGives.value) * 10) / 10;
}

/** Volts read with the leak in the line say nothing of it without. */
function withoutReadings(place: Place): Place {
  if (!place.fence) return place;
  const { near: _near, volts: _volts, ...fence } = place.fence;
  return {
    ...place,
    fence,
    faces: place.faces.map((face) => ({
      ...face,
      bays: face.bays.map((it) => ({
        ...it,
        strands: it.strands.map(({ volts: _, ...strand }) => strand),
      })),
    })),
  };
}

/** Where a search along the line has ended; `broken`: on a wire that no longer leads there, not on a leak. */
export interface SearchEnd {
  readonly bay: BayId;
  readonly broken?: boolean;
}

/** `undefined` where that bay has no wire. */
export function leakMend(
  place: Place,
  { bay, broken = false }: SearchEnd,
  date: string,
  id: string,
  at: string,
): Mend | undefined {
  const { fence } = place;
  const strands =
    place.faces.flatMap(({ bays }) => bays).find((it) => it.id === bay)?.strands ?? [];
  const [wire] = strands;
  if (!fence || !wire) return undefined;
  const volts = voltsOnceClear(place, broken ? undefined : bay, date);
  const targets: Target[] = [
    ...(broken
      ? []
      : [{ item: wire.id, attribute: 'strand.touching', value: { is: 'nothing' } } as const]),
    ...(volts === undefined
      ? []
      : [{ item: fence.id, attribute: 'fence.volts', value: { atLeast: volts } } as const]),
  ];
  return {
    id,
    placeId: place.id,
    kind: kindOf(wire, broken),
    bay,
    spot: { kind: 'strand', item: bay },
    stops: threatsMinded(place).filter((it) => animals[it].shocked),
    targets,
    state: 'planned',
    history: [{ state: 'planned', at }],
  };
}

function kindOf({ touching }: Strand, broken: boolean): MendKind {
  if (broken) return 'line-joined';
  return isKnown(touching) && isPlant(touching.is) ? 'mown-under' : 'strand-clear';
}
