/** Off its hinges: does this animal draw a door off screws that are loose? */
import type { Opening } from '../place/place';
import { swings } from '../place/opening-moves';
import type { Animal } from '../tables/animals';
import { hingeStates, looseHinge } from '../tables/hinges';
import { choiceAt, type Bound } from './bound';
import { minutesOf } from './effort-level';
import { part } from './pass';
import type { PartEffort } from './reason';

/** `undefined` where the door does not swing, or its hinges are tight. Nothing that flies pulls at a door. */
export function hingeEffort(
  opening: Opening,
  animal: Animal,
  bound: Bound,
): PartEffort | undefined {
  if (animal.flies || !swings(opening)) return undefined;
  if (choiceAt(opening.hinges, 'opening.hinges', hingeStates, bound) === 'tight') return undefined;
  const { force } = animal.dexterity;
  const gives = force.value > looseHinge.value;
  return part(
    animal,
    opening.id,
    {
      attack: 'tear',
      minutes: gives ? minutesOf('minutes') : null,
      reason: { kind: 'hinges', force, gives: looseHinge },
    },
    'opening.hinges',
  );
}
