/** What is judged: which hours, how the doors stand, and where the birds are. */
import type { Line, When } from '../effort/when';
import { answersBy, getOrMake } from '../memo';
import { isWithinAny } from '../place/year-span';
import { groupOn } from '../place/group-on';
import { outside, type Group, type Place, type StrandHours, type ZoneId } from '../place/place';
import type { Animal, Hours } from '../tables/animals';
import { northernMonth } from '../tables/regions';
import { seasonFactor } from './visits';
import { daylight, watchedShare } from '../tables/counting';

/** Which hours, and how doors stand in them. */
export const scenarios = ['night-shut', 'left-open', 'day-run', 'ranging'] as const;
/** One of `scenarios`. */
export type Scenario = (typeof scenarios)[number];

/** Hours of a scenario. An animal that is never about in them is no threat in it. */
export const scenarioHours: Readonly<Record<Scenario, readonly Hours[]>> = {
  'night-shut': ['dusk', 'night'],
  'left-open': ['dusk', 'night'],
  'day-run': ['day'],
  ranging: ['day'],
};

/** Hours an animal keeps on a day; without a day, any that it keeps in some month. */
export function hoursOf(
  { setting }: Pick<Place, 'setting'>,
  animal: Animal,
  date?: string,
): readonly Hours[] {
  const { active, byDayIn = [] } = animal;
  if (active.includes('day') || byDayIn.length === 0) return active;
  if (date === undefined) return [...active, 'day'];
  const month = northernMonth(setting.region, Number(date.slice(5, 7)));
  return byDayIn.includes(month) ? [...active, 'day'] : active;
}

/** Whether an animal is about in a scenario’s hours of a day, or why it is not. */
export type Presence = 'about' | 'other-season' | 'other-hours';

/** Whether an animal is about in a scenario’s hours, at that time of year. Without a day, in some month. */
export function presenceOf(
  place: Place,
  animal: Animal,
  scenario: Scenario,
  date?: string,
): Presence {
  if (date !== undefined && seasonFactor(place, animal, date) === 0) return 'other-season';
  const hours = hoursOf(place, animal, date);
  return hours.some((it) => scenarioHours[scenario].includes(it)) ? 'about' : 'other-hours';
}

/** Share of an animal's visits that fall into a scenario's hours: spread evenly over the hours it keeps (assumption of ours). */
export function shareOfVisits(
  place: Place,
  animal: Animal,
  scenario: Scenario,
  date?: string,
): number {
  const hours = hoursOf(place, animal, date);
  return hours.filter((it) => scenarioHours[scenario].includes(it)).length / hours.length;
}

const doorsIn: Readonly<Record<Scenario, When['doors']>> = {
  'night-shut': 'as-habit',
  'left-open': 'round-forgotten',
  'day-run': 'by-day',
  ranging: 'ranging',
};

/** The circumstances efforts are judged in. */
export function whenOf(place: Place, scenario: Scenario, date?: string): When {
  const line = lineOf(place, scenario);
  return {
    doors: doorsIn[scenario],
    birds: scenario === 'night-shut' || scenario === 'left-open' ? 'at-roost' : 'about',
    ...(date !== undefined && { date }),
    ...(line && { line }),
  };
}

/** Share of night and of day hours in which a clock leaves the line on (assumption of ours: half of the days someone is away). */
const hoursOn: Readonly<Record<StrandHours, { readonly night: number; readonly day: number }>> = {
  always: { night: 1, day: 1 },
  'nights-and-away': { night: 1, day: 0.5 },
  nights: { night: 1, day: 0 },
  never: { night: 0, day: 0 },
};

function lineOf({ fence }: Place, scenario: Scenario): Line | undefined {
  if (!fence) return undefined;
  const isNight = scenarioHours[scenario].includes('night');
  return { volts: fence.volts, hoursOn: hoursOn[fence.on][isNight ? 'night' : 'day'] };
}

/** Birds together in one zone for a share of a scenario's hours. */
export interface Whereabouts {
  readonly group: Group;
  readonly zone: ZoneId;
  /** Share of the scenario's hours, 0 to 1; less when somebody stands by. */
  readonly exposure: number;
}

interface LastWhereabouts {
  readonly zones: Place['zones'];
  readonly date: string | undefined;
  readonly birds: readonly Whereabouts[];
}

const lastWhereabouts = answersBy<Place['flock'], Map<Scenario, LastWhereabouts>>();

/** Where each group is. A zone out of use on that day holds no birds. At night no wall has a say: the same flock is where it was. */
export function whereabouts(
  place: Place,
  scenario: Scenario,
  date?: string,
): readonly Whereabouts[] {
  if (scenario === 'day-run') return workOut(place, scenario, date);
  const { flock, zones } = place;
  const byScenario = getOrMake(lastWhereabouts, flock, () => new Map<Scenario, LastWhereabouts>());
  const last = byScenario.get(scenario);
  if (last?.zones === zones && last.date === date) return last.birds;
  const birds = workOut(place, scenario, date);
  byScenario.set(scenario, { zones, date, birds });
  return birds;
}

function workOut(place: Place, scenario: Scenario, date?: string): Whereabouts[] {
  const inUse = new Set(
    place.zones.filter((zone) => isWithinAny(zone.inUse, date)).map((zone) => zone.id),
  );
  return place.flock
    .map((group) => groupOn(group, date))
    .filter((group) => group.count > 0)
    .flatMap((group) => whereIs(place, group, scenario))
    .filter(({ zone, exposure }) => exposure > 0 && (zone === outside || inUse.has(zone)));
}

function whereIs(place: Place, group: Group, scenario: Scenario): Whereabouts[] {
  const { ranging } = group;
  const out = Math.min(1, (ranging?.hours ?? 0) / daylight.value);
  if (scenario === 'ranging') {
    if (!ranging) return [];
    const exposure = out * (ranging.watched ? watchedShare.value : 1);
    return [{ group, zone: ranging.zone, exposure }];
  }
  if (scenario === 'day-run') {
    return [{ group, zone: group.days ?? runBeside(place, group.sleeps), exposure: 1 - out }];
  }
  return [{ group, zone: group.sleeps, exposure: 1 }];
}

/** The run that the sleeping place opens on by a pop door, else any run beside it, else the sleeping place itself. */
function runBeside(place: Place, sleeps: ZoneId): ZoneId {
  const runs = new Set(place.zones.filter((zone) => zone.kind === 'run').map((zone) => zone.id));
  const beside = place.faces.flatMap((face) => {
    const [a, b] = face.between;
    const other = a === sleeps ? b : b === sleeps ? a : undefined;
    if (other === undefined || !runs.has(other)) return [];
    const hasPopDoor = face.bays.some((bay) => bay.openings.some((it) => it.kind === 'pop-door'));
    return [{ other, hasPopDoor }];
  });
  return (beside.find((it) => it.hasPopDoor) ?? beside[0])?.other ?? sleeps;
}
