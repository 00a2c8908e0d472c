/** Who it was, by which way, as far as what was found tells; what to ask next; and where to look, in order. */
import type { BayId } from '../place/place';
import type { Sign } from '../records/found-signs';
import type { Culprit } from '../records/sighting';
import type { SignQuestion } from '../tables/signs';
import { byCulprit, nextQuestion, posterior } from './posterior';
import { lastAnswers, likelihood, type Suspicion, type WayBy } from './suspicion';
import { inquiry as limits } from '../tables/counting';

/** One culprit, with what speaks for and against it. */
export interface Ranked {
  readonly culprit: Culprit;
  readonly share: number;
  readonly speaksFor: readonly Sign[];
  readonly speaksAgainst: readonly Sign[];
}

/** A culprit by a way. `way` absent: by none that is known, or in the open. */
export interface RankedWay {
  readonly culprit: Culprit;
  readonly way?: WayBy;
  readonly isInTheOpen: boolean;
  readonly share: number;
}

/** As far as it is known. */
export interface Inquiry {
  /** Likeliest first. */
  readonly who: readonly Ranked[];
  readonly ways: readonly RankedWay[];
  /** Outermost bays in the order in which to look at them. */
  readonly look: readonly BayId[];
  /** What to ask next; `undefined` where nothing tells enough more. */
  readonly next: SignQuestion | undefined;
}

/** `open`: questions that were neither answered nor passed over. */
export function inquire(
  suspicions: readonly Suspicion[],
  signs: readonly Sign[],
  open: readonly SignQuestion[],
): Inquiry {
  const shares = posterior(suspicions, signs);
  const who = [...byCulprit(suspicions, shares)].sort(([, a], [, b]) => b - a);
  return {
    who: who.map(([culprit, share]) => ({ culprit, share, ...spoken(suspicions, signs, culprit) })),
    ways: waysOf(suspicions, shares),
    look: lookOrder(suspicions, shares),
    next: nextQuestion(suspicions, signs, open),
  };
}

function spoken(
  suspicions: readonly Suspicion[],
  signs: readonly Sign[],
  culprit: Culprit,
): Pick<Ranked, 'speaksFor' | 'speaksAgainst'> {
  const own = suspicions.filter((it) => it.culprit === culprit);
  const ratio = (sign: Sign): number => meanOf(own, sign) / meanOf(suspicions, sign);
  const answers = lastAnswers(signs);
  return {
    speaksFor: answers.filter((sign) => ratio(sign) >= limits.speaks.value),
    speaksAgainst: answers.filter((sign) => ratio(sign) <= 1 / limits.speaks.value),
  };
}

/** Chance of a sign among several things that may have happened, each by its prior. */
function meanOf(suspicions: readonly Suspicion[], sign: Sign): number {
  const all = suspicions.reduce((sum, { prior }) => sum + prior, 0);
  return suspicions.reduce((sum, it) => sum + (it.prior / all) * likelihood(it, sign), 0);
}

function waysOf(suspicions: readonly Suspicion[], shares: readonly number[]): RankedWay[] {
  const byWay = new Map<string, RankedWay>();
  suspicions.forEach(({ culprit, way, isInTheOpen = false }, index) => {
    const key = `${culprit} ${way?.bay ?? ''} ${isInTheOpen}`;
    const known = byWay.get(key);
    const share = (known?.share ?? 0) + (shares[index] ?? 0);
    byWay.set(key, {
      culprit,
      isInTheOpen,
      share,
      ...((known?.way ?? way) ? { way: known?.way ?? way } : {}),
    } as RankedWay);
  });
  return [...byWay.values()].sort((a, b) => b.share - a.share);
}

function lookOrder(suspicions: readonly Suspicion[], shares: readonly number[]): BayId[] {
  const byBay = new Map<BayId, number>();
  suspicions.forEach(({ way }, index) => {
    if (way) byBay.set(way.bay, (byBay.get(way.bay) ?? 0) + (shares[index] ?? 0));
  });
  return [...byBay].sort(([, a], [, b]) => b - a).map(([bay]) => bay);
}
