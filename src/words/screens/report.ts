/** What the screens of `report` say. */
import { spoken } from '../language';
import type { Place } from '@/core/place/place';
import type { Mend } from '@/core/records/mend';
import type { Loss } from '@/core/records/sighting';
import { dayWords } from '../day-words';
import { entryWords } from '../log-words';
import { materialName, mendStateWords } from '../mend-words';
import { animalList, capital, count } from '../names';
import { mendTitle, moneyWords } from '../plan-words';
import { soldWords } from '../shop-words';

export const reportText = spoken('report', {
  theReport: 'The report',
  asItWillPrint: 'To hand to somebody. So it will print, with the lap whole.',
  eveningsAndLosses: 'Evenings and losses',
  evenings: (nights: number, shut: number, missed: number) =>
    `Of the last ${nights} nights ${shut} were shut, ${missed} had a door open, ${nights - shut - missed} are not known.`,
  loss: (place: Place, loss: Loss) => `${dayWords(loss.date)}: ${entryWords(place, loss)}.`,
  noneLost: 'No loss in the last year.',
  standing: (day: string, hold: string, walked: string | undefined, unread: number) => {
    const last = walked === undefined ? 'Not walked yet.' : `Last walked ${dayWords(walked)}.`;
    const left = unread > 0 ? ` ${count(unread, 'reading')} not taken.` : '';
    return `${dayWords(day)}. ${hold}. ${last}${left}`;
  },
  mend: (place: Place, mend: Mend) => {
    const due =
      mend.due !== undefined && mend.state !== 'held' ? `, due ${dayWords(mend.due)}` : '';
    const who = mend.who === undefined ? '' : `, ${mend.who}`;
    return `${mendTitle(place, mend)}, against ${animalList(mend.stops)}: ${mendStateWords[mend.state]}${due}${who}.`;
  },
  lossesAYear: (sentence: string | undefined) =>
    `Birds lost in a year. ${sentence ?? 'They are being worked out.'}`,
  records: 'Records',
  printOrSaveAsPdf: 'Print, or save as PDF',
  planAndLap: 'Plan and lap',
  noneWasFoundThatTakes: 'None was found that takes less than an hour.',
  slowWaysAnHourAnd: 'Slow ways, an hour and more',
  mends: 'Mends',
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
  waysFound: (ways: number) => count(ways, 'way in', 'ways in'),
});
