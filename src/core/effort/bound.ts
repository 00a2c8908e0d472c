/** The best and the worst member of a set of possible values, as the attribute's order has it. */
import { attributes, limitsOf, type AmountId, type ChoiceId } from '../attributes';
import type { Layer } from '../place/place';
import { bounds, members, type PossibleChoice, type PossibleAmount } from '../place/possible';
import { meshIds, type MeshId } from '../tables/meshes';

/** For the keeper: `best` takes every unread gap as shut, `worst` as wide open. */
export type Bound = 'best' | 'worst';

/** One end of a length, as the attribute's order has it. */
export function lengthAt(
  possible: PossibleAmount | undefined,
  attribute: AmountId,
  bound: Bound,
): number {
  const [low, high] = bounds(possible, limitsOf(attribute));
  const { better } = attributes[attribute];
  if (better === 'none') throw new Error(`${attribute} has no order of its own`);
  return (bound === 'best') === (better === 'less') ? low : high;
}

/** One end of an ordered choice. */
export function choiceAt<T extends string>(
  possible: PossibleChoice<T> | undefined,
  attribute: ChoiceId,
  all: readonly T[],
  bound: Bound,
): T {
  if (possible !== undefined && 'is' in possible) return possible.is;
  const { better } = attributes[attribute];
  if (typeof better === 'string') throw new Error(`${attribute} has no order of its own`);
  const ordered = better.filter((it) => members(possible, all).includes(it as T)) as T[];
  const end = bound === 'best' ? ordered[0] : ordered[ordered.length - 1];
  if (end === undefined) throw new Error(`${attribute} can be nothing`);
  return end;
}

/**
 * Of what each member of a choice without an order would give, the keeper's best or worst. `better` says by how much a
 * result is the better one: above 0 where the first is.
 */
export function memberAt<T, R>(
  all: readonly T[],
  result: (member: T) => R,
  better: (a: R, b: R) => number,
  bound: Bound,
): R {
  const [first, ...rest] = all;
  if (first === undefined) throw new Error('a choice with no members');
  const sign = bound === 'best' ? 1 : -1;
  return rest.reduce((kept, member) => {
    const next = result(member);
    return sign * better(next, kept) > 0 ? next : kept;
  }, result(first));
}

const meshOrNone: readonly (MeshId | 'none')[] = [...meshIds, 'none'];

/** Kinds of mesh a layer may be. */
export function meshMembers(mesh: Layer['mesh'] | undefined): readonly (MeshId | 'none')[] {
  return members(mesh, meshOrNone);
}
