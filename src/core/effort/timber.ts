/** Through the timber that a wall stands on, where rot has made it soft. */
import { members } from '../place/possible';
import { groundLineOf } from '../place/ground-line';
import type { Bay } from '../place/place';
import type { Animal } from '../tables/animals';
import { timberClass, timberStates, type TimberState } from '../tables/timber';
import { memberAt, type Bound } from './bound';
import { compareMinutes, minutesOf, type EffortLevel } from './effort-level';
import { part } from './pass';
import type { PartEffort, TimberReason } from './reason';
import { gnawingWood } from './tear';

/** Soft timber is gnawed as worn boards are, rotten as failing ones. */
const gnawing: Readonly<Record<Exclude<TimberState, 'sound'>, EffortLevel>> = {
  soft: gnawingWood.worn,
  rotten: gnawingWood.failing,
};

/**
 * What breaks or gnaws it makes a hole as large as itself, below whatever the wall is covered with. `undefined` where no timber is spoken
 * of, and for what flies.
 */
export function timberEffort(bay: Bay, animal: Animal, bound: Bound): PartEffort | undefined {
  const timber = groundLineOf(bay, bound)?.timber;
  if (!timber || animal.flies) return undefined;
  const [minutes, reason] = memberAt(
    members(timber, timberStates),
    (state) => through(state, animal),
    ([a], [b]) => compareMinutes(a, b),
    bound,
  );
  return part(animal, bay.id, { attack: 'tear', minutes, reason }, 'ground.timber');
}

function through(state: TimberState, { tears }: Animal): readonly [number | null, TimberReason] {
  if (state === 'sound') return [null, { kind: 'timber', state, how: 'holds' }];
  const figure = timberClass[state];
  if (tears.breaks.value >= figure.value) {
    return [minutesOf('minutes'), { kind: 'timber', state, how: 'breaks', figure }];
  }
  return tears.gnaws
    ? [minutesOf(gnawing[state]), { kind: 'timber', state, how: 'gnaws', figure }]
    : [null, { kind: 'timber', state, how: 'holds', figure }];
}
