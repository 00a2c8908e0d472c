/** Lift or tip: does this animal raise the edge of a light frame? */
import { members } from '../place/possible';
import { groundLineOf } from '../place/ground-line';
import type { Bay } from '../place/place';
import type { Animal } from '../tables/animals';
import { soilFigures, soils } from '../tables/soils';
import { lengthAt, memberAt, type Bound } from './bound';
import { part } from './pass';
import type { LiftReason, PartEffort } from './reason';
import { compareMinutes, minutesOf, type EffortLevel } from './effort-level';

/** m/s² */
const gravity = 9.81;

/**
 * Half of a frame's weight hangs on an edge lifted while the other stays down (statics). Stronger than that, it is up in
 * minutes; with half of it, the frame racks and shifts in an hour (assumption of ours). Pegs long enough for the ground hold.
 * `undefined` where posts are set.
 */
export function liftEffort(bay: Bay, animal: Animal, bound: Bound): PartEffort | undefined {
  const ground = groundLineOf(bay, bound);
  if (!ground?.weight || animal.flies) return undefined;
  const weight = lengthAt(ground.weight, 'ground.weight', bound);
  const pegs = lengthAt(ground.pegs, 'ground.pegs', bound);
  const needs = (weight * gravity) / 2;
  const { force } = animal.dexterity;
  const [minutes, reason] = memberAt(
    members(ground.soil, soils),
    (soil): readonly [number | null, LiftReason] => {
      const { pegsHoldFrom } = soilFigures[soil];
      const isPegged = pegsHoldFrom !== undefined && pegs >= pegsHoldFrom.value;
      return [
        minutesOf(isPegged ? 'holds' : rungOfForce(force.value, needs)),
        { kind: 'lift', weight, needs, force, pegs, ...(pegsHoldFrom && { pegsHoldFrom }), soil },
      ];
    },
    ([a], [b]) => compareMinutes(a, b),
    bound,
  );
  return part(animal, bay.id, { attack: 'lift', minutes, reason }, 'ground.weight');
}

function rungOfForce(force: number, needs: number): EffortLevel {
  if (force >= needs) return 'minutes';
  return force >= needs / 2 ? 'hour' : 'holds';
}
