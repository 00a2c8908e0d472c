/** The next weakest route: what an animal turns to once the item it comes by first is mended. */
import type { Bound } from '../effort/bound';
import type { PartEffort } from '../effort/reason';
import type { When } from '../effort/when';
import type { Place, ZoneId } from '../place/place';
import { partWeight } from '../effort/bay-effort';
import type { Animal } from '../tables/animals';
import { routesOf, type Route, type RouteStep } from './animal-routes';
import { chanceOf } from './chance';

/** The same bay by its next part, or another bay, whichever is lighter; `undefined` where nothing else lets it in. */
export function nextWeakest(
  place: Place,
  animal: Animal,
  bound: Bound,
  when: When,
  birdZones: readonly ZoneId[],
): Route | undefined {
  const [weakest, other] = routesOf(place, animal, bound, when, birdZones);
  const sameBay = weakest && bySecondPart(weakest, animal);
  if (!sameBay || !other) return sameBay ?? other;
  return sameBay.weight <= other.weight ? sameBay : other;
}

function bySecondPart(route: Route, animal: Animal): Route | undefined {
  const [first, ...rest] = route.steps;
  const [second, ...also] = first.also.filter((part) => !isSameSpot(part, first.by));
  if (!second) return undefined;
  const step: RouteStep = {
    ...first,
    minutes: second.minutes ?? 0,
    turnedBack: second.strand?.share ?? 0,
    by: second,
    also,
  };
  const steps: Route['steps'] = [step, ...rest];
  const weight = route.weight - partWeight(first.by, animal) + partWeight(second, animal);
  return {
    minutes: route.minutes - first.minutes + step.minutes,
    turnedBack: 1 - steps.reduce((past, it) => past * (1 - it.turnedBack), 1),
    weight,
    chance: chanceOf(weight),
    steps,
  };
}

/** Gap at rest and gap when pulled are one spot: one mend shuts both. */
function isSameSpot(a: PartEffort, b: PartEffort): boolean {
  const stem = (part: PartEffort) => part.attribute?.replace(/(Lifted|Pulled)$/, '');
  return a.item === b.item && stem(a) === stem(b);
}
