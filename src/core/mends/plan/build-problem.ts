/** From a place as found, its log and its mends to a plan's problem. */
import { withLine } from '../../fence/with-line';
import { allBays, findItem } from '../../place/find';
import { isLineSpot } from '../../place/spot';
import { mostOf } from '../../place/group-on';
import { outside, type BayId, type Place, type ZoneId } from '../../place/place';
import { threatsMinded } from '../../place/setting';
import type { LogEntry } from '../../records/sighting';
import type { Mend } from '../../records/mend';
import { shareThatTry } from '../../score/attempts';
import { takenBy, isHadOutside } from '../../score/judge-animal';
import type { Scales } from '../../score/experience';
import { presenceOf, shareOfVisits, whereabouts } from '../../score/scenario';
import { expectedVisits, shying } from '../../score/visits';
import { animals } from '../../tables/animals';
import { harmOf } from '../catalogue/harm';
import { bayStates, type BayStates } from './bay-states';
import { candidatesFor, isStillThere, type Candidate } from './candidates';
import { casesOfYear, type MonthCase } from './cases';
import { linksOf, type LinkMaker, type TermCase } from './links';
import { missedCases, type MissedCase } from './missed';
import type { ByGroup, PlanProblem, Term } from './problem';
import { spotKey, type SpotWeights } from './spot-weights';
import { shutFrom } from './shut-from';
import type { UnitPrices } from '../shopping/shop';
import type { WeakSpot } from '../weak-spot';
import { weakEverywhere } from './weak-everywhere';
import { readyFor } from './with-mends';

/** A problem with the mends its numbers stand for. */
export interface Planning {
  readonly problem: PlanProblem;
  /** In the order of the problem's. */
  readonly candidates: readonly Candidate[];
  /** The found place with all that any candidate adds standing ready. */
  readonly ready: Place;
  /** Mends that would let something by more easily elsewhere, and were left out for that. */
  readonly harmful: readonly Candidate[];
  readonly spots: readonly WeakSpot[];
}

/** What a plan is made from beside the place. */
interface Basis {
  /** Whose months are gone through. */
  readonly year: number;
  readonly log?: readonly LogEntry[];
  readonly mends?: readonly Mend[];
  readonly unitPrices?: UnitPrices | undefined;
  /** How it has gone here, times the tables' losses. */
  readonly scales?: Scales | undefined;
}

/** `found`: with readings laid over it. */
export function buildProblem(
  found: Place,
  { year, log = [], mends = [], unitPrices, scales }: Basis,
): Planning {
  const cases = casesOfYear(found, year);
  const distinct = [...new Map(cases.map((it) => [it.key, it])).values()];
  const spots = weakEverywhere(found, distinct);
  const all = candidatesFor(found, spots, mends, unitPrices).filter(({ mend }) =>
    isStillThere(readyFor(found, [mend]), mend),
  );
  const ready = withLine(
    readyFor(
      found,
      all.map(({ mend }) => mend),
    ),
  );
  const tried = bayStates(ready, all);
  const harmful = harmfulOf(ready, all, distinct, tried);
  const candidates = all.filter((it) => !harmful.includes(it));
  const place = (id: string): number => candidates.findIndex((it) => it.id === id);
  const excluded = candidates.map(({ excludes }) => new Set(excludes.map(place)));
  const spotKeys = candidates.map(
    ({ mend: { spot } }) =>
      new Set((['through', 'reach'] as const).map((way) => spotKey({ way, spot }))),
  );
  const maker: LinkMaker = {
    states: harmful.length === 0 ? tried : bayStates(ready, candidates),
    mendsOf: mendsByBay(ready, candidates),
    excludes: (a, b) => excluded[a]?.has(b) ?? false,
    isFor: (mend, key) => spotKeys[mend]?.has(key) ?? false,
    isOfHabit: (mend) => candidates[mend]?.mend.spot.kind === 'habit',
    areOfOne: (a, b) => [a, b].every((it) => isOfDescribedLine(ready, candidates[it])),
  };
  const rounds = missedCases(
    found,
    log,
    ready,
    candidates.map(({ mend }) => mend),
  );
  const { weights, fixedOf } = weightsOf(found, log, withRounds(cases, rounds), scales);
  const terms = [...weights.values()].map((it) => termOf(ready, it, maker));
  return {
    problem: {
      candidates: candidates.map(({ id, cents, minutes, excludes, proposal }) => ({
        id,
        cents,
        minutes,
        harm: proposal ? harmOf(proposal.mend) : 0,
        excludes: excludes.map(place).filter((it) => it >= 0),
      })),
      terms: merged(terms),
      fixedOf,
      flock: Object.fromEntries(found.flock.map((group) => [group.id, mostOf(group)])),
    },
    candidates,
    ready,
    harmful,
    spots,
  };
}

interface Weighed extends TermCase {
  readonly weightOf: ByGroup;
}

/** A month's circumstances with how the round goes, and the share of its nights or days. */
interface RoundCase extends MonthCase, Partial<Pick<MissedCase, 'missed'>> {
  readonly share: number;
}

/** Nights on which nobody misses, and those of every way to miss; every day is a day. */
function withRounds(cases: readonly MonthCase[], rounds: readonly MissedCase[]): RoundCase[] {
  return cases.flatMap((it): RoundCase[] => {
    const isLeft = it.scenario === 'left-open';
    if (!isLeft && it.scenario !== 'night-shut') return [{ ...it, share: 1 }];
    return rounds
      .filter(({ missed }) => missed.size > 0 === isLeft)
      .map(({ missed, chance }) => ({
        ...it,
        share: chance,
        ...(isLeft && { missed, key: `${it.key} ${[...missed].sort().join()}` }),
      }));
  });
}

function weightsOf(
  found: Place,
  log: readonly LogEntry[],
  cases: readonly RoundCase[],
  scales: Scales | undefined,
) {
  const weights = new Map<string, Weighed>();
  let fixedOf: ByGroup = {};
  for (const { scenario, date, days, key, when, missed, share } of cases) {
    const birds = whereabouts(found, scenario, date);
    for (const id of threatsMinded(found)) {
      const animal = animals[id];
      if (presenceOf(found, animal, scenario, date) !== 'about') continue;
      const tries =
        days *
        share *
        expectedVisits(found, animal, log, date) *
        shying(animal, log, date) *
        shareThatTry(found, animal, date, log) *
        shareOfVisits(found, animal, scenario, date);
      for (const { group, zone, exposure, damage } of takenBy(animal, scenario, birds)) {
        const weight = tries * exposure * damage * (scales?.[id] ?? 1);
        if (weight === 0) continue;
        const own = { [group.id]: weight };
        if (zone === outside && !isHadOutside(animal, group, when)) continue;
        if (zone === outside) {
          fixedOf = added(fixedOf, own);
          continue;
        }
        const name = `${id} ${zone} ${key}`;
        const weightOf = added(weights.get(name)?.weightOf ?? {}, own);
        weights.set(name, { animal, scenario, date, missed, zone, weightOf });
      }
    }
  }
  return { weights, fixedOf };
}

function termOf(ready: Place, it: Weighed, maker: LinkMaker): Term {
  const zones: ZoneId[] = ready.zones.map(({ id }) => id);
  return {
    animal: it.animal.id,
    zone: it.zone,
    scenarios: [it.scenario],
    weight: sumOf(it.weightOf),
    weightOf: it.weightOf,
    shutFrom: shutFrom(it.animal),
    zones,
    links: linksOf(ready, it, zones, maker),
  };
}

/** Terms of one animal and zone whose ways weigh alike are one. */
function merged(terms: readonly Term[]): Term[] {
  const kept = new Map<string, Term>();
  for (const term of terms) {
    const key = JSON.stringify([term.animal, term.zone, term.links]);
    const before = kept.get(key);
    kept.set(key, before ? joined(before, term) : term);
  }
  return [...kept.values()];
}

function added(a: ByGroup, b: ByGroup): ByGroup {
  const groups = [...new Set([...Object.keys(a), ...Object.keys(b)])];
  return Object.fromEntries(groups.map((it) => [it, (a[it] ?? 0) + (b[it] ?? 0)]));
}

const sumOf = (groups: ByGroup): number => Object.values(groups).reduce((sum, it) => sum + it, 0);

function joined(a: Term, b: Term): Term {
  const scenarios = [...new Set([...a.scenarios, ...b.scenarios])];
  return { ...a, weight: a.weight + b.weight, weightOf: added(a.weightOf, b.weightOf), scenarios };
}

const isOfDescribedLine = ({ fence }: Place, candidate: Candidate | undefined): boolean =>
  fence?.line !== undefined && candidate !== undefined && isLineSpot(candidate.mend.spot.kind);

/**
 * So many mends of a line are weighed together in every bay of it: each more doubles what there is to solve. Of more than that each of a
 * strand counts in its own bay alone, and the plan promises less than it gives (assumption of ours).
 */
const mostAlong = 6;

function mendsByBay(
  ready: Place,
  candidates: readonly Candidate[],
): ReadonlyMap<BayId, readonly number[]> {
  const byBay = new Map<BayId, number[]>();
  // What climbs on to a roof has crossed the line at the foot of a wall.
  const strung = allBays(ready).filter(
    ({ bay, face }) =>
      bay.strands.length > 0 || (face.kind === 'roof' && face.between.includes(outside)),
  );
  // Whatever is done to a described line in one bay is felt in all of it.
  const ofLine = candidates.filter(({ mend }) => isLineSpot(mend.spot.kind)).length;
  const isFeltAlong = ready.fence?.line !== undefined && ofLine <= mostAlong;
  candidates.forEach(({ mend }, index) => {
    const bays = mend.targets.flatMap(({ item }) =>
      item === ready.fence?.id || (isFeltAlong && mend.spot.kind === 'strand')
        ? strung.map(({ bay }) => bay.id)
        : (findItem(ready, item)?.bay.id ?? []),
    );
    for (const bay of new Set(bays)) byBay.set(bay, [...(byBay.get(bay) ?? []), index]);
  });
  return byBay;
}

/** Looked at for every animal that lives here, whatever it was made for. */
function harmfulOf(
  ready: Place,
  candidates: readonly Candidate[],
  cases: readonly MonthCase[],
  states: BayStates,
): Candidate[] {
  const byBay = mendsByBay(ready, candidates);
  const harmful = new Set<number>();
  const all = allBays(ready);
  const isNew = new Set(all.flatMap(({ bay }) => (bay.ready ? [bay.id] : [])));
  const lightestInto = (id: BayId, lightest: (made: readonly number[], of?: BayId) => Lightest) => {
    const zone = all.find(({ bay }) => bay.id === id)?.face.between[1];
    return all
      .filter(({ face }) => zone !== undefined && face.between.includes(zone))
      .map(({ bay }) => lightest([], bay.id))
      .reduce((a, b) => ({
        through: Math.min(a.through, b.through),
        reach: Math.min(a.reach, b.reach),
      }));
  };
  for (const [bay, mends] of byBay) {
    for (const id of threatsMinded(ready)) {
      for (const { scenario, date } of cases) {
        const lightest = (made: readonly number[], of = bay) =>
          lightestOf(states.weights(of, made, { animal: animals[id], scenario, date }));
        // A roof is no worse than what was open before it: the lightest way into its zone.
        const base = isNew.has(bay) ? lightestInto(bay, lightest) : lightest([]);
        for (const mend of mends) {
          const after = lightest([mend]);
          const isWorse = after.through < base.through - 1e-9 || after.reach < base.reach - 1e-9;
          if (isWorse) harmful.add(mend);
        }
      }
    }
  }
  return candidates.filter((_, index) => harmful.has(index));
}

interface Lightest {
  readonly through: number;
  readonly reach: number;
}

function lightestOf(weights: SpotWeights): Lightest {
  let [through, reach] = [Infinity, Infinity];
  for (const { way, weight } of weights.values()) {
    if (way === 'through') through = Math.min(through, weight);
    else reach = Math.min(reach, weight);
  }
  return { through, reach };
}
