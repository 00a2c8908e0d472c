/** What the screen of `devices` says. */
import type { DeviceNews } from '@/core/devices/news';
import type { DocumentProblem } from '@/core/devices/read-document';
import type { DateForm } from '@/core/devices/read-instant';
import type { RowProblem } from '@/core/devices/read-table';
import type { DeviceKind } from '@/core/place/device';
import { animalName } from '../headline';
import { dayWords, timeWords } from '../day-words';
import { kv } from '../fence-words';
import { spoken } from '../language';
import { capital, count, listOf } from '../names';

const kindNames: Readonly<Record<DeviceKind, string>> = {
  'fence-monitor': 'Fence monitor',
  door: 'Door that moves by itself',
  camera: 'Trail camera',
};

/** "28 November 2026, 17:06", by this device's clock; of a day without an hour the day. */
const momentWords = (instant: string): string =>
  instant.length === 10
    ? dayWords(instant)
    : `${dayWords(instant)}, ${timeWords(new Date(instant))}`;

const rowProblems: Readonly<Record<RowProblem, string>> = {
  'no-time': 'no time that can be read',
  ahead: 'a time that is still to come',
  'no-value': 'nothing that such a device says',
  beyond: 'a figure beyond all limits',
};

const documentProblems: Readonly<Record<DocumentProblem, string>> = {
  'not-a-device': 'This is JSON, but not what a device says. Nothing was changed.',
  'newer-version': 'This was written by a newer Rookle. Nothing was changed.',
  'too-many': 'These are more readings than one file may hold. Nothing was changed.',
};

const formNames: Readonly<Record<DateForm, string>> = {
  'year-first': 'year, month, day',
  'day-first': 'day, month, year',
  'month-first': 'month, day, year',
  seconds: 'seconds since 1970',
  milliseconds: 'milliseconds since 1970',
};

const whereNames: Readonly<Record<DeviceKind, string>> = {
  'fence-monitor': 'Where it hangs on the line',
  door: 'Which door it is',
  camera: 'Where it looks',
};

const unsaidWords: Readonly<Record<DeviceKind, string>> = {
  'fence-monitor': 'not said: its volts count at no bay',
  door: 'not said: no evening comes of it',
  camera: 'not said: what it sees counts for the whole place',
};

const speedNames = { hour: 'an hour a second', day: 'a day a second', all: 'all at once' } as const;

const columnNames = {
  at: 'Date and time',
  time: 'Time, where it stands apart',
  value: 'What was read',
  more: 'Besides',
} as const;

const zoneNames = { local: 'this device’s', utc: 'UTC' } as const;

/** What is out of the ordinary, and what it means tonight. */
function newsWords(news: DeviceNews): {
  readonly head: string;
  /** In a line with others. */
  readonly short: string;
  readonly under: string;
} {
  const { name } = news.device;
  switch (news.news) {
    case 'low':
      return {
        head: `${kv(news.volts)} on the line: ${kv(news.needed)} is needed`,
        short: `${kv(news.volts)} on the line`,
        under: `${name}, since ${momentWords(news.since)}.`,
      };
    case 'silent':
      return {
        head: `Nothing heard from ${name}`,
        short: `nothing heard from ${name}`,
        under: `Since ${momentWords(news.since)}.`,
      };
    case 'door':
      return {
        head: news.was === 'jammed' ? `${name} jammed` : `${name} stood open`,
        short: news.was === 'jammed' ? `${name} jammed` : `${name} stood open`,
        under: `The evening of ${dayWords(news.night)}. Go and look: say how it stands under Shut up.`,
      };
    case 'seen': {
      const named = news.animals.map((it) => (it ? animalName(it).toLowerCase() : 'something'));
      const who = `${listOf([...new Set(named)])} at the wall`;
      return {
        head: capital(who),
        short: who,
        under: `${name}, the night of ${dayWords(news.night)}.`,
      };
    }
  }
}

export const devicesText = spoken('devices', {
  devices: 'Devices',
  yard: 'Yard',
  title: (many: number) => (many === 0 ? 'No devices yet' : count(many, 'device')),
  under:
    'What measures by itself: its readings become the records that you would have written, and can be taken back.',
  kindName: (kind: DeviceKind) => kindNames[kind],
  newsHead: (news: DeviceNews) => newsWords(news).head,
  allNews: (all: readonly DeviceNews[]) => `${listOf(all.map((it) => newsWords(it).short))}.`,
  newsUnder: (news: DeviceNews) => newsWords(news).under,
  outOfTheOrdinary: 'Out of the ordinary',
  yours: 'Here',
  whatItIsCalled: 'What it is called',
  where: (kind: DeviceKind) => whereNames[kind],
  whereUnsaid: (kind: DeviceKind) => unsaidWords[kind],
  farEnd: 'the far end of the line',
  takeOut: (name: string) => `Take ${name} out`,
  heard: (instant: string) => `Last heard ${momentWords(instant)}.`,
  notHeard: 'Not heard of yet.',
  add: 'Add a device',
  playedHere: 'Played by this server',
  playedWhy:
    'Stand-ins that replay a week of our own invention, faults included, to try all this out with. Their records are kept like any others.',
  playIt: (name: string) => `Play the week of: ${name}`,
  speed: 'How fast',
  speedName: (speed: keyof typeof speedNames) => speedNames[speed],
  playing: (name: string, day: number, hour: number) =>
    `${name}: day ${day} of 7, ${String(hour).padStart(2, '0')}:00`,
  stop: 'Stop',
  playedOut: (name: string, many: number) =>
    `${name}: the week is over. ${count(many, 'record')} kept.`,
  unreachable: 'The server could not be reached. What came so far is kept.',
  fromAFile: 'From a file',
  fileWhy:
    'A table (CSV) that another thing wrote, or a document of the form in docs/format/devices. What is guessed of it is shown first.',
  chooseAFile: 'Choose a file',
  tooLarge: 'This file is too large for readings of a device. Nothing was changed.',
  noTable:
    'Nothing in this file looks like readings of a fence monitor, a door or a camera. Nothing was changed.',
  documentProblem: (problem: DocumentProblem) => documentProblems[problem],
  itIsOf: 'What wrote it',
  column: (column: keyof typeof columnNames) => columnNames[column],
  noColumn: 'none',
  dateForm: 'How dates are written',
  formName: (form: DateForm) => formNames[form],
  zone: 'Which clock',
  zoneName: (zone: keyof typeof zoneNames) => zoneNames[zone],
  voltsIn: 'Volts are in',
  forWhich: 'For which device here',
  aNewOne: 'a new one',
  found: (readings: number, refused: number, twice: number) =>
    [
      `${count(readings, 'reading')}`,
      ...(twice > 0 ? [`${twice} said twice`] : []),
      ...(refused > 0 ? [`${count(refused, 'row')} refused`] : []),
    ].join(', ') + '.',
  between: (first: string, last: string) => `From ${momentWords(first)} to ${momentWords(last)}.`,
  refusedRow: (row: number, problem: RowProblem, text: string) =>
    `Row ${row}: ${rowProblems[problem]} (${text})`,
  moreRefused: (many: number) => `and ${many} more`,
  takeIn: (readings: number) => `Take in ${count(readings, 'reading')}`,
  leaveIt: 'Leave it',
  taken: (records: number) =>
    records === 0
      ? 'All of it was here already.'
      : `Kept as ${count(records, 'record')}. Undo takes it back whole.`,
});
