/** Candidates that no plan needs: they change nothing, or another at the same spot does all they do for no more money and work. */
import type { Choice } from './choice';
import type { Link, LinkState, Option, PlanProblem } from './problem';

/** Places of the candidates to be dropped, of those that `start` leaves open; what it bars takes the place of no other. Whatever plan is best with them, one as good is left without them. */
export function dominated(
  problem: PlanProblem,
  start: Choice,
  isNoDearer: (rival: number, mend: number) => boolean = cheaper(problem),
): Set<number> {
  const dropped = new Set<number>();
  const linksOf = problem.candidates.map((): Link[] => []);
  for (const { links } of problem.terms) {
    for (const link of links) for (const mend of link.mends) linksOf[mend]?.push(link);
  }
  problem.candidates.forEach((option, index) => {
    if (start[index] !== 0) return;
    const isIdle = (linksOf[index] as Link[]).every((link) => changesNothing(link, index));
    const isLesser = problem.candidates.some(
      (other, rival) =>
        rival !== index &&
        !dropped.has(rival) &&
        start[rival] === 0 &&
        option.excludes.includes(rival) &&
        isNoDearer(rival, index) &&
        isNoLonger(other, option, rival < index || !isNoDearer(index, rival)) &&
        excludesNoMore(other, option, rival, index) &&
        (linksOf[index] as Link[]).every((link) => doesAsMuch(link, rival, index)) &&
        (linksOf[rival] as Link[]).every((link) => doesNoHarm(link, rival)),
    );
    if (isIdle || isLesser) dropped.add(index);
  });
  return dropped;
}

const cheaper =
  ({ candidates }: PlanProblem) =>
  (rival: number, mend: number): boolean =>
    (candidates[rival] as Option).cents <= (candidates[mend] as Option).cents;

/** Of two that cost the same and take as long the first stays. */
function isNoLonger(other: Option, option: Option, isBefore: boolean): boolean {
  return other.minutes < option.minutes || (isBefore && other.minutes === option.minutes);
}

function excludesNoMore(other: Option, option: Option, rival: number, index: number): boolean {
  return other.excludes.every((it) => it === index || it === rival || option.excludes.includes(it));
}

function changesNothing({ mends, states }: Link, mend: number): boolean {
  const bit = 1 << mends.indexOf(mend);
  return states
    .filter(({ mask }) => (mask & bit) !== 0)
    .every((state) => {
      const without = states.find(({ mask }) => mask === (state.mask & ~bit));
      return without !== undefined && isNoBetter(state, without);
    });
}

function doesAsMuch({ mends, states }: Link, rival: number, mend: number): boolean {
  const [own, other] = [1 << mends.indexOf(mend), 1 << mends.indexOf(rival)];
  const isThere = mends.includes(rival);
  return states
    .filter(({ mask }) => (mask & own) !== 0)
    .every((state) => {
      const instead = (state.mask & ~own) | (isThere ? other : 0);
      const after = states.find(({ mask }) => mask === instead);
      return after !== undefined && isNoBetter(state, after);
    });
}

function doesNoHarm({ mends, states }: Link, mend: number): boolean {
  const bit = 1 << mends.indexOf(mend);
  return states
    .filter(({ mask }) => (mask & bit) !== 0)
    .every((state) => {
      const without = states.find(({ mask }) => mask === (state.mask & ~bit));
      return without === undefined || isNoBetter(without, state);
    });
}

/** By both measures: birds lost, and shutting out. */
function isNoBetter(a: LinkState, b: LinkState): boolean {
  const at = (value: number | null): number => value ?? Infinity;
  return at(a.weight) <= at(b.weight) + 1e-12 && at(a.minutes) <= at(b.minutes) + 1e-12;
}

/** The problem in which no plan has them; places stay as they are. */
export function without(problem: PlanProblem, dropped: ReadonlySet<number>): PlanProblem {
  return {
    ...problem,
    terms: problem.terms.map((term) => ({
      ...term,
      links: term.links.map((link) => withoutIn(link, dropped)),
    })),
  };
}

function withoutIn(link: Link, dropped: ReadonlySet<number>): Link {
  const bits = link.mends.map((mend, bit) => (dropped.has(mend) ? undefined : bit));
  const kept = bits.filter((bit) => bit !== undefined);
  if (kept.length === link.mends.length) return link;
  const gone = bits.reduce<number>(
    (mask, bit, at) => (bit === undefined ? mask | (1 << at) : mask),
    0,
  );
  return {
    ...link,
    mends: kept.map((bit) => link.mends[bit] as number),
    states: link.states
      .filter(({ mask }) => (mask & gone) === 0)
      .map((state) => ({
        ...state,
        mask: kept.reduce(
          (mask, bit, to) => (state.mask & (1 << bit) ? mask | (1 << to) : mask),
          0,
        ),
      })),
  };
}
