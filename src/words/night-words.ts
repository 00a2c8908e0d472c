/** Evenings and nights in words. */
import type { Place } from '@/core/place/place';
import { allBays } from '@/core/place/find';
import type { RoostCount, DoorState, Evening } from '@/core/records/evening';
import type { Away, Learning } from '@/core/records/spells';
import type { LearningReason } from '@/core/tables/shutting';
import type { NightState } from '@/core/nights/night';
import { dayWords } from './day-words';
import { capital, count, groupName, listOf } from './names';

/** How a door stands: on a chip, and in a sentence. */
export const doorStateNames: Readonly<Record<DoorState, readonly [chip: string, said: string]>> = {
  shut: ['Shut', 'shut'],
  open: ['Left open', 'left open'],
  jammed: ['Jammed', 'jammed open'],
  'bird-out': ['Shut a bird out', 'shut with a bird outside'],
};

export const nightStateNames: Readonly<Record<NightState, string>> = {
  shut: 'shut',
  missed: 'a door stood open',
  'not-known': 'not known',
};

export const learningNames: Readonly<Record<LearningReason, string>> = {
  'new-birds': 'New birds',
  'young-birds': 'Young birds',
  'moved-pen': 'The pen was moved',
};

/** "17", "17 or 18", "15 to 18". */
export function countWords({ least, most }: Pick<RoostCount, 'least' | 'most'>): string {
  if (least === most) return String(least);
  return most === least + 1 ? `${least} or ${most}` : `${least} to ${most}`;
}

export function doorName(place: Place, opening: string): string {
  const door = allBays(place)
    .flatMap(({ bay }) => bay.openings)
    .find(({ id }) => id === opening);
  return door?.name ?? 'a door that is gone';
}

/** What was said of an evening: "All shut", "Pop door left open; 17 or 18 hens in; strand off". */
export function eveningWords(place: Place, evening: Evening): string {
  const { doors, counts, strand, by, told } = evening;
  const amiss = doors.filter(({ was }) => was !== 'shut');
  const said = [
    ...(doors.length > 0 && amiss.length === 0 ? ['all shut'] : []),
    ...amiss.map(({ opening, was }) => `${doorName(place, opening)} ${doorStateNames[was][1]}`),
    ...counts.map((it) => countSentence(place, it)),
    ...(strand === 'off' ? ['strand off'] : []),
  ];
  const who = by ? `, by ${by}` : '';
  const when = told === 'morning' ? 'Found in the morning' : 'Evening';
  return `${when}: ${said.length > 0 ? said.join('; ') : 'nothing said'}${who}`;
}

/** "17 or 18 grown hens in, 1 still out". */
function countSentence({ flock }: Place, it: RoostCount): string {
  const group = flock.find(({ id }) => id === it.group);
  const name = group ? groupName(group) : 'birds';
  const more = [
    ...(it.out ? [`${it.out} still out`] : []),
    ...(it.elsewhere ? [`${it.elsewhere} asleep elsewhere`] : []),
  ];
  return [`${countWords(it)} ${name} in`, ...more].join(', ');
}

export function awayWords(place: Place, { date, until, covers, doors }: Away): string {
  const nights = date === until ? dayWords(date) : `${dayWords(date)} to ${dayWords(until)}`;
  const which = doors ? `, ${listOf(doors.map((id) => doorName(place, id)))}` : '';
  return covers ? `Away ${nights}: ${covers} shuts up${which}` : `Away ${nights}: nobody shuts up`;
}

export function learningWords({ flock }: Place, { why, group, nights }: Learning): string {
  const who = flock.find(({ id }) => id === group);
  return `${learningNames[why]}${who ? `, ${groupName(who)}` : ''}: looked for ${count(nights, 'evening')}`;
}

/** "in half an hour", "40 minutes ago", "now": of minutes from now, to the five. */
export function minutesAway(minutes: number): string {
  const about = Math.round(Math.abs(minutes) / 5) * 5;
  if (about === 0) return 'now';
  const hours = Math.floor(about / 60);
  const rest = about % 60;
  const said = listOf([
    ...(hours > 0 ? [count(hours, 'hour')] : []),
    ...(rest > 0 ? [count(rest, 'minute')] : []),
  ]);
  return minutes > 0 ? `in ${said}` : `${said} ago`;
}

/** "at dusk", "25 minutes after dark". */
export function lateWords(minutesAfterDark: number): string {
  const about = Math.round(minutesAfterDark / 5) * 5;
  if (about <= 0) return 'before dark';
  return `${capital(minutesAway(-about)).replace(' ago', '')} after dark`.toLowerCase();
}
