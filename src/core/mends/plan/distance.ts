/** The lightest way of one term from outside to the birds, links weighing what they are told to weigh. */
import { birdsEnd, outsideEnd, type Link, type Term } from './problem';

/** Weights of a term's links in their order; `Infinity` holds. */
export type Weights = ArrayLike<number>;

/** From every zone on to the birds. */
export interface Inside {
  /** `Infinity` where nothing leads there. */
  readonly distances: readonly number[];
  /** Place of the link that comes next; -1 where the birds are, or where nothing leads there. */
  readonly next: readonly number[];
}

/** A zone is entered from outside only once: out again and in elsewhere is that other way in. */
export function insideOf(term: Term, weights: Weights): Inside {
  const { zones, zone, links } = term;
  const distances = zones.map((it) => (it === zone ? 0 : Infinity));
  const next = zones.map(() => -1);
  const lower = (at: number, to: number, by: number): boolean => {
    if (to >= (distances[at] as number)) return false;
    distances[at] = to;
    next[at] = by;
    return true;
  };
  // A handful of zones: relaxing every link once for each is quicker than keeping a queue (Bellman 1958, recalled from memory).
  for (let round = 0; round < zones.length; round += 1) {
    let changed = false;
    for (let index = 0; index < links.length; index += 1) {
      const { from, to } = links[index] as Link;
      if (from === outsideEnd) continue;
      const weight = weights[index] as number;
      if (to === birdsEnd) {
        changed = lower(from, weight, index) || changed;
        continue;
      }
      changed = lower(from, weight + (distances[to] as number), index) || changed;
      changed = lower(to, weight + (distances[from] as number), index) || changed;
    }
    if (!changed) break;
  }
  return { distances, next };
}

/** All the way. */
export function distanceOf({ links }: Term, weights: Weights, inside: Inside): number {
  let least = Infinity;
  for (let index = 0; index < links.length; index += 1) {
    const link = links[index] as Link;
    if (link.from !== outsideEnd) continue;
    least = Math.min(least, (weights[index] as number) + onward(link, inside));
  }
  return least;
}

/** From behind an outer link to the birds. */
export function onward({ to }: Link, { distances }: Inside): number {
  return to === birdsEnd ? 0 : (distances[to] as number);
}

/** Places of the links along the lightest way; empty where there is none. */
export function lightestWay({ links }: Term, weights: Weights, inside: Inside): number[] {
  let first = -1;
  let least = Infinity;
  for (let index = 0; index < links.length; index += 1) {
    const link = links[index] as Link;
    if (link.from !== outsideEnd) continue;
    const all = (weights[index] as number) + onward(link, inside);
    if (all < least) [first, least] = [index, all];
  }
  if (first < 0) return [];
  const way = [first];
  let zone = (links[first] as Link).to;
  while (zone !== birdsEnd && (inside.next[zone] as number) >= 0) {
    const index = inside.next[zone] as number;
    const { from, to } = links[index] as Link;
    way.push(index);
    zone = from === zone ? to : from;
  }
  return way;
}
