/** How far a term can be raised at best with what is left to spend: never less than any choice of mends really raises it. */
import { made, barred, maskOf, weightIn, type Choice, type Metric } from './choice';
import { distanceOf, insideOf, lightestWay, onward, type Inside } from './distance';
import { outsideEnd, type Link, type Option, type Term } from './problem';

/** Money (hundredths) and minutes still to be spent. */
export interface Left {
  readonly cents: number;
  readonly minutes: number;
}

/** How far the weight of a way in can be raised. */
export interface Reach {
  /** As chosen. */
  readonly now: number;
  /** No choice that can be paid for raises it further. */
  readonly most: number;
  /** The least work that raising it so far takes. */
  readonly work: number;
}

/** What a link may come to, and the least each of it takes from what is left, shared among the links that one mend serves. */
interface Way {
  readonly weight: number;
  readonly cents: number;
  readonly minutes: number;
}

/** What is chosen so far of what may be, and in which measure a way is long. */
export interface Chosen {
  readonly options: readonly Option[];
  readonly choice: Choice;
  readonly metric: Metric;
}

/** How far it is from each zone to the birds: as things are, and with all of them at their best. */
interface Ends {
  readonly now: Inside;
  readonly best: Inside;
}

/** How many of a term's links each mend serves, so that its price is never asked of them more than once in all. */
export type Served = ReadonlyMap<number, number>;

/** How many of a term’s links each mend serves. */
export function servedBy(term: Term): Served {
  const served = new Map<number, number>();
  for (const { mends } of term.links) {
    for (const mend of mends) served.set(mend, (served.get(mend) ?? 0) + 1);
  }
  return served;
}

/** The least that a term can lose by any set that the money and time left can pay for. */
export function reachOf(term: Term, served: Served, chosen: Chosen, left: Left): Reach {
  const ways = term.links.map((link) => waysOf(link, served, chosen, left));
  const now = ways.map(([as]) => (as as Way).weight);
  const best = ways.map((all) => all.reduce((most, { weight }) => Math.max(most, weight), 0));
  const inside = insideOf(term, now);
  const distance = distanceOf(term, now, inside);
  const asItIs = { now: distance, most: distance, work: 0 };
  if (distance === Infinity) return asItIs;
  // A way of which nothing can be raised stays.
  const isFast = lightestWay(term, now, inside).every(
    (index) => (best[index] as number) <= (now[index] as number),
  );
  if (isFast) return asItIs;
  const insideBest = insideOf(term, best);
  const top = distanceOf(term, best, insideBest);
  if (top <= distance) return asItIs;
  const ends = { now: inside, best: insideBest };
  const levels = levelsOf(term, ways, ends, { above: distance, top });
  // Whether a level can be paid for changes once, from yes to no.
  let [low, high] = [-1, levels.length - 1];
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    const level = levels[middle] as number;
    if (isWithin(leastFor(term, ways, ends, level), left)) low = middle;
    else high = middle - 1;
  }
  if (low < 0) return asItIs;
  const most = levels[low] as number;
  const { minutes } = leastFor(term, ways, ends, most);
  return { now: distance, most, work: minutes };
}

const noEnd: Left = { cents: Infinity, minutes: Infinity };

/** How far it is, and a lower bound of what raising it to a level takes; without end where nothing does. */
export function leastToReach(
  term: Term,
  served: Served,
  chosen: Chosen,
  level: number,
): { readonly now: number; readonly least: Left } {
  const ways = term.links.map((link) => waysOf(link, served, chosen, noEnd));
  const now = ways.map(([as]) => (as as Way).weight);
  const inside = insideOf(term, now);
  const distance = distanceOf(term, now, inside);
  if (distance >= level) return { now: distance, least: nothing };
  const best = ways.map((all) => all.reduce((most, { weight }) => Math.max(most, weight), 0));
  const insideBest = insideOf(term, best);
  if (distanceOf(term, best, insideBest) < level) return { now: distance, least: noEnd };
  const ends = { now: inside, best: insideBest };
  return { now: distance, least: leastFor(term, ways, ends, level) };
}

/** Links of the ways that no mend makes as long as this, with everything made: what has no mend. */
export function waysThatStay(term: Term, chosen: Chosen, level: number): Link[] {
  const served = servedBy(term);
  const best = term.links.map((link) =>
    waysOf(link, served, chosen, noEnd).reduce((most, { weight }) => Math.max(most, weight), 0),
  );
  const inside = insideOf(term, best);
  return term.links.filter(
    (link, index) =>
      link.from === outsideEnd && (best[index] as number) + onward(link, inside) < level,
  );
}

/** First as it is, then everything it may still become for what is left. */
function waysOf(
  link: Link,
  served: Served,
  { options, choice, metric }: Chosen,
  left: Left,
): Way[] {
  const { states, mends } = link;
  if (mends.length === 0) {
    return [{ weight: weightIn(states[0] as Link['states'][0], metric), cents: 0, minutes: 0 }];
  }
  const has = maskOf(link, choice, made);
  const may = maskOf(link, choice, barred);
  const ways: Way[] = [];
  for (const state of states) {
    if ((state.mask & has) !== has || (state.mask & may) !== 0) continue;
    const weight = weightIn(state, metric);
    if (state.mask === has) {
      ways.unshift({ weight, cents: 0, minutes: 0 });
      continue;
    }
    let [cents, minutes, wholeCents, wholeMinutes] = [0, 0, 0, 0];
    mends.forEach((mend, bit) => {
      if ((state.mask & ~has & (1 << bit)) === 0) return;
      const option = options[mend] as Option;
      const share = served.get(mend) ?? 1;
      cents += option.cents / share;
      minutes += option.minutes / share;
      wholeCents += option.cents;
      wholeMinutes += option.minutes;
    });
    if (wholeCents <= left.cents && wholeMinutes <= left.minutes) {
      ways.push({ weight, cents, minutes });
    }
  }
  return ways;
}

/** Every distance at which what has to be raised changes, above the one there is. */
function levelsOf(
  { links }: Term,
  ways: readonly (readonly Way[])[],
  ends: Ends,
  { above, top }: { readonly above: number; readonly top: number },
): number[] {
  const levels = new Set<number>([top]);
  links.forEach((link, index) => {
    if (link.from !== outsideEnd) return;
    const on = onward(link, ends.best);
    for (const { weight } of ways[index] as readonly Way[]) {
      for (const level of [weight + on, weight + onward(link, ends.now)]) {
        if (level > above && level < top) levels.add(level);
      }
    }
  });
  return [...levels].sort((a, b) => a - b);
}

const nothing: Left = { cents: 0, minutes: 0 };

/**
 * A lower bound of what raising the term to a level takes. Every outer link that is lighter with all that lies behind it at its
 * best has to be raised itself; one that is lighter as things are needs it, or something raised behind it.
 */
function leastFor(
  { links }: Term,
  ways: readonly (readonly Way[])[],
  ends: Ends,
  level: number,
): Left {
  let must = nothing;
  const either = new Map<number, Left>();
  let behind = noEnd;
  for (let index = 0; index < links.length; index += 1) {
    const link = links[index] as Link;
    const all = ways[index] as readonly Way[];
    const as = (all[0] as Way).weight;
    if (link.from !== outsideEnd) {
      behind = lesser(behind, cheapest(all, as, true));
      continue;
    }
    const on = onward(link, ends.best);
    if (as + onward(link, ends.now) >= level) continue;
    if (as + on < level) {
      must = added(must, cheapest(all, level - on, false));
      continue;
    }
    const alone = cheapest(all, level - onward(link, ends.now), false);
    either.set(link.to, added(either.get(link.to) ?? nothing, alone));
  }
  let extra = nothing;
  for (const own of either.values()) extra = greater(extra, lesser(own, behind));
  return added(must, extra);
}

/** Of the ways that come to so much (or to more, where `beyond`), the least money and the least time. */
function cheapest(ways: readonly Way[], needed: number, beyond: boolean): Left {
  let [cents, minutes] = [Infinity, Infinity];
  for (let index = 1; index < ways.length; index += 1) {
    const way = ways[index] as Way;
    if (beyond ? way.weight <= needed : way.weight < needed - 1e-12) continue;
    cents = Math.min(cents, way.cents);
    minutes = Math.min(minutes, way.minutes);
  }
  return { cents, minutes };
}

const added = (a: Left, b: Left): Left => ({
  cents: a.cents + b.cents,
  minutes: a.minutes + b.minutes,
});
const lesser = (a: Left, b: Left): Left => ({
  cents: Math.min(a.cents, b.cents),
  minutes: Math.min(a.minutes, b.minutes),
});
const greater = (a: Left, b: Left): Left => ({
  cents: Math.max(a.cents, b.cents),
  minutes: Math.max(a.minutes, b.minutes),
});

/** Sums of shares are off by what floating point makes of them. */
function isWithin(least: Left, left: Left): boolean {
  return least.cents <= left.cents + 1e-6 && least.minutes <= left.minutes + 1e-6;
}
