/** Names that cameras give to what they saw, as animals of the tables. */
import type { Place } from '../place/place';
import { animalIds } from '../tables/animals';
import type { SeenByCamera } from './device-reading';

const nothing = /^(nothing|none|empty|blank|no (animal|detection)s?|false( trigger)?|-)$/i;
const unknown = /^(unknown|animal|other|unidentified|wildlife|mammal|bird|\?)$/i;

/**
 * An animal of the tables, by its whole name or by its last word ("fox") where only one that is reckoned with here, or only one at all,
 * has it. `undefined`: no name of anything that the tables know.
 */
export function seenIn(
  text: string,
  { setting }: Pick<Place, 'setting'>,
): SeenByCamera | undefined {
  const told = text.trim().toLowerCase();
  if (told === '') return undefined;
  if (nothing.test(told)) return 'nothing';
  if (unknown.test(told)) return 'unknown';
  const name = told.replace(/[^a-z]+/g, '-').replace(/^-|-$/g, '');
  const whole = animalIds.find((id) => id === name);
  if (whole) return whole;
  const isCalled = (id: string) => id.endsWith(`-${name}`) || id.startsWith(`${name}-`);
  for (const among of [setting.lives, animalIds]) {
    const called = among.filter(isCalled);
    if (called.length === 1) return called[0];
    // Several of the name live here: it was one of them, and nobody knows which.
    if (called.length > 1) return 'unknown';
  }
  return undefined;
}
