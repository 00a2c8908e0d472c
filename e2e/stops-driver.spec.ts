/**
 * Walks the demo places stop by stop, by touch on a phone: the first time with nothing read, again with nothing changed, and the walk that
 * settles it. Says what each took (taps with digits counted, minutes at the stated pace) and checks that the answer is the long way's.
 */
import { readFileSync } from 'node:fs';
import { attributes } from '../src/core/attributes';
import { readPlaceFile } from '../src/core/formats/read-place-file';
import type { PlaceFile } from '../src/core/formats/place-file';
import { applyReadings, latestReadings } from '../src/core/records/apply-readings';
import type { Reading, ReadingValue } from '../src/core/records/walk';
import { judge } from '../src/core/score/judge';
import { framesOf } from '../src/core/place/frame';
import { isGauge, quickAnswer } from '../src/core/walk/quick-answer';
import type { Question } from '../src/core/walk/questions';
import { stopsOf } from '../src/core/walk/stops';
import { secondsFor } from '../src/core/walk/time-left';
import { answerWords, questionWords } from '../src/words/attributes';
import { readingWords } from '../src/words/reading-words';
import { rowWords } from '../src/words/row-words';
import { stopText } from '../src/words/screens/stop';
import { exportPlace, openFile } from './steps';
import { expect, test, type Page } from './test';

const demo = (name: string): PlaceFile => {
  const read = readPlaceFile(readFileSync(`demo/${name}.json`, 'utf8'));
  if ('problem' in read) throw new Error(read.problem);
  return read.file;
};

interface Took {
  taps: number;
  seconds: number;
  screens: number;
}

/** What stands in the record of the demo, by item and attribute. */
function truthOf({ place, walks }: PlaceFile): Map<string, ReadingValue> {
  return new Map(
    [...latestReadings(walks, framesOf(place))].map(([key, { reading }]) => [key, reading.value]),
  );
}

class Driver {
  readonly took: Took = { taps: 0, seconds: 0, screens: 0 };

  constructor(
    private readonly page: Page,
    private readonly truth: ReadonlyMap<string, ReadingValue>,
    /** The demo as it is known; its words and figures. */
    private readonly file: PlaceFile,
    private readonly stops: ReturnType<typeof stopsOf>['stops'],
  ) {}

  /** Every question that may open after another. */
  all: readonly Question[] = [];

  private async tap(name: string | RegExp, role: 'button' | 'radio' = 'button'): Promise<void> {
    await this.page
      .getByRole(role, { name, exact: typeof name === 'string' })
      .first()
      .tap();
    this.took.taps += 1;
  }

  /** Every stop from here to the end; `readAnew`: also what a look would not do for. */
  async walk(
    read: (question: Question, value: ReadingValue | undefined) => boolean,
  ): Promise<void> {
    for (let stop = 0; stop < 80; stop += 1) {
      if (this.page.url().endsWith('/walk/end')) return;
      this.took.screens += 1;
      this.took.seconds += secondsFor.look;
      const before = { ...this.took };
      await this.stop(read);
      if (process.env.STOPS) {
        const { taps, seconds } = this.took;
        console.log(
          this.page.url().split('/').at(-1),
          taps - before.taps,
          seconds - before.seconds,
        );
      }
      const here = this.page.url();
      await this.tap(/, then |^Next: /);
      await this.page.waitForURL((url) => url.href !== here);
    }
  }

  private async stop(read: (question: Question, value: ReadingValue | undefined) => boolean) {
    const { page, took } = this;
    const well = page.getByRole('button', { name: /^All \d+ as they should be$/ });
    const rows = page.getByRole('listitem');
    await rows.first().waitFor();
    const stopId = decodeURIComponent(new URL(page.url()).pathname.split('/').at(-1) ?? '');
    const questions = this.questionsAt(stopId);
    if (questions.some(({ section, bay }) => section === 'overhead' && bay !== undefined)) {
      took.seconds += secondsFor.probeOrLadder;
    }
    if ((await well.count()) > 0) {
      await well.tap();
      took.taps += 1;
      await expect(well).toHaveCount(0);
    }
    if (!questions.some((question) => read(question, this.truth.get(keyOf(question))))) return;
    const alike = page.getByRole('button', { name: /^As .*: \d+ readings$/ });
    if ((await alike.count()) > 0) {
      await alike.tap();
      took.taps += 1;
      await expect(alike).toHaveCount(0);
    }
    // What is not so is read by itself; then one button says it of all that is left.
    const isTight = (question: Question): boolean => {
      const quick = quickAnswer(this.file.place, question);
      const value = this.truth.get(keyOf(question));
      return isGauge(quick) && value !== undefined && mostOf(value) <= quick.to;
    };
    for (const question of questions) {
      const value = this.truth.get(keyOf(question));
      if (read(question, value) && !isTight(question)) await this.row(question, value);
    }
    const gauge = page.getByRole('button', { name: /^Tried all \d+/ });
    if ((await gauge.count()) > 0) {
      took.seconds += secondsFor.tape;
      await gauge.tap();
      took.taps += 1;
      await expect(gauge).toHaveCount(0);
    }
    for (const question of questions.filter(isTight)) {
      const value = this.truth.get(keyOf(question));
      if (read(question, value)) await this.row(question, value);
    }
  }

  /** Reads one row where it does not say already what is true. */
  private async row(question: Question, value: ReadingValue | undefined): Promise<void> {
    const { page, took } = this;
    const name = rowWords(this.file.place, question);
    const unread = page.getByRole('button', { name: stopText.open(name), exact: true }).first();
    if ((await unread.count()) === 0) {
      await this.corrected(question, value, name);
      return;
    }
    const quick = quickAnswer(this.file.place, question);
    if (isGauge(quick) && value !== undefined && mostOf(value) <= quick.to) {
      await this.tap(stopText.says(name, stopText.upTo(this.file.place, quick)));
      took.seconds += secondsFor.tape;
      await expect(unread).toHaveCount(0);
      return;
    }
    await unread.tap();
    took.taps += 1;
    await page.waitForURL(/read=/);
    // One opens after the other; each is taken as it comes.
    for (let more = 0; more < 40 && page.url().includes('read='); more += 1) {
      const id = new URL(page.url()).searchParams.get('read') ?? '';
      const next = this.all.find((it) => it.id === id) ?? question;
      const before = page.url();
      await this.answer(next, this.truth.get(keyOf(next)));
      await page.waitForURL((url) => url.href !== before);
    }
    await page.getByRole('listitem').first().waitFor();
  }

  /** What the bay before said of it is not so here: the row is touched and read. */
  private async corrected(question: Question, value: ReadingValue | undefined, name: string) {
    const { page } = this;
    if (value === undefined || value === 'cannot-tell') return;
    if (isGauge(quickAnswer(this.file.place, question))) return;
    const { attribute } = question;
    const words = readingWords(this.file.place, { attribute, value });
    const any = page.getByRole('button', { name: new RegExp(`^${escaped(name)}: .*Read it$`) });
    const right = page.getByRole('button', { name: stopText.read(name, words), exact: true });
    if ((await any.count()) === 0 || (await right.count()) > 0) return;
    await any.first().tap();
    this.took.taps += 1;
    await page.waitForURL(/read=/);
    await this.answer(question, value);
    await page.waitForURL((url) => !url.search.includes('read='));
  }

  private async answer(question: Question, value: ReadingValue | undefined): Promise<void> {
    const { took } = this;
    const attribute = attributes[question.attribute];
    const title = questionWords(question, this.file.place).title;
    await expect(this.page.getByRole('heading', { name: title }).first()).toBeVisible();
    took.screens += 1;
    if (value === undefined || value === 'cannot-tell') {
      took.seconds += secondsFor.look;
      await this.tap(/^can’t tell$/i);
      return;
    }
    if (attribute.value === 'choice') {
      took.seconds += secondsFor.look;
      const choice = 'is' in value ? String(value.is) : '';
      const [answer] = answerWords(this.file.place, question.attribute, choice);
      const radio = this.page.getByRole('radio', { name: new RegExp(`^${escaped(answer)}(,|$)`) });
      if ((await radio.count()) === 0) await this.tap('More kinds');
      await radio.first().tap();
      took.taps += 1;
      return;
    }
    took.seconds +=
      question.attribute === 'skirt.depth' ? secondsFor.probeOrLadder : secondsFor.tape;
    for (const digit of String(mostOf(value))) {
      await this.page.getByRole('button', { name: digit, exact: true }).last().tap();
      took.taps += 1;
    }
    await this.tap(/^Save, then/);
  }

  private questionsAt(stop: string): readonly Question[] {
    return this.stops.find(({ id }) => id === stop)?.questions ?? [];
  }
}

const keyOf = ({ item, attribute }: Question): string => `${item} ${attribute}`;
const mostOf = (value: ReadingValue): number =>
  value === 'cannot-tell' ? Infinity : 'to' in value ? value.to : Number(value.is);
const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

const day = '2026-11-26';

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
const most = { first: [240, 18], again: [35, 5], settle: [80, 4] } as const;

function expectAtMost(name: string, { taps, seconds }: Took, kind: keyof typeof most): void {
  if (name !== 'samphire-yard') return;
  const [mostTaps, mostMinutes] = most[kind];
  expect(taps).toBeLessThanOrEqual(mostTaps);
  expect(seconds / 60).toBeLessThanOrEqual(mostMinutes);
}

/** Of the first place alone: the second has two of most things, and its first walk would take the browser a quarter of an hour. */
for (const name of ['samphire-yard']) {
  const known = demo(name);
  const truth = truthOf(known);
  const { stops } = stopsOf(applyReadings(known.place, known.walks), {}, day);

  test(`${name}, the first time, stop by stop: the same answer as the long way`, async ({
    page,
  }) => {
    test.setTimeout(600_000);
    const unread: PlaceFile = {
      ...known,
      place: { ...known.place, id: `${name}-new` },
      walks: [],
      mends: [],
      sightings: [],
    };
    await begun(page, unread, 'The whole walk');
    const driver = new Driver(page, truth, known, stops);
    const atFirst = stopsOf(applyReadings(unread.place, []), {}, day).stops;
    driver.all = [...atFirst, ...stops].flatMap((it) => it.questions);
    await driver.walk(() => true);
    report(`${name}, first walk`, driver.took);
    await page.getByRole('button', { name: 'End this walk' }).tap();
    const after = JSON.parse(await exportPlace(page)) as PlaceFile;
    expect(waysOf(after, [])).toEqual(waysOf({ ...known, place: unread.place }, []));
    expectAtMost(name, driver.took, 'first');
  });
}

for (const name of ['samphire-yard', 'tamarack-bank']) {
  const known = demo(name);
  const truth = truthOf(known);
  const { stops } = stopsOf(applyReadings(known.place, known.walks), {}, day);

  test(`${name}, with nothing changed: one tap a stop`, async ({ page }) => {
    test.setTimeout(300_000);
    await begun(
      page,
      { ...known, place: { ...known.place, id: `${name}-again` } },
      'The whole walk',
    );
    const driver = new Driver(page, truth, known, stops);
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
    const driver = new Driver(page, truth, known, stops);
    driver.all = stops.flatMap((it) => it.questions);
    await driver.walk((question) => !isTold(known, question));
    report(`${name}, what settles it`, driver.took);
    expectAtMost(name, driver.took, 'settle');
  });
}
