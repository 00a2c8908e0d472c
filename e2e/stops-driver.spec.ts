/**
 * Walks the demo places stop by stop, by touch on a phone: the first time with nothing read, again with nothing changed, and the walk that
 * settles it. Says what each took (taps with digits counted, minutes at the stated pace) and checks that the answer is the long way's.
 */
import { readFileSync } from 'node:fs';
import { readPlaceFile } from '../src/core/formats/read-place-file';
import type { PlaceFile } from '../src/core/formats/place-file';
import { applyReadings } from '../src/core/records/apply-readings';
import type { Reading } from '../src/core/records/walk';
import { judge } from '../src/core/score/judge';
import { minutesLeft } from '../src/core/walk/time-left';
import { stopsOf } from '../src/core/walk/stops';
import { exportPlace, openFile } from './steps';
import { expect, test, type Page } from './test';
import { walkedFromShape } from './begun-places';
import { Driver, day, truthOf, type Took } from './stop-driver';

const demo = (name: string): PlaceFile => {
  const read = readPlaceFile(readFileSync(`demo/${name}.json`, 'utf8'));
  if ('problem' in read) throw new Error(read.problem);
  return read.file;
};

async function begun(page: Page, file: PlaceFile, purpose: string): Promise<void> {
  await page.goto('/place');
  const { id } = file.place;
  const own = <T extends { readonly placeId: string }>(records: readonly T[]): T[] =>
    records.map((it) => ({ ...it, placeId: id }));
  const named: PlaceFile = {
    ...file,
    place: { ...file.place, name: 'Driven Yard' },
    walks: own(file.walks),
    mends: own(file.mends),
    sightings: own(file.sightings),
  };
  await openFile(page, 'place.json', JSON.stringify(named));
  await expect(page.getByText(/^Driven Yard/).first()).toBeVisible();
  await page.goto('/walk');
  await page.getByRole('radio', { name: new RegExp(`^${purpose}`) }).click();
  await page.getByRole('button', { name: /^Walk, stop by stop: / }).click();
  await page.waitForURL(/\/walk\/stop\//);
}

function waysOf(file: PlaceFile, log: PlaceFile['sightings']) {
  const { waysIn, slowWays, hold } = judge(file.place, file.walks, { date: day, log });
  const bays = (ways: typeof waysIn) => ways.map(({ bays: own }) => own.join());
  return { ways: bays(waysIn), slow: bays(slowWays), hold };
}

const minutes = (seconds: number): string => (seconds / 60).toFixed(1);

function report(what: string, { taps, seconds, screens }: Took): void {
  console.log(
    `${what}: ${taps} taps, ${screens} screens, ${minutes(seconds)} min at the stated pace`,
  );
}

const isTold = (file: PlaceFile, { item, attribute }: Pick<Reading, 'item' | 'attribute'>) =>
  truthOf(file).has(`${item} ${attribute}`);

/** At most so many taps, and minutes at the stated pace, on the first demo. */
const most = { first: [120, 12], again: [35, 5], settle: [40, 4] } as const;

function expectAtMost(name: string, { taps, seconds }: Took, kind: keyof typeof most): void {
  if (name !== 'samphire-yard') return;
  const [mostTaps, mostMinutes] = most[kind];
  expect(taps).toBeLessThanOrEqual(mostTaps);
  expect(seconds / 60).toBeLessThanOrEqual(mostMinutes);
}

const firstDemo = demo('samphire-yard');
const firstWalks: readonly (readonly [name: string, known: PlaceFile])[] = [
  ['samphire-yard', firstDemo],
  ['tamarack-bank', demo('tamarack-bank')],
  ...(['run-round', 'raised', 'kennel'] as const).map(
    (shape) => [shape, walkedFromShape(shape, firstDemo)] as const,
  ),
];

/** Walked each time; the others on demand. */
const asked = ['samphire-yard', 'raised'];

for (const [name, known] of firstWalks) {
  const { stops } = stopsOf(applyReadings(known.place, known.walks), {}, day);

  const tag = asked.includes(name) ? [] : ['@long'];
  test(
    `${name}, the first time, stop by stop: the same answer as the long way`,
    { tag },
    async ({ page }) => {
      test.setTimeout(600_000);
      const unread: PlaceFile = {
        ...known,
        place: { ...known.place, id: `${name}-new` },
        walks: [],
        mends: [],
        sightings: [],
      };
      await begun(page, unread, 'The whole walk');
      const driver = new Driver(page, known, stops);
      const atFirst = stopsOf(applyReadings(unread.place, []), {}, day).stops;
      driver.all = [...atFirst, ...stops].flatMap((it) => it.questions);
      await driver.walk(() => true);
      const before = atFirst.flatMap((it) => it.questions).length;
      const said = minutesLeft(atFirst, undefined, () => false);
      // What is said beforehand is what it takes, near enough to be believed.
      expect(said / (driver.took.seconds / 60)).toBeGreaterThan(0.7);
      expect(said / (driver.took.seconds / 60)).toBeLessThan(1.4);
      report(
        `${name}, first walk of ${before} readings at least, said to take ${Math.round(said)} min`,
        driver.took,
      );
      await page.getByRole('button', { name: 'End this walk' }).tap();
      const after = JSON.parse(await exportPlace(page)) as PlaceFile;
      expect(waysOf(after, [])).toEqual(waysOf({ ...known, place: unread.place }, []));
      expectAtMost(name, driver.took, 'first');
    },
  );
}

for (const name of ['samphire-yard', 'tamarack-bank']) {
  const known = demo(name);
  const { stops } = stopsOf(applyReadings(known.place, known.walks), {}, day);

  test(`${name}, with nothing changed: one tap a stop`, async ({ page }) => {
    test.setTimeout(300_000);
    await begun(
      page,
      { ...known, place: { ...known.place, id: `${name}-again` } },
      'The whole walk',
    );
    const driver = new Driver(page, known, stops);
    await driver.walk(() => false);
    report(`${name}, nothing changed`, driver.took);
    expectAtMost(name, driver.took, 'again');
    // A look keeps the last figure, says so, and changes no answer.
    const after = JSON.parse(await exportPlace(page)) as PlaceFile;
    const own = after.walks.at(-1)?.readings ?? [];
    expect(own.filter(({ how }) => how === 'looked').length).toBeGreaterThan(50);
    expect(waysOf(after, []).ways).toEqual(waysOf(known, []).ways);
  });

  test(`${name}, what settles it: a third of the whole at most`, async ({ page }) => {
    test.setTimeout(300_000);
    await begun(
      page,
      { ...known, place: { ...known.place, id: `${name}-settle` } },
      'What settles it',
    );
    const driver = new Driver(page, known, stops);
    driver.all = stops.flatMap((it) => it.questions);
    await driver.walk((question) => !isTold(known, question));
    report(`${name}, what settles it`, driver.took);
    expectAtMost(name, driver.took, 'settle');
  });
}
