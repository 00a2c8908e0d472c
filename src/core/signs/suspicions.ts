/**
 * Everything that may have happened at a place one night or day, before anything was found: each animal that lives there, by each of
 * this place's own ways as it stood then, as often as it tries and gets in; and what is no animal from outside.
 */
import { roundOn } from '../nights/round-cases';
import { mostOf } from '../place/group-on';
import type { BayId, Place, ZoneId } from '../place/place';
import type { FoundSigns } from '../records/found-signs';
import type { LogEntry } from '../records/sighting';
import type { Walk } from '../records/walk';
import { faceRoutesOf, type Route } from '../routes/animal-routes';
import { outside } from '../place/place';
import { judgeAll } from '../score/judge-all';
import type { AnimalJudgement, GroupThreat, Judgement } from '../score/judge';
import { isHadOutside } from '../score/judge-animal';
import { nightCases, type NightCase } from '../score/tonight';
import { otherCauseBirds, otherCauseRates, otherCauses, unknownWay } from '../tables/signs';
import { animals } from '../tables/animals';
import type { Suspicion, WayBy } from './suspicion';

/** Hours of which birds were missed, when the keeper is sure of them already, narrow nothing here: that is an answer like any other. */
export function suspicionsOf(
  place: Place,
  walks: readonly Walk[],
  log: readonly LogEntry[],
  { date, group, gone, dead }: Pick<FoundSigns, 'date' | 'group' | 'gone' | 'dead'>,
): Suspicion[] {
  // The loss itself is not yet in the log, or is what is asked about.
  const before = log.filter((it) => it.what !== 'loss' || it.date < date);
  const judgements = judgeAll(place, walks, { date, log: before });
  const { found } = judgements['night-shut'];
  const nights = nightCases(judgements, roundOn(found.place, log, date));
  const days: NightCase[] = (['day-run', 'ranging'] as const).map((scenario) => ({
    judgement: judgements[scenario],
    share: 1,
  }));
  const flock = found.place.flock.filter(({ id }) => group === undefined || id === group);
  const ids = new Set(flock.map(({ id }) => id));
  return merged([
    ...nights.flatMap((it) => ofCase(it, ids, gone + dead, 'night')),
    ...days.flatMap((it) => ofCase(it, ids, gone + dead, 'day')),
    ...otherCauses.map((culprit) => ({
      culprit,
      prior:
        ((otherCauseRates[culprit].value * birds(flock)) / daysInYear) *
        soManyAtOnce(otherCauseBirds[culprit].value, gone + dead),
    })),
  ]);
}

const daysInYear = 365.25;

const birds = (flock: Place['flock']): number => flock.reduce((sum, it) => sum + mostOf(it), 0);

/** The same culprit by the same way in the same hours, added up over the cases of a night. */
function merged(suspicions: readonly Suspicion[]): Suspicion[] {
  const byKey = new Map<string, Suspicion>();
  for (const it of suspicions) {
    if (it.prior <= 0) continue;
    const way = it.way ? `${it.way.bay} ${attacksOf(it.way.route)}` : (it.isInTheOpen ?? '');
    const key = `${it.culprit} ${it.hours} ${way}`;
    const known = byKey.get(key);
    byKey.set(key, known ? { ...known, prior: known.prior + it.prior } : it);
  }
  return [...byKey.values()];
}

const attacksOf = ({ steps }: Route): string => steps.map(({ by }) => by.attack).join('-');

function ofCase(
  { judgement, share }: NightCase,
  groups: ReadonlySet<string>,
  lost: number,
  hours: 'night' | 'day',
): Suspicion[] {
  return judgement.animals
    .filter(({ presence }) => presence === 'about')
    .flatMap((it) =>
      it.groups
        .filter(({ group, damage }) => groups.has(group) && damage > 0)
        .flatMap((threat) =>
          ofThreat(judgement, it, threat, share * takesAtLeast(threat.damage, lost), hours),
        ),
    );
}

/** Of times that any are lost, those on which so many or more are. */
const soManyAtOnce = (mean: number, lost: number): number =>
  takesAtLeast(mean, lost) / takesAtLeast(mean, 1);

/** Chance that one visit takes so many or more, at least one, of what it takes on the average: Poisson (assumption of ours). */
export function takesAtLeast(mean: number, birds: number): number {
  let term = Math.exp(-mean);
  let fewer = term;
  for (let count = 1; count < birds; count += 1) {
    term *= mean / count;
    fewer += term;
  }
  return Math.max(0, 1 - fewer);
}

/** Times a day that it gets at a group, by each way in proportion to the chance of it; and a little by none that is known. */
function ofThreat(
  judgement: Judgement,
  { animal, tries }: AnimalJudgement,
  { group, zone, exposure, chance }: GroupThreat,
  share: number,
  hours: 'night' | 'day',
): Suspicion[] {
  const times = share * tries * exposure;
  const base = { culprit: animal, hours };
  const unknown = { ...base, prior: times * unknownWay.value };
  const own = judgement.found.place.flock.find(({ id }) => id === group);
  if (zone === outside) {
    const isHad = own !== undefined && isHadOutside(animals[animal], own, judgement.when);
    return isHad ? [{ ...base, isInTheOpen: true, prior: times }] : [unknown];
  }
  const ways = waysTo(judgement, animal, zone);
  const all = ways.reduce((sum, it) => sum + it.chance, 0);
  // Unread gaps may be open as well as shut: where birds were lost, half way between.
  const mean = (chance.best + chance.worst) / 2;
  return [
    ...ways.map(({ way, chance: own }) => ({ ...base, way, prior: (times * mean * own) / all })),
    unknown,
  ];
}

interface Weighed {
  readonly way: WayBy;
  readonly chance: number;
}

/** The ways to a zone by outermost bay, each half way between what is read and the worst of what is not. */
function waysTo(
  { found, when }: Judgement,
  animal: AnimalJudgement['animal'],
  zone: ZoneId,
): Weighed[] {
  const routes = (bound: 'best' | 'worst'): ReadonlyMap<BayId, Route> =>
    new Map(
      faceRoutesOf(found.place, animals[animal], bound, when, [zone])
        .filter(({ paces }) => paces.size > 0)
        .flatMap((face) => face.routes.map((route) => [route.steps[0].bay.id, route] as const)),
    );
  const [sure, possible] = [routes('best'), routes('worst')];
  return [...possible].flatMap(([bay, route]) => {
    const known = sure.get(bay);
    const chance = ((known?.chance ?? 0) + route.chance) / 2;
    return chance > 0
      ? [{ way: { bay, route: known ?? route, isUnread: known === undefined }, chance }]
      : [];
  });
}
