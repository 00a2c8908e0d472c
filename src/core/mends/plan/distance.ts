/** The lightest way of one term from outside to the birds, links weighing what they are told to weigh. */
import { birdsEnd, outsideEnd, type Link, type Term } from './problem';

/** Weights of a term's links in their order; `Infinity` holds. */
export type Weights = ArrayLike<number>;

/** From every zone on to the birds; `Infinity` where nothing leads there. A zone is entered from outside only once. */
export function distancesInside(term: Term, weights: Weights): number[] {
  const { zones, zone, links } = term;
  const distances = zones.map((it) => (it === zone ? 0 : Infinity));
  // A handful of zones: relaxing every link once for each is quicker than keeping a queue (Bellman 1958, recalled from memory).
  for (let round = 0; round < zones.length; round += 1) {
    let changed = false;
    for (let index = 0; index < links.length; index += 1) {
      const { from, to } = links[index] as Link;
      if (from === outsideEnd) continue;
      const weight = weights[index] as number;
      if (to === birdsEnd) {
        changed = lower(distances, from, weight) || changed;
        continue;
      }
      changed = lower(distances, from, weight + (distances[to] as number)) || changed;
      changed = lower(distances, to, weight + (distances[from] as number)) || changed;
    }
    if (!changed) break;
  }
  return distances;
}

function lower(distances: number[], zone: number, to: number): boolean {
  if (to >= (distances[zone] as number)) return false;
  distances[zone] = to;
  return true;
}

/** All the way. */
export function distanceOf(term: Term, weights: Weights, inside: readonly number[]): number {
  let least = Infinity;
  term.links.forEach((link, index) => {
    if (link.from !== outsideEnd) return;
    least = Math.min(least, (weights[index] as number) + onward(link, inside));
  });
  return least;
}

/** From behind an outer link to the birds. */
export function onward({ to }: Link, inside: readonly number[]): number {
  return to === birdsEnd ? 0 : (inside[to] as number);
}

/** Places of the links along the lightest way; empty where there is none. */
export function lightestWay(term: Term, weights: Weights, inside: readonly number[]): number[] {
  let first = -1;
  let least = Infinity;
  term.links.forEach((link, index) => {
    if (link.from !== outsideEnd) return;
    const through = (weights[index] as number) + onward(link, inside);
    if (through < least) [first, least] = [index, through];
  });
  if (first < 0) return [];
  const way = [first];
  let zone = (term.links[first] as Link).to;
  while (zone !== birdsEnd && (inside[zone] as number) > 0) {
    const next = nextLink(term, weights, inside, zone, way);
    if (!next) break;
    way.push(next.index);
    zone = next.to;
  }
  return way;
}

function nextLink(
  { links }: Term,
  weights: Weights,
  inside: readonly number[],
  zone: number,
  gone: readonly number[],
): { readonly index: number; readonly to: number } | undefined {
  let best: { index: number; to: number } | undefined;
  let least = Infinity;
  links.forEach(({ from, to }, index) => {
    if (from === outsideEnd || gone.includes(index)) return;
    const other = from === zone ? to : to === zone ? from : undefined;
    if (other === undefined) return;
    const rest = (weights[index] as number) + (other === birdsEnd ? 0 : (inside[other] as number));
    if (rest < least) [best, least] = [{ index, to: other }, rest];
  });
  return best;
}
