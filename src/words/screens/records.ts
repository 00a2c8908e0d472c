/** What the screens of `records` say. */
import type { Span } from '@/core/score/losses';
import { spoken } from '../language';
import { bandWords } from '../loss-words';

export const recordsText = spoken('records', {
  walks: 'Walks',
  mends: 'Mends',
  sightings: 'Sightings',
  evenings: 'Evenings',
  allNightsAsATable: 'All evenings as a table',
  bought: 'Bought',
  records: 'Records',
  newestFirst: 'Newest first',
  oldestFirst: 'Oldest first',
  howItCameAlong: 'How it came along',
  showMoreOfThe: (many: number) => `Show more of the ${many}`,
  nothingOfThatKindYet: 'Nothing of that kind yet.',
  handItOn: 'Hand it on',
  aReportToPrintOr: 'A report to print or save as PDF',
  aReport: 'A report',
  planLapWaysInMends: 'Plan, lap, ways in, mends and lists; print it or save as PDF',
  allReadingsAsATable: 'All readings as a table (CSV)',
  allMendsAsATable: 'All mends as a table (CSV)',
  aCopyOfEverythingPhotos: 'A copy of everything, photos too, is saved on the place page.',
  holdOverTimeIsBeing: 'Hold over time is being worked out …',
  birdsLostInAYear: 'Birds lost in a year, as it stood',
  itCouldNotBeWorked: 'It could not be worked out in this browser.',
  beingWorkedOut: 'Being worked out …',
  ofFlock: (band: Span, birds: number) => `${bandWords(band)} of ${birds}`,
  afterEachOfTheLast: 'After each of the last dozen days walked, all on what threatens now.',
});
