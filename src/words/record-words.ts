/** Records in words and as tables. */
import type { Table } from '@/core/formats/table';
import { keeperWords } from './join-words';
import { plannedOf } from '@/core/mends/shopping/planned-of';
import { lastChange } from '@/core/mends/review';
import { attributes, unitOf } from '@/core/attributes';
import { currencyOf } from '@/core/place/currency';
import type { Mend } from '@/core/records/mend';
import type { Place } from '@/core/place/place';
import type { Event } from '@/core/mends/timeline';
import type { Reading, Walk } from '@/core/records/walk';
import { answerWords } from './attributes';
import { entryWords } from './log-words';
import { mendName, mendStateWords } from './mend-words';
import { animalList, count, methodNames } from './names';
import { mendTitle, moneyWords, whereWords } from './plan-words';
import { readingTitle } from './reading-words';
import { purposeNames } from './walk-words';

/** "Walk: 43 readings", "Board along the sill, north 2: holds". */
/** With whose phone it was recorded on, once a place is kept with several. */
export function eventWords(place: Place, event: Event): string {
  const who = keeperWords(place, event.by);
  return who === undefined ? whatWords(place, event) : `${whatWords(place, event)} · ${who}`;
}

function whatWords(place: Place, event: Event): string {
  switch (event.kind) {
    case 'walk':
      return walkWords(event.walk);
    case 'mend':
      return `${mendTitle(place, event.mend)}: ${mendStateWords[event.state]}`;
    case 'log':
      return entryWords(place, event.entry);
    case 'bought':
      return `Bought for ${count(event.purchase.mends.length, 'mend')}: ${moneyWords(place, event.purchase.cents)}`;
  }
}

function walkWords({ kind, purpose, readings, ended }: Walk): string {
  const name =
    kind === 'measure-again'
      ? 'Measured again'
      : kind === 'said'
        ? 'Said from memory'
        : kind === 'device'
          ? 'Read by a device'
          : purpose
            ? purposeNames[purpose][0]
            : 'Walk';
  return `${name}: ${count(readings.length, 'reading')}${ended ? '' : ', not ended'}`;
}

/** Every reading, one a row; lengths as numbers in mm, from and to. `timeOf` gives the time of an instant on the keeper's clock. */
export function readingsTable(
  place: Place,
  walks: readonly Walk[],
  timeOf: (instant: string) => string,
): Table {
  return {
    head: ['Date', 'Time', 'What', 'Item', 'Attribute', 'From', 'To', 'Unit', 'Is', 'How', 'Note'],
    rows: walks.flatMap((walk) =>
      walk.readings.map((reading) => {
        const { from, to, unit, said } = valueCells(place, reading);
        return [
          walk.date,
          timeOf(reading.at),
          readingTitle(place, reading),
          reading.item,
          reading.attribute,
          from,
          to,
          unit,
          said,
          methodNames[reading.how],
          reading.note ?? '',
        ];
      }),
    ),
  };
}

function valueCells(place: Place, { attribute, value }: Reading) {
  const none = { from: '', to: '', unit: '', said: '' };
  if (value === 'cannot-tell') return { ...none, said: 'cannot tell' };
  if ('from' in value) return { ...none, from: value.from, to: value.to, unit: unitOf(attribute) };
  if (typeof value.is === 'number') {
    return { ...none, from: value.is, to: value.is, unit: unitOf(attribute) };
  }
  const isChoice = attributes[attribute].value === 'choice';
  return { ...none, said: isChoice ? answerWords(place, attribute, value.is)[0] : value.is };
}

/** Every mend, one a row, with the days on which it came to each state last; `dayOf` as in the timeline. */
export function mendsTable(
  found: Place,
  mends: readonly Mend[],
  dayOf: (instant: string) => string,
): Table {
  const money = currencyOf(found);
  const day = (mend: Mend, state: Mend['state']) => {
    const change = lastChange(mend, state);
    return change ? dayOf(change.at) : '';
  };
  return {
    head: [
      'Mend',
      'Where',
      'Against',
      'State',
      'Planned',
      'Bought',
      'Done',
      'Holds since',
      'Due',
      'Who',
      `Reckoned (${money})`,
      `Spent (${money})`,
      'Reckoned (min)',
      'Spent (min)',
    ],
    rows: mends.map((mend) => {
      const planned = plannedOf(found, mend);
      return [
        mendName(mend),
        whereWords(found, mend),
        animalList(mend.stops),
        mendStateWords[mend.state],
        day(mend, 'planned'),
        day(mend, 'bought'),
        day(mend, 'done'),
        mend.state === 'held' ? day(mend, 'held') : '',
        mend.due ?? '',
        mend.who ?? '',
        planned ? planned.cents / 100 : '',
        mend.spent?.cents === undefined ? '' : mend.spent.cents / 100,
        planned ? planned.minutes : '',
        mend.spent?.minutes ?? '',
      ];
    }),
  };
}
