/** What the screens of `report` say. */
import type { Place } from '@/core/place/place';
import { dayWords } from '../day-words';
import { materialName } from '../mend-words';
import { animalList, capital, count } from '../names';
import { mendTitle, moneyWords } from '../plan-words';
import { soldWords } from '../shop-words';

export const reportText = {
  records: 'Records',
  notWalkedYet: 'Not walked yet.',
  notTaken: (unread: number) => ` ${count(unread, 'reading')} not taken.`,
  printOrSaveAsPdf: 'Print, or save as PDF',
  planAndLap: 'Plan and lap',
  wayIn: 'way in',
  waysIn: 'ways in',
  noneWasFoundThatTakes: 'None was found that takes less than an hour.',
  slowWaysAnHourAnd: 'Slow ways, an hour and more',
  mends: 'Mends',
  against: (
    place: Place,
    mend: Parameters<typeof mendTitle>[1],
    stops: Parameters<typeof animalList>[0],
    mendStateWord: string,
  ) => `${mendTitle(place, mend)}, against ${animalList(stops)}: ${mendStateWord}`,
  due: (due: string) => `, due ${dayWords(due)}`,
  noneInHand: 'None in hand.',
  toBuy: (place: Parameters<typeof moneyWords>[0], cents: number) =>
    `To buy: ${moneyWords(place, cents)}`,
  sign: (many: number, place: Place, sold: Parameters<typeof soldWords>[1], cents: number) =>
    `${many} × ${soldWords(place, sold)}: ${moneyWords(place, cents)}`,
  isCutInto: (
    units: Parameters<typeof materialName>[0],
    material: Parameters<typeof materialName>[1],
    many: number,
  ) => `${capital(materialName(units, material))} is cut into ${count(many, 'piece')}.`,
  rookleRanksAndExplainsIt:
    'Rookle ranks and explains; it promises nothing. Figures behind it are recalled from memory, common practice or assumptions, and are marked as such in the application. Local codes and licensed practice come first.',
} as const;
