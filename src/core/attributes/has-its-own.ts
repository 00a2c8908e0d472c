/** Whether fixing or state of a layer is asked of it apart from the wall around it. */
import { isKnown, type PossibleChoice } from '../place/possible';
import type { Circumstances } from './attribute';

/**
 * Of whatever opens; of what is fixed, and of the wall's own layers, where the place says that they have one: it is judged by then,
 * so that what nobody has read of it must be asked. A wall's layer that is read is looked at with its wall.
 */
export function hasItsOwn(
  value: PossibleChoice<string> | undefined,
  opening: Circumstances['opening'],
): boolean {
  if (opening && !opening.isFixed) return true;
  return value !== undefined && (opening !== undefined || !isKnown(value));
}
