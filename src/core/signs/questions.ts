/** What is asked after a loss: what follows from the count is not asked, and what cannot have been found neither. */
import type { Place } from '../place/place';
import type { BirdKind } from '../tables/bird-kinds';
import type { FoundSigns, Sign } from '../records/found-signs';
import { signQuestions, type SignQuestion } from '../tables/signs';
import { inquiry } from '../tables/counting';

type Count = Pick<FoundSigns, 'gone' | 'dead' | 'hurt'>;

/** What the count says by itself. */
export function signsOfCount({ gone, dead, hurt }: Count, kind: BirdKind | undefined): Sign[] {
  if (kind === 'chicks') {
    return gone > 0 && dead === 0 ? [{ question: 'chicks', answer: 'gone' }] : [];
  }
  if (dead >= inquiry.manyDead.value) return [{ question: 'toll', answer: 'many-dead' }];
  if (dead > 0) return [{ question: 'toll', answer: 'few-dead' }];
  if (gone > 1) return [{ question: 'toll', answer: 'several-gone' }];
  if (gone === 1) return [{ question: 'toll', answer: 'one-gone' }];
  return hurt > 0 ? [{ question: 'toll', answer: 'none-taken' }] : [];
}

/** The kind of the birds it was; `undefined` where it is not known, or birds of several kinds are. */
export function kindOf({ flock }: Place, group: string | undefined): BirdKind | undefined {
  const groups = group === undefined ? flock : flock.filter(({ id }) => id === group);
  const kinds = new Set(groups.map(({ kind }) => kind));
  return kinds.size === 1 ? groups[0]?.kind : undefined;
}

/** Questions that can be asked of such a loss, in no order. */
export function questionsFor(count: Count, kind: BirdKind | undefined): SignQuestion[] {
  const isLeft = count.dead + count.hurt > 0;
  const isChicks = kind === 'chicks';
  return signQuestions.filter((question) => {
    if (question === 'toll') return false;
    if (question === 'chicks') return isChicks && count.dead > 0;
    if (question === 'body') return isLeft;
    if (question === 'trace') return count.gone > 0;
    return question !== 'eggs' || !isChicks;
  });
}
