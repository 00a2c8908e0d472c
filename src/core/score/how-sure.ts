/** How sure: how often the same item stays the weakest when the figures that are bands, and patience, are drawn again. */
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Place } from '../place/place';
import type { Walk } from '../records/walk';
import { animals, type Animal, type AnimalId } from '../tables/animals';
import { attemptSpread } from '../tables/attempting';
import { bandOf, type Figure } from '../tables/figure';
import { judge, type Circumstances, type Judgement } from './judge';
import { patienceSpread } from '../tables/counting';

/** How often each item came out weakest, figures drawn within their bands. */
export interface HowSure {
  readonly draws: number;
  /** The item by which most is lost as judged; `undefined` where nothing gets in. */
  readonly weakest: string | undefined;
  /** How often each item came out weakest, most often first; an item's share is count ÷ draws. */
  readonly counts: readonly { readonly item: string; readonly count: number }[];
}

/** How often to draw, and from which seed: the same seed gives the same answer. */
interface Drawing {
  readonly draws: number;
  readonly seed: number;
  /** Told after every draw; where it answers false, what was drawn so far is given. */
  readonly progress?: (done: number) => boolean;
}

/** Draws the tables’ figures within their bands and judges each time. */
export function howSure(
  place: Place,
  walks: readonly Walk[],
  circumstances: Circumstances,
  { draws, seed, progress = () => true }: Drawing,
): HowSure {
  const generator = xoroshiro128plus(seed);
  const random = () => uniformFloat64(generator);
  const counts = new Map<string, number>();
  let done = 0;
  while (done < draws) {
    const table = drawnTable(place.setting.lives, random);
    const item = weakestItem(judge(place, walks, { ...circumstances, table }));
    if (item !== undefined) counts.set(item, (counts.get(item) ?? 0) + 1);
    done += 1;
    if (!progress(done)) break;
  }
  return {
    draws: done,
    weakest: weakestItem(judge(place, walks, circumstances)),
    counts: [...counts]
      .map(([item, count]) => ({ item, count }))
      .sort((a, b) => b.count - a.count || a.item.localeCompare(b.item)),
  };
}

/** The first barrier of the way by which most is lost: ways in stand in that order. */
function weakestItem({ waysIn, slowWays }: Judgement): string | undefined {
  return (waysIn[0] ?? slowWays[0])?.by[0]?.route.steps[0].by.item;
}

function drawnTable(
  lives: readonly AnimalId[],
  random: () => number,
): Readonly<Record<AnimalId, Animal>> {
  const drawn = { ...animals };
  for (const id of lives) drawn[id] = drawnAnimal(animals[id], random);
  return drawn;
}

function drawnAnimal(animal: Animal, random: () => number): Animal {
  const exclusion = { ...animal.exclusion, used: drawnWithin(animal.exclusion.used, random) };
  const factor = patienceSpread.value ** (2 * random() - 1);
  const patience = { ...animal.patience, value: animal.patience.value * factor };
  // The share of visits that become tries is known no better than by times; drawn so.
  const { share } = animal.attempting;
  const times = attemptSpread ** (2 * random() - 1);
  const attempting = {
    ...animal.attempting,
    share: { ...share, value: Math.min(1, share.value * times) },
  };
  return { ...animal, exclusion, patience, attempting };
}

/** Evenly within its band. */
function drawnWithin(figure: Figure, random: () => number): Figure {
  const [low, high] = bandOf(figure);
  return { ...figure, value: low + (high - low) * random() };
}
