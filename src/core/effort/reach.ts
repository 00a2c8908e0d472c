/** Reach: does a paw, muzzle or beak take a bird through the cover, or a bird put its own head out? */
import type { AmountId, AttributeId } from '../attributes';
import type { Bay, ItemId, Layer, Opening } from '../place/place';
import { groundLineOf } from '../place/ground-line';
import { coverOf, isFixed } from '../place/opening-cover';
import { isWithin } from '../place/year-span';
import type { Animal } from '../tables/animals';
import type { ReachOpening } from '../tables/reaching';
import { heightOf, outOfReach } from './access';
import { clearOpening } from './as-measured';
import { lengthAt, type Bound } from './bound';
import { doorwayOf, opensByHand, standsOpen } from './doors';
import { isBareBand, isNone } from './layers';
import { openEffort } from './open';
import { part, walksThrough } from './pass';
import type { PartEffort, Reason, Verdict } from './reason';
import { addMinutes, compareMinutes, minutesOf } from './effort-level';
import type { When } from './when';
import { birdHeight } from '../tables/counting';

interface Gap {
  readonly item: ItemId;
  /** What is read of it; absent where it stands open. */
  readonly attribute?: AttributeId | undefined;
  readonly clear: number;
  /** Minutes of getting it open; none where it is. */
  readonly opened: number;
  /** Why it is open at all, where there is a door in it. */
  readonly why?: Reason;
}

/**
 * By which gap of the bay birds are soonest within reach, of equal ones the widest. At roost the distance from cover is read; about the
 * run a bird may stand against any cover below its own height. `undefined` where the animal reaches for nothing or nothing is near.
 */
export function reachEffort(
  bay: Bay,
  animal: Animal,
  bound: Bound,
  when: When,
): PartEffort | undefined {
  return reachEfforts(bay, animal, bound, when)[0];
}

/** The soonest, and behind it what else of the wall and its doors is reached through: the line may cross one and not the other. */
export function reachEfforts(bay: Bay, animal: Animal, bound: Bound, when: When): PartEffort[] {
  const { reaches } = animal;
  if (!reaches || bay.bands.length === 0) return [];
  const distance = when.birds === 'about' ? 0 : lengthAt(bay.roost, 'bay.roost', bound);
  if (distance > reaches.length.value) return [];
  const [first, ...rest] = gapsNear(bay, animal, bound, when)
    .map((own) => soonestOf(own, reaches.opening))
    .filter((it) => it !== undefined)
    .sort(compareReached);
  if (!first) return [];
  const reasonOf = ({ gap, verdict, minutes }: Reached): Reason =>
    (minutes === null ? undefined : gap.why) ?? {
      kind: 'reach',
      opening: gap.clear,
      used: reaches.opening.used,
      strict: reaches.opening.strict,
      verdict,
      birds: when.birds,
      distance,
      length: reaches.length,
    };
  return [first, ...rest.filter(({ minutes }) => minutes !== null)].map((it) => {
    const { gap, minutes } = it;
    return part(
      animal,
      gap.item,
      { attack: 'reach', minutes, reason: reasonOf(it) },
      gap.attribute,
    );
  });
}

/** A gap as far as an animal reaches through it. */
interface Reached {
  readonly gap: Gap;
  readonly verdict: Verdict;
  readonly minutes: number | null;
}

function soonestOf(gaps: readonly Gap[], opening: ReachOpening): Reached | undefined {
  let soonest: Reached | undefined;
  for (const gap of gaps) {
    const verdict = reachVerdict(gap.clear, opening);
    const reached = minutesOf(verdict === 'passes' ? 'minutes' : 'holds');
    const it = { gap, verdict, minutes: addMinutes(gap.opened, reached) };
    if (!soonest || compareReached(it, soonest) < 0) soonest = it;
  }
  return soonest;
}

/** The sooner first, of equal ones the wider. */
const compareReached = (a: Reached, b: Reached): number =>
  compareMinutes(a.minutes, b.minutes) || b.gap.clear - a.gap.clear;

/** Whether a paw, muzzle or beak goes through an opening so wide, mm. */
function reachVerdict(clear: number, { used, strict, passesAtFigure }: ReachOpening): Verdict {
  if (clear > used.value || (passesAtFigure && clear === used.value)) return 'passes';
  return clear > strict.value ? 'in-doubt' : 'stopped';
}

/** Gaps of the wall itself, then those of each of its openings. */
function gapsNear(bay: Bay, animal: Animal, bound: Bound, when: When): Gap[][] {
  const isNear = (up: number): boolean =>
    (when.birds === 'at-roost' || up < birdHeight.value) && !outOfReach(animal, up, bay, bound);
  const bands = bay.bands
    .filter((band) => !isBareBand(band) && isNear(band.from))
    .map((band) => finestOf(band.layers, bound, when.date));
  // Where all of its cover is overhead, so are its holes.
  const own = bands.length > 0 ? ownGaps(bay, bound) : [];
  const openings = bay.openings
    .filter((it) => isNear(heightOf(it, bay)))
    .map((it) => openingGaps(it, animal, bound, when));
  return [[...bands, ...own], ...openings];
}

function ownGaps(bay: Bay, bound: Bound): Gap[] {
  const gap = (attribute: AmountId, possible: Bay['largestHole']): Gap => ({
    item: bay.id,
    attribute,
    clear: lengthAt(possible, attribute, bound),
    opened: 0,
  });
  const ground = groundLineOf(bay, bound);
  return [
    gap('bay.largestHole', bay.largestHole),
    ...(ground ? [gap('ground.gap', ground.gap)] : []),
  ];
}

function openingGaps(opening: Opening, animal: Animal, bound: Bound, when: When): Gap[] {
  const doorway = doorwayOf(opening);
  const bare: Gap = { item: opening.id, clear: doorway.short, opened: 0 };
  // Whoever walks in does not stay outside for a paw's length.
  const follows = walksThrough(animal, doorway);
  if (standsOpen(opening, when.doors)) {
    const why = { kind: 'stands-open', habit: opening.habit, doors: when.doors } as const;
    return follows ? [] : [{ ...bare, why }];
  }
  const there = coverOf(opening).filter((layer) => !isNone(layer));
  const round = { ...bare, attribute: 'opening.gap' } as const;
  const cover = there.length > 0 ? finestOf(there, bound, when.date) : undefined;
  if (isFixed(opening)) return [cover ?? round];
  const shut = [cover ?? bare, { ...round, clear: lengthAt(opening.gap, 'opening.gap', bound) }];
  if (follows || !opensByHand(opening)) return shut;
  const { minutes, item, attribute, reason } = openEffort(opening, animal, bound, when.doors);
  if (minutes === null) return shut;
  return [...shut, { ...bare, item, attribute, opened: minutes, why: reason }];
}

/** Every layer must let it through: the finest decides. */
function finestOf(layers: readonly Layer[], bound: Bound, date: string | undefined): Gap {
  const all = layers.map((layer): Gap => ({
    item: layer.id,
    attribute: 'layer.clear',
    clear: isWithin(layer.on, date)
      ? clearOpening(layer, bound)
      : clearOpening({ ...layer, mesh: { is: 'none' } }, bound),
    opened: 0,
  }));
  return all.reduce((kept, it) => (it.clear < kept.clear ? it : kept));
}
