/** Strands at the heights that are prescribed, clear of what touches them, on a line that bites. */
import { isKnown } from '../../place/possible';
import type { Bay, ItemId } from '../../place/place';
import { animals, type AnimalId } from '../../tables/animals';
import { wireTolerance, type Touching, type WireSet } from '../../tables/shocking';
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
  fits: ({ bay, letsBy }) => wiresWanting(bay, letsBy).length > 0 && !isMoveEnough(bay, letsBy),
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

/** Strands that hang where nobody meets them, moved to the heights that are prescribed and have none: where there are enough of them. */
export const strandMoved: CatalogueMend = {
  kind: 'strand-moved',
  term: 'lasting',
  spot: 'strand',
  fits: ({ bay, letsBy }) => isMoveEnough(bay, letsBy),
  targets: ({ bay, letsBy }) =>
    movesOf(bay, letsBy).map(({ item, height }) => ({
      item,
      attribute: 'strand.height',
      value: { near: height },
    })),
  takes: ({ bay }) => [{ material: 'insulators', count: 1 + Math.ceil(bay.width / 2000) }],
  time: ({ bay, letsBy }) => workTime(10 + (movesOf(bay, letsBy).length * bay.width) / 250),
  cautions: ['electric', 'entangling'],
};

function isMoveEnough(bay: Bay, letsBy: readonly AnimalId[]): boolean {
  const moves = movesOf(bay, letsBy).length;
  return moves > 0 && moves === wiresWanting(bay, letsBy).length;
}

/** Each height that is wanting with the nearest wire that is at none, lowest first. */
function movesOf(
  bay: Bay,
  letsBy: readonly AnimalId[],
): readonly { readonly item: ItemId; readonly height: number }[] {
  const sets = letsBy.flatMap((id) => animals[id].shocked?.sets ?? []);
  const prescribed = sets.flatMap(({ heights }) => heights.map(({ value }) => value));
  let stray = bay.strands.flatMap(({ id, height }) =>
    isKnown<number>(height) &&
    prescribed.every((it) => Math.abs(it - height.is) > wireTolerance.value)
      ? [{ id, at: height.is }]
      : [],
  );
  return wiresWanting(bay, letsBy).flatMap((height) => {
    const [nearest] = [...stray].sort((a, b) => Math.abs(a.at - height) - Math.abs(b.at - height));
    if (!nearest) return [];
    stray = stray.filter((it) => it !== nearest);
    return [{ item: nearest.id, height }];
  });
}

/** What grows up to the wire: cut, not set off. */
const plants: readonly Touching[] = ['grass', 'weeds'];

/** What touches a strand, set off, hung up or dug out. */
export const strandClear: CatalogueMend = {
  kind: 'strand-clear',
  term: 'lasting',
  spot: 'strand',
  fits: ({ bay }) => touchedBy(bay, isNoPlant).length > 0,
  targets: ({ bay }) => clearing(touchedBy(bay, isNoPlant)),
  takes: ({ bay }) => [{ material: 'insulators', count: 1 + Math.ceil(bay.width / 2000) }],
  time: ({ bay }) => workTime(10 + bay.width / 200),
  cautions: ['electric'],
};

/** Grass and weeds cut under the strand; they grow again. */
export const mownUnder: CatalogueMend = {
  kind: 'mown-under',
  term: 'lasting',
  spot: 'strand',
  fits: ({ bay }) => touchedBy(bay, isPlant).length > 0,
  targets: ({ bay }) => clearing(touchedBy(bay, isPlant)),
  takes: () => [],
  time: ({ bay }) => workTime(5 + bay.width / 500),
  cautions: ['electric'],
};

/** Grass and weeds are mown; all else is set off. */
export const isPlant = (it: Touching): boolean => plants.includes(it);
const isNoPlant = (it: Touching): boolean => it !== 'nothing' && !isPlant(it);

const touchedBy = ({ strands }: Bay, by: (it: Touching) => boolean): Bay['strands'] =>
  strands.filter(({ touching }) => isKnown<Touching>(touching) && by(touching.is));

const clearing = (strands: Bay['strands']): readonly SpotTarget[] =>
  strands.map(({ id }) => ({
    item: id,
    attribute: 'strand.touching',
    value: { is: 'nothing' },
  }));

/** At the far end, for the one that needs most of them. */
export function voltsFor({ letsBy }: Pick<WeakSpot, 'letsBy'>): readonly SpotTarget[] {
  const volts = letsBy.map((id) => animals[id].shocked?.volts.value ?? 0);
  return [{ attribute: 'fence.volts', value: { atLeast: Math.max(...volts) } }];
}

/** The line charged again: feed, leaks, earth; where what it wants is known, that is offered by its name instead. */
export const fenceCharge: CatalogueMend = {
  kind: 'fence-charge',
  term: 'lasting',
  spot: 'fence',
  fits: ({ along = [], line }) =>
    along.some(hasWire) && !(line && (line.rodsMissing > 0 || line.isSpent || line.isGroundPoor)),
  targets: voltsFor,
  takes: () => [
    { material: 'earth-stake', count: 1 },
    { material: 'insulators', count: 4 },
  ],
  time: () => workTime(60),
  cautions: ['electric', 'digging'],
};
