/** The table of docs/calibration.md: what each kind of place loses by the tables, before visits and tries were told apart and now. */
import { mostOf } from '../place/group-on';
import type { Place } from '../place/place';
import { lossesOfYear } from '../score/losses';
import { animalIds, animals, type Animal, type AnimalId } from '../tables/animals';
import { kindsOfPlaces, type KindOfPlace } from './kinds-of-places';

/** Every visit a try, as it was once. */
const everyVisitTries = { ...animals };
for (const id of animalIds) {
  const share = { ...animals[id].attempting.share, value: 1 };
  everyVisitTries[id] = { ...animals[id], attempting: { share, young: [], lean: [] } };
}

/** Share of the flock that the tables expect to lose in a year: of places of which nothing is unread, so that both ends meet. */
export function shareLost(
  place: Place,
  table: Readonly<Record<AnimalId, Animal>> = animals,
): number {
  const flock = place.flock.reduce((sum, group) => sum + mostOf(group), 0);
  return lossesOfYear(place, [], { date: '2026-06-15', table }, 2026).birds.high / flock;
}

const perCent = (share: number): string => {
  const of100 = 100 * share;
  return of100 < 10 ? of100.toFixed(1) : String(Math.round(of100));
};

const sourceNames: Readonly<Record<KindOfPlace['source'], string>> = {
  published: 'published, recalled from memory',
  'common-practice': 'common practice',
  assumption: 'assumption of ours',
};

/** Markdown, one row a kind. */
export function calibrationTable(): string {
  return [
    '| kind of place | said to lose | whose word | every visit a try | now |',
    '|---|---|---|---|---|',
    ...kindsOfPlaces.map(({ what, place, band: [low, high], source }) => {
      const cells = [
        what,
        `${perCent(low)}–${perCent(high)} %`,
        sourceNames[source],
        `${perCent(shareLost(place, everyVisitTries))} %`,
        `**${perCent(shareLost(place))} %**`,
      ];
      return `| ${cells.join(' | ')} |`;
    }),
  ].join('\n');
}
