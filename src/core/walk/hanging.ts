/**
 * Readings that the answer hangs on: a look is not enough for them. Those by which a way leads, those so near a figure that a little more
 * would change it, and those of what is due to be looked at for its age.
 */
import { attributes } from '../attributes';
import { isKnown } from '../place/possible';
import type { Place } from '../place/place';
import { attributeKey } from '../records/apply-readings';
import type { WayIn } from '../routes/ways-in';
import type { Ageing } from '../rounds/ageing';
import { animals } from '../tables/animals';
import type { Question } from './questions';

/** What of a judgement decides. */
interface Judged {
  readonly waysIn: readonly WayIn[];
  readonly slowWays: readonly WayIn[];
}

/** A reading this near a figure, as a share of it, may be on the other side of it today (assumption of ours). */
const near = 0.1;

/** Tells of a question whether its reading must be taken anew. `due`: what has grown old, and is to be looked at. */
export function hangingOn(
  place: Place,
  judged: readonly Judged[],
  due: readonly Ageing[],
): (question: Question) => boolean {
  const decides = new Set(
    judged
      .flatMap(({ waysIn, slowWays }) => [...waysIn, ...slowWays])
      .flatMap(({ by }) => by)
      .flatMap(({ route }) => route.steps)
      .flatMap(({ by }) => (by.attribute ? [attributeKey(by.item, by.attribute)] : [])),
  );
  const old = new Map(
    due.flatMap((it) => [it.bay, ...it.items].map((item) => [item, it] as const)),
  );
  return (question) => {
    const { item, attribute } = question;
    if (!attributes[attribute].isJudged) return false;
    const age = old.get(item);
    return (
      decides.has(attributeKey(item, attribute)) ||
      isNearFigure(place, question) ||
      (age !== undefined && attributes[attribute].looksAt.includes(age.kind))
    );
  };
}

/** Just under the opening that shuts one of those that live here out. */
function isNearFigure({ setting }: Place, { attribute, known }: Question): boolean {
  const { bears } = attributes[attribute];
  if ((bears !== 'slot' && bears !== 'hole') || !isKnown<number>(known)) return false;
  const { is: value } = known;
  if (typeof value !== 'number' || value === 0) return false;
  return setting.lives.some((id) => {
    const { used } = animals[id].exclusion;
    return value > used.value * (1 - near) && value <= used.value * (1 + near);
  });
}
