/** Strands as they are prescribed, clear of what touches them, on a line that bites. */
import { isKnown } from '../../place/possible';
import type { Bay } from '../../place/place';
import { animals, type AnimalId } from '../../tables/animals';
import { wireTolerance, type WireSet } from '../../tables/shocking';
import { hasWire } from '../../place/strand-there';
import type { WeakSpot } from '../weak-spot';
import { workTime, type CatalogueMend, type SpotTarget } from './catalogue-mend';

/** Heights still wanting for the set that asks for the fewest new wires, of those without a stand-off; one set for each animal. */
export function wiresWanting(bay: Pick<Bay, 'strands'>, letsBy: readonly AnimalId[]): number[] {
  const wanting = new Set<number>();
  for (const id of letsBy) {
    const sets = (animals[id].shocked?.sets ?? []).filter((set) => set.standOff === undefined);
    const [fewest] = sets
      .map((set) => missing(bay, set, wanting))
      .sort((a, b) => a.length - b.length);
    for (const height of fewest ?? []) wanting.add(height);
  }
  return [...wanting].sort((a, b) => a - b);
}

function missing(
  { strands }: Pick<Bay, 'strands'>,
  { heights }: WireSet,
  also: ReadonlySet<number>,
): number[] {
  const there = [
    ...strands.flatMap(({ height }) => (isKnown<number>(height) ? [height.is] : [])),
    ...also,
  ];
  return heights
    .map(({ value }) => value)
    .filter((value) => there.every((it) => Math.abs(it - value) > wireTolerance.value));
}

/** A strand at the height that an animal meets it. */
export const strandSet: CatalogueMend = {
  kind: 'strand-set',
  term: 'lasting',
  spot: 'strand',
  fits: ({ bay, letsBy }) => wiresWanting(bay, letsBy).length > 0,
  adds: { strands: true },
  takes: ({ bay, letsBy }) => {
    const wires = wiresWanting(bay, letsBy).length;
    return [
      { material: 'fence-wire', length: wires * bay.width },
      { material: 'insulators', count: wires * (1 + Math.ceil(bay.width / 2000)) },
    ];
  },
  time: ({ bay, letsBy }) => workTime(15 + (wiresWanting(bay, letsBy).length * bay.width) / 150),
  cautions: ['electric', 'cut-wire', 'entangling'],
};

/** What touches a strand, cut away. */
export const strandClear: CatalogueMend = {
  kind: 'strand-clear',
  term: 'lasting',
  spot: 'strand',
  fits: ({ bay }) => touchedStrands(bay).length > 0,
  targets: ({ bay }) =>
    touchedStrands(bay).map(({ id }) => ({
      item: id,
      attribute: 'strand.touching',
      value: { is: 'nothing' },
    })),
  takes: ({ bay }) => [{ material: 'insulators', count: 1 + Math.ceil(bay.width / 2000) }],
  time: ({ bay }) => workTime(10 + bay.width / 200),
  cautions: ['electric'],
};

function touchedStrands({ strands }: Bay): Bay['strands'] {
  return strands.filter(({ touching }) => isKnown(touching) && touching.is !== 'nothing');
}

/** At the far end, for the one that needs most of them. */
export function voltsFor({ letsBy }: Pick<WeakSpot, 'letsBy'>): readonly SpotTarget[] {
  const volts = letsBy.map((id) => animals[id].shocked?.volts.value ?? 0);
  return [{ attribute: 'fence.volts', value: { atLeast: Math.max(...volts) } }];
}

/** The line charged again: feed, leaks, earth. */
export const fenceCharge: CatalogueMend = {
  kind: 'fence-charge',
  term: 'lasting',
  spot: 'fence',
  fits: ({ along = [] }) => along.some(hasWire),
  targets: voltsFor,
  takes: () => [
    { material: 'earth-stake', count: 1 },
    { material: 'insulators', count: 4 },
  ],
  time: () => workTime(60),
  cautions: ['electric', 'digging'],
};
