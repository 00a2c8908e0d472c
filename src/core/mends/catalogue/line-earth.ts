/** Mends of a described line’s circuit: more earth, a way back beside the ground, what feeds it. */
import type { WeakSpot } from '../weak-spot';
import { workTime, type CatalogueMend } from './catalogue-mend';

const missingOf = ({ line }: WeakSpot): number => line?.rodsMissing ?? 0;

/** Rods of the kind in hand until the earth test reads as it should. */
export const earthRods: CatalogueMend = {
  kind: 'earth-rods',
  term: 'lasting',
  spot: 'fence',
  fits: (weak) => missingOf(weak) > 0,
  targets: ({ line }) => [
    {
      attribute: 'fence.rods',
      value: { atLeast: (line?.rods.count ?? 1) + (line?.rodsMissing ?? 0) },
    },
  ],
  takes: (weak) => [
    { material: 'earth-stake', count: missingOf(weak) },
    { material: 'fence-lead', count: 1 },
  ],
  time: (weak) => workTime(15 + 15 * missingOf(weak)),
  cautions: ['electric', 'digging'],
};

/** A wire joined to the rods beside the live one: what touches both is shocked on dry, frozen or snowed-in ground as well. */
export const earthReturn: CatalogueMend = {
  kind: 'earth-return',
  term: 'lasting',
  spot: 'fence',
  fits: ({ line }) => line?.back === 'ground' && line.isGroundPoor,
  targets: () => [{ attribute: 'fence.back', value: { is: 'earth-wire' } }],
  takes: ({ line, along = [] }) => [
    { material: 'fence-wire', length: line?.length ?? 0 },
    {
      material: 'insulators',
      count: along.reduce((sum, { width }) => sum + 1 + Math.ceil(width / 2000), 0),
    },
  ],
  time: ({ line }) => workTime(20 + (line?.length ?? 0) / 250),
  cautions: ['electric', 'entangling'],
};

/** A wire that is broken, or a joint that no longer leads: joined anew. Only a search along the line finds where, so it is never proposed. */
export const lineJoined: CatalogueMend = {
  kind: 'line-joined',
  term: 'lasting',
  spot: 'strand',
  fits: () => false,
  takes: () => [],
  time: () => workTime(20),
  cautions: ['electric', 'cut-wire'],
};

/** A battery that is low or flat: charged, or a new one where it is of dry cells. */
export const batteryFresh: CatalogueMend = {
  kind: 'battery-fresh',
  term: 'lasting',
  spot: 'fence',
  fits: ({ line }) => line?.isSpent === true,
  targets: () => [{ attribute: 'check.battery', value: { is: 'full' } }],
  takes: ({ line }) => (line?.isCharged ? [] : [{ material: 'fence-battery', count: 1 }]),
  time: () => workTime(15),
  cautions: ['electric'],
};
