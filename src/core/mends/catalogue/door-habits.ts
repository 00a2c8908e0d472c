/** Doors that stand open: shut each night or by day, falling shut where a round is forgotten, or shutting themselves at dusk. */
import { fittedLatchIds } from '../../place/bay';
import { movesOf } from '../../place/opening-moves';
import { members } from '../../place/possible';
import { addedItem } from '../../records/added-id';
import { catching } from '../../tables/latches';
import type { WeakSpot } from '../weak-spot';
import { workTime, type CatalogueMend } from './catalogue-mend';

const opensBy = ({ parts }: WeakSpot, doors: 'as-habit' | 'round-forgotten' | 'by-day'): boolean =>
  parts.some(({ reason }) => reason.kind === 'stands-open' && reason.doors === doors);

/** The birds’ door is shut every night. */
export const shutNightly: CatalogueMend = {
  kind: 'shut-nightly',
  term: 'lasting',
  spot: 'habit',
  fits: (weak) => opensBy(weak, 'as-habit'),
  targets: () => [{ attribute: 'opening.habit', value: { is: 'every-night' } }],
  takes: () => [],
  time: () => workTime(0),
  cautions: ['air'],
};

/** A keeper’s door that stands open by day and need not: the birds have another. */
export const shutByDay: CatalogueMend = {
  kind: 'shut-by-day',
  term: 'lasting',
  spot: 'habit',
  fits: (weak) => opensBy(weak, 'by-day') && weak.isBirdsWay !== true,
  targets: () => [{ attribute: 'opening.byDay', value: { is: 'shut' } }],
  takes: () => [],
  time: () => workTime(0),
  cautions: ['air', 'keeper-shut-in'],
};

/** Whether a latch on it surely catches by itself. */
const catches = ({ bay, spot }: WeakSpot): boolean =>
  (bay.openings.find(({ id }) => id === spot.item)?.latches ?? []).some(({ kind }) =>
    members(kind, fittedLatchIds).every((it) => it !== 'none' && catching.includes(it)),
  );

const closerLatch = 'two-motion';

/** Two springs that pull a door to, one spare for the other, and a latch that catches by itself where there is none: shut is not yet fastened. */
export const springCloser: CatalogueMend = {
  kind: 'spring-closer',
  term: 'lasting',
  spot: 'habit',
  // A pop door that falls shut by day shuts birds out, and a plug is put in by hand.
  fits: (weak) =>
    opensBy(weak, 'round-forgotten') &&
    weak.bay.openings.some(
      (it) => it.id === weak.spot.item && it.kind !== 'pop-door' && movesOf(it) !== 'lifts-off',
    ),
  adds: { latch: closerLatch },
  targets: (weak) => [
    { attribute: 'opening.letGo', value: { is: 'two-closers' } },
    ...(catches(weak)
      ? []
      : [
          {
            item: addedItem(weak.spot, 'spring-closer'),
            attribute: 'latch.kind' as const,
            value: { is: closerLatch },
          },
        ]),
  ],
  takes: (weak) => [
    { material: 'closer', count: 2 },
    { material: 'screws', count: 12 },
    ...(catches(weak) ? [] : [{ material: closerLatch, count: 1 } as const]),
  ],
  time: (weak) => workTime(catches(weak) ? 45 : 60),
  cautions: ['keeper-shut-in'],
};

/** It fails too, in two ways: how often stands in tables/shutting.ts, and after it in the log of its own evenings. */
export const lightDoor: CatalogueMend = {
  kind: 'light-door',
  term: 'lasting',
  spot: 'habit',
  fits: (weak) =>
    opensBy(weak, 'round-forgotten') &&
    weak.bay.openings.some(
      (it) => it.id === weak.spot.item && it.kind === 'pop-door' && it.shutBy !== 'light',
    ),
  // What a hand fastens at night a drive does not undo in the morning: it comes off.
  targets: ({ bay, spot }) => [
    { attribute: 'opening.shutBy', value: { is: 'light' } },
    ...(bay.openings.find(({ id }) => id === spot.item)?.latches ?? []).map(({ id }) => ({
      item: id,
      attribute: 'latch.kind' as const,
      value: { is: 'none' },
    })),
  ],
  takes: () => [
    { material: 'door-drive', count: 1 },
    { material: 'screws', count: 8 },
  ],
  time: () => workTime(90),
  cautions: ['bird-out'],
};
