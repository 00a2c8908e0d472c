/** One animal in one scenario: its routes to the birds it takes, and what they come to for each group. */
import type { When } from '../effort/when';
import { answersBy, getOrMake } from '../memo';
import { outside, type Group, type Place, type ZoneId } from '../place/place';
import { faceRoutesOf, weakestOf, type FaceRoutes, type Route } from '../routes/animal-routes';
import type { Animal, AnimalId } from '../tables/animals';
import type { Coming } from './coming';
import { damageOf } from './damage';
import { hold } from './hold';
import {
  presenceOf,
  shareOfVisits,
  type Presence,
  type Scenario,
  type Whereabouts,
} from './scenario';

/** Two ends: every unread gap shut, and every unread gap wide open. They meet when all is read. */
export interface Range {
  readonly best: number | null;
  readonly worst: number | null;
}

/** Chance at both ends of what is unread, 0 to 1. */
export interface ChanceRange {
  readonly best: number;
  readonly worst: number;
}

/** An animal's threat to one group of birds. */
export interface GroupThreat {
  readonly group: string;
  readonly zone: ZoneId;
  readonly exposure: number;
  /** Share of what one visit takes there that falls to this group. */
  readonly share: number;
  /** Birds by one visit that gets in. */
  readonly damage: number;
  /** Tries in the scenario's hours × exposure × damage: what the hold weighs it by. */
  readonly weight: number;
  readonly chance: ChanceRange;
}

/** One animal in one scenario; minutes, visits a day. */
export interface AnimalJudgement {
  readonly animal: AnimalId;
  readonly presence: Presence;
  /** Visits in the scenario's hours of one day. */
  readonly visits: number;
  /** Tries at the birds in the same hours: the share of those visits that becomes one. */
  readonly tries: number;
  /** Lightest route that is sure from what was read; `undefined` where none is. */
  readonly route: Route | undefined;
  /** Minutes along the weakest route to birds it takes; `null` holds. 0 where birds are in the open. */
  readonly minutes: Range;
  readonly chance: ChanceRange;
  /** Minutes to eggs, of one that takes no birds here; absent for any other. */
  readonly eggs?: Range;
  readonly groups: readonly GroupThreat[];
}

/** The judgement with all its routes, by each outermost bay. */
export interface AnimalRoutes {
  readonly judgement: AnimalJudgement;
  readonly best: readonly FaceRoutes[];
  readonly worst: readonly FaceRoutes[];
  /** Routes to eggs, of one that takes no birds here: ways in of their own, never counted with the others. */
  readonly toEggs: readonly FaceRoutes[];
}

/** The hours that are judged: which, how doors stand in them, and where the birds are. */
interface Hours {
  readonly scenario: Scenario;
  readonly when: When;
  readonly birds: readonly Whereabouts[];
}

/** One animal in a scenario: minutes and chance at both ends, by group of birds, and its weakest route. */
export function judgeAnimal(
  place: Place,
  animal: Animal,
  coming: Coming,
  { scenario, when, birds }: Hours,
): AnimalRoutes {
  const presence = presenceOf(place, animal, scenario, when.date);
  const isAbout = presence === 'about';
  const usual = coming.visits * shareOfVisits(place, animal, scenario, when.date);
  const visits = usual * coming.shy;
  const taken = takenBy(animal, scenario, birds);
  // What comes for eggs or feed alone is no way in's animal.
  const zones = [...new Set(taken.filter(({ damage }) => damage > 0).map(({ zone }) => zone))];
  const to = isAbout ? routesTo(place, animal, when, zones) : undefined;
  const groups = taken.map(({ group, zone, exposure, share, damage }): GroupThreat => ({
    group: group.id,
    zone,
    exposure,
    share,
    damage,
    weight: usual * coming.trying * exposure * damage,
    chance:
      zone === outside && !isHadOutside(animal, group, when) ? never : (to?.chance(zone) ?? never),
  }));
  const eggs = isAbout && zones.length === 0 ? routesToEggs(place, animal, when, taken) : undefined;
  const inTheOpen =
    isAbout &&
    taken.some(
      ({ group, zone, damage }) =>
        damage > 0 && zone === outside && isHadOutside(animal, group, when),
    );
  const [best, worst] = [to?.weakest.best, to?.weakest.worst];
  return {
    judgement: {
      animal: animal.id,
      presence,
      visits,
      tries: visits * coming.trying,
      route: best,
      minutes: inTheOpen
        ? { best: 0, worst: 0 }
        : { best: best?.minutes ?? null, worst: worst?.minutes ?? null },
      chance: inTheOpen ? surely : { best: best?.chance ?? 0, worst: worst?.chance ?? 0 },
      ...(eggs && { eggs: eggs.minutes }),
      groups,
    },
    toEggs: eggs?.best ?? [],
    best: to?.all.best ?? [],
    worst: to?.all.worst ?? [],
  };
}

/** To where hens lay, for what comes for eggs and takes none of the birds; `undefined` where nothing is laid. */
function routesToEggs(place: Place, animal: Animal, when: When, birds: readonly Whereabouts[]) {
  const laid = birds.filter(({ group, zone }) => group.kind !== 'chicks' && zone !== outside);
  const zones = [...new Set(laid.map(({ zone }) => zone))];
  if (animal.taking.eggs.value === 0 || zones.length === 0) return undefined;
  const best = faceRoutesOf(place, animal, 'best', when, zones);
  const worst = faceRoutesOf(place, animal, 'worst', when, zones);
  const minutes: Range = {
    best: weakestOf(best)?.minutes ?? null,
    worst: weakestOf(worst)?.minutes ?? null,
  };
  return { best, minutes };
}

/**
 * Whether an animal has birds that are outside. Grown hens and their like sleep in a tree, where what climbs or flies gets at them
 * (common practice); ducks, chicks and sitting hens sleep on the ground.
 */
export function isHadOutside(
  { flies, climbs }: Animal,
  { kind }: Group,
  { birds }: Pick<When, 'birds'>,
): boolean {
  return (
    birds === 'about' || onTheGround.includes(kind) || flies === true || climbs.wood === 'well'
  );
}
const onTheGround: readonly Group['kind'][] = ['ducks', 'chicks', 'sitting'];

/** A group that an animal comes for: the share that falls to it, and what one visit that gets in takes of it. */
export interface Taken extends Whereabouts {
  readonly share: number;
  readonly damage: number;
}

const lastTaken = answersBy<readonly Whereabouts[], WeakMap<Animal, LastTaken>>();
interface LastTaken {
  readonly scenario: Scenario;
  readonly taken: readonly Taken[];
}

/** What one visit that gets in takes of each group it comes for; of the same birds in the same scenario the same. */
export function takenBy(
  animal: Animal,
  scenario: Scenario,
  birds: readonly Whereabouts[],
): readonly Taken[] {
  const byAnimal = getOrMake(lastTaken, birds, () => new WeakMap<Animal, LastTaken>());
  const last = byAnimal.get(animal);
  if (last?.scenario === scenario) return last.taken;
  const taken = takenOf(animal, scenario, birds);
  byAnimal.set(animal, { scenario, taken });
  return taken;
}

function takenOf(animal: Animal, scenario: Scenario, birds: readonly Whereabouts[]): Taken[] {
  const wanted = birds.filter(({ group }) => comesFor(animal, group));
  return wanted.map((it) => {
    const share = shareIn(wanted, it, animal);
    return { ...it, share, damage: damageOf(animal, it.group, share, scenario) };
  });
}

/** Birds of that kind, eggs or feed: anything of the group's. */
function comesFor({ taking }: Animal, group: Group): boolean {
  return taking[group.kind].value > 0 || taking.eggs.value > 0 || taking.feed;
}

/** Groups that stand together share what one visit takes by their numbers, as far as the animal wants them alike. */
function shareIn(birds: readonly Whereabouts[], one: Whereabouts, { taking }: Animal): number {
  const takes = ({ group }: Whereabouts): boolean => taking[group.kind].value > 0;
  const alike = birds.filter((it) => it.zone === one.zone && takes(it) === takes(one));
  return one.group.count / alike.reduce((sum, { group }) => sum + group.count, 0);
}

const never: ChanceRange = { best: 0, worst: 0 };
const surely: ChanceRange = { best: 1, worst: 1 };

/** Routes to the nearest birds, and the chance of getting to those of each zone. */
function routesTo(place: Place, animal: Animal, when: When, zones: readonly ZoneId[]) {
  const inside = zones.filter((zone) => zone !== outside);
  const both = (goals: readonly ZoneId[]) => ({
    best: faceRoutesOf(place, animal, 'best', when, goals),
    worst: faceRoutesOf(place, animal, 'worst', when, goals),
  });
  const weakestIn = (routes: ReturnType<typeof both>) => ({
    best: weakestOf(routes.best),
    worst: weakestOf(routes.worst),
  });
  const all = both(inside);
  const weakest = weakestIn(all);
  const chance = (zone: ZoneId): ChanceRange => {
    if (zone === outside) return surely;
    const { best, worst } =
      inside.length === 1 && inside[0] === zone ? weakest : weakestIn(both([zone]));
    return { best: best?.chance ?? 0, worst: worst?.chance ?? 0 };
  };
  return { all, weakest, chance };
}

/** The hold of these animals, with all that is unread at one of its ends. */
export function holdAt(judged: readonly AnimalRoutes[], end: keyof Range): number | null {
  return hold(
    judged.flatMap(({ judgement }) =>
      judgement.groups.map(({ weight, chance }) => ({ weight, chance: chance[end] })),
    ),
  );
}
