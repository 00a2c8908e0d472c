/** Doors that stand open: shut each night or by day, falling shut where a round is forgotten, or shutting themselves at dusk. */
import { movesOf } from '../../place/opening-moves';
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

/** Two springs that pull a door to; one is spare for the other. */
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
  targets: () => [{ attribute: 'opening.letGo', value: { is: 'two-closers' } }],
  takes: () => [
    { material: 'closer', count: 2 },
    { material: 'screws', count: 12 },
  ],
  time: () => workTime(45),
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
  targets: () => [{ attribute: 'opening.shutBy', value: { is: 'light' } }],
  takes: () => [
    { material: 'door-drive', count: 1 },
    { material: 'screws', count: 8 },
  ],
  time: () => workTime(90),
  cautions: ['bird-out'],
};
