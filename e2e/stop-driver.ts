/** Walks a place stop by stop as a keeper would, by touch: reads what is so from a record, and counts what it takes. */
import '../src/core/fence/dense-inverse';
import { attributes } from '../src/core/attributes';
import type { PlaceFile } from '../src/core/formats/place-file';
import { latestReadings } from '../src/core/records/apply-readings';
import { findBay } from '../src/core/place/find';
import type { ReadingValue, Walk } from '../src/core/records/walk';
import { isGauge, quickAnswer } from '../src/core/walk/quick-answer';
import type { Question } from '../src/core/walk/questions';
import { isLikeWall, sameAsAt } from '../src/core/walk/same-as';
import { type Stop } from '../src/core/walk/stops';
import { secondsFor } from '../src/core/walk/time-left';
import { isAnsweredTogether } from '../src/core/walk/what-follows';
import { answerWords, questionWords } from '../src/words/attributes';
import { readingWords } from '../src/words/reading-words';
import { rowWords } from '../src/words/row-words';
import { walkText } from '../src/words/screens/walk';
import { stopText } from '../src/words/screens/stop';
import type { ElementHandle, Locator } from '@playwright/test';
import { expect, type Page } from './test';
import { mostOf, typedOf, type Typed } from './typed-of';

/** The day on which it is walked. */
export const day = '2026-11-26';

export interface Took {
  taps: number;
  seconds: number;
  screens: number;
}

/** What stands in the record of the demo, by item and attribute. */
export function truthOf({ place, walks }: PlaceFile): Map<string, ReadingValue> {
  return new Map(
    [...latestReadings(walks, place)].map(([key, { reading }]) => [key, reading.value]),
  );
}

function toldOf({ place, walks }: PlaceFile): Walk {
  const readings = [...latestReadings(walks, place).values()].map(({ reading }) => reading);
  return { id: 'told', placeId: place.id, date: day, kind: 'lap', ended: false, readings };
}

export class Driver {
  readonly took: Took = { taps: 0, seconds: 0, screens: 0 };

  constructor(
    private readonly page: Page,
    /** The demo as it is known; its words and figures. */
    private readonly known: PlaceFile,
    private readonly stops: readonly Stop[],
  ) {
    // What does not come in this time does not come at all.
    page.setDefaultTimeout(30_000);
    page.setDefaultNavigationTimeout(30_000);
    this.truth = truthOf(known);
    this.told = toldOf(known);
  }

  private readonly truth: ReadonlyMap<string, ReadingValue>;
  /** The record as one walk. */
  private readonly told: Walk;

  /** Every question that may open after another. */
  all: readonly Question[] = [];

  private async tap(name: string | RegExp, role: 'button' | 'radio' = 'button'): Promise<void> {
    await this.touch(this.page.getByRole(role, { name, exact: typeof name === 'string' }).first());
    this.took.taps += 1;
  }

  /** On its left and its right in turn: two taps on one spot, as quick as a machine's, would count as one. */
  private async touch(it: Locator, timeout?: number): Promise<void> {
    const { width = 0, height = 0 } = (await it.boundingBox(timeout ? { timeout } : {})) ?? {};
    const inset = 24;
    this.isLeft = !this.isLeft;
    const position = { x: this.isLeft ? inset : width - inset, y: height / 2 };
    await it.tap({ ...(width > 4 * inset && { position }), ...(timeout && { timeout }) });
  }

  private isLeft = false;

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
    }
    throw new Error('the walk has no end');
  }

  private async stop(read: (question: Question, value: ReadingValue | undefined) => boolean) {
    const { page, took } = this;
    // Where nothing is left but what would change nothing there is no row.
    await page
      .getByRole('listitem')
      .or(page.getByRole('button', { name: stopText.showThem }))
      .first()
      .waitFor();
    const stopId = decodeURIComponent(new URL(page.url()).pathname.split('/').at(-1) ?? '');
    const here = this.stops.find(({ id }) => id === stopId);
    const questions = here?.questions ?? [];
    if (questions.some(({ section, bay }) => section === 'overhead' && bay !== undefined)) {
      took.seconds += secondsFor.probeOrLadder;
    }
    // What is only looked at is looked at all the same; a figure that nobody kept is not invented.
    const wanted = questions.filter(
      (it) => attributes[it.attribute].isJudged && read(it, this.truth.get(keyOf(it))),
    );
    const path = new URL(page.url()).pathname;
    // What is to be read may turn out, under the finger, to be nothing worth reading: the same button then goes on.
    const isHere = () => new URL(page.url()).pathname === path;
    if (here && wanted.length > 0) {
      await this.asAnother(here);
      await this.singly();
      const own = wanted.filter((one) => !this.isSaidTogether(one));
      for (const it of own.filter((one) => this.truth.has(keyOf(one)))) {
        if (isHere()) await this.row(it);
      }
      if (isHere()) await this.saidAhead(here);
      // What is off is read by itself; then one button says it of all that is left.
      for (const it of wanted.filter((one) => this.isOff(one))) if (isHere()) await this.row(it);
      // A reading may have made another matter that was to change nothing before.
      for (let again = 0; again < 3 && isHere(); again += 1) {
        await this.workedOut();
        const { taps } = took;
        for (const it of own.filter((one) => this.truth.has(keyOf(one)))) {
          if (isHere()) await this.row(it);
        }
        if (took.taps === taps) break;
      }
    }
    if (isHere()) await this.onward(wanted.length > 0);
  }

  /** What could still change the answer has been worked out: nothing is said in a hurry. */
  private async workedOut(): Promise<void> {
    await expect(this.page.locator('[role=list][aria-busy=true]')).toHaveCount(0);
  }

  /** The big button, if what it says is so; otherwise what is unread is left. */
  private async onward(isRead: boolean): Promise<void> {
    const { page, took } = this;
    await this.workedOut();
    const here = page.url();
    const past = page.getByRole('button', { name: /^Go on, \d+ unread$/ });
    const gauge = page.getByRole('button', { name: /gauge goes in nowhere/ });
    const isGauged = (await gauge.count()) > 0;
    const isClean = page.getByRole('button', { name: /as (it|they) should be/i });
    const main = page
      .getByRole('button', { name: /, then |^Next: |gauge goes in|as (it|they) should be/i })
      .first();
    const isSaid = isGauged ? isRead : (await isClean.count()) > 0;
    if (isSaid && isGauged) took.seconds += secondsFor.tape;
    const isPassed = (await past.count()) > 0 && !isSaid;
    const heading = await this.heading();
    const label = isPassed ? null : await main.textContent();
    const asksMore = !isPassed && !label?.includes('then ');
    // What could change nothing is folded away once the worker has said so: what was unread may be so no more.
    await expect(async () => {
      const isThere = isPassed && (await past.count()) > 0;
      await this.touch(isThere ? past : main, 5000);
    }).toPass();
    took.taps += 1;
    if (asksMore) {
      // Asked at once and without waiting: the button may be gone before its text is read.
      const isAnother = async () => (await main.allTextContents())[0] !== label;
      await expect.poll(async () => page.url() !== here || (await isAnother())).toBe(true);
      // What is stored is seen before the next stop is there: it is waited for, where there is to be one.
      await page.waitForURL((url) => url.href !== here, { timeout: 3000 }).catch(() => undefined);
      // What is asked last has been spared, or is read now.
      if (page.url() !== here) {
        await gone(heading);
        return;
      }
      if (isRead) await this.singly();
      await this.onward(false);
      return;
    }
    await page.waitForURL((url) => url.href !== here);
    await gone(heading);
  }

  /** The one that is drawn; the address changes before the screen does, and every screen has a heading of its own. */
  private async heading(): Promise<ElementHandle> {
    const heading = this.page.getByRole('heading', { level: 1 });
    await heading.first().waitFor();
    return (await heading.first().elementHandle()) as ElementHandle;
  }

  /** How many lasting readings of `stop` are not as those of `like`. */
  private differences(stop: Stop, like: Stop): number {
    const { place } = this.known;
    return stop.questions.filter((it) => {
      const same = sameAsAt(place, like, this.told, it);
      const isLasting = attributes[it.attribute].isJudged && !attributes[it.attribute].wears;
      return isLasting && !isSame(same?.reading.value, this.truth.get(keyOf(it)));
    }).length;
  }

  /** "As west 1", where that says more that is so than what stands. */
  private async asAnother(here: Stop): Promise<void> {
    const { page } = this;
    const offers = page.getByRole('button', { name: /^As .*: \d+ readings?$/ });
    const said = await offers.allTextContents();
    const likes = said.flatMap((label) => {
      const name = /^As (.*):/.exec(label)?.[1];
      const stop = this.stops.find(
        ({ bay }) => bay !== undefined && findBay(this.known.place, bay)?.bay.name === name,
      );
      return stop ? [{ label, stop }] : [];
    });
    const best = [...likes].sort(
      (a, b) => this.differences(here, a.stop) - this.differences(here, b.stop),
    )[0];
    const from = this.saidFrom.get(here.id);
    if (!best) return;
    if (from && this.differences(here, from) <= this.differences(here, best.stop)) return;
    const button = page.getByRole('button', { name: best.label, exact: true });
    await this.touch(button);
    this.took.taps += 1;
    await expect(button).toHaveCount(0);
  }

  /** What opens one after the other: all that nothing is usual of. */
  private async singly(): Promise<void> {
    const { page } = this;
    const first = page.getByRole('button', { name: /^Read: / });
    const path = new URL(page.url()).pathname;
    const isHere = () => new URL(page.url()).pathname === path;
    for (let more = 0; more < 5 && isHere() && (await first.count()) > 0; more += 1) {
      await this.open(first);
    }
  }

  /** The walls ahead are as this one, where the next of them is more so than by what was said of it before. */
  private async saidAhead(here: Stop): Promise<void> {
    const { page, stops } = this;
    const offer = page.getByRole('button', { name: /ahead like this one, the same/ });
    if ((await offer.count()) === 0) return;
    const ahead = stops
      .slice(stops.indexOf(here) + 1)
      .filter(({ bay }) => isLikeWall(this.known.place, here.bay, bay));
    const [next] = ahead;
    if (!next) return;
    const from = this.saidFrom.get(next.id);
    if (from && this.differences(next, from) <= this.differences(next, here)) return;
    for (const it of ahead) this.saidFrom.set(it.id, here);
    await this.touch(offer);
    this.took.taps += 1;
    await expect(offer).toHaveCount(0);
  }

  /** Which stop was said to be as which. */
  private readonly saidFrom = new Map<string, Stop>();

  private isSaidTogether(question: Question): boolean {
    return isAnsweredTogether(this.known.place, question);
  }

  /** Said together with the rest it would be wrong. */
  private isOff(question: Question): boolean {
    const quick = quickAnswer(this.known.place, question);
    const value = this.truth.get(keyOf(question));
    if (!this.isSaidTogether(question) || !attributes[question.attribute].isJudged) return false;
    if (value === undefined) return true;
    return isGauge(quick) ? mostOf(value) > quick.to : !isSame(quick, value);
  }

  /** Reads one row where it does not say already what is true. */
  private async row(question: Question): Promise<void> {
    const { page } = this;
    const value = this.truth.get(keyOf(question));
    const name = rowWords(this.known.place, question);
    const unread = page.getByRole('button', { name: stopText.open(name), exact: true }).first();
    if ((await unread.count()) === 0) {
      await this.corrected(question, value, name);
      return;
    }
    await this.open(unread);
  }

  /** One opens after the other; each is taken as it comes. */
  private async open(row: Locator): Promise<void> {
    const { page } = this;
    const stop = await this.heading();
    const path = new URL(page.url()).pathname;
    const isTapped = await this.touch(row, 10_000).then(
      () => true,
      () => false,
    );
    // What was said of other rows meanwhile may have told that this one changes nothing: it is folded away.
    if (!isTapped && (await row.count()) === 0) return;
    expect(isTapped).toBe(true);
    this.took.taps += 1;
    await page.waitForURL((url) => url.search.includes('read=') || url.pathname !== path);
    await gone(stop);
    if (!page.url().includes('read=')) return;
    for (let more = 0; more < 40 && page.url().includes('read='); more += 1) {
      const id = new URL(page.url()).searchParams.get('read') ?? '';
      const next = this.all.find((it) => it.id === id);
      if (!next) throw new Error(`what is ${id}?`);
      const before = page.url();
      const heading = await this.heading();
      await this.answer(next, this.truth.get(keyOf(next)));
      await page.waitForURL((url) => url.href !== before);
      await gone(heading);
    }
    await page.getByRole('listitem').first().waitFor();
  }

  /** What another wall said of it is not so here: the row is touched and read. */
  private async corrected(question: Question, value: ReadingValue | undefined, name: string) {
    const { page } = this;
    if (value === undefined || value === 'cannot-tell') return;
    if (this.isSaidTogether(question)) return;
    const { attribute } = question;
    const words = readingWords(this.known.place, { attribute, value });
    const any = page.getByRole('button', { name: new RegExp(`^${escaped(name)}: .*Read it$`) });
    const right = page.getByRole('button', { name: stopText.read(name, words), exact: true });
    if ((await any.count()) === 0 || (await right.count()) > 0) return;
    await this.open(any.first());
  }

  private async answer(question: Question, value: ReadingValue | undefined): Promise<void> {
    const { took } = this;
    const attribute = attributes[question.attribute];
    const title = questionWords(question, this.known.place).title;
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
      const [answer] = answerWords(this.known.place, question.attribute, choice);
      const radio = this.page.getByRole('radio', { name: new RegExp(`^${escaped(answer)}(,|$)`) });
      if ((await radio.count()) === 0) await this.tap('More kinds');
      await radio.first().tap();
      took.taps += 1;
      return;
    }
    took.seconds +=
      question.attribute === 'skirt.depth' ? secondsFor.probeOrLadder : secondsFor.tape;
    await this.type(typedOf(value));
    await this.tap(/^Save, then/);
  }

  /** Sign by sign, in the unit it was measured in. */
  private async type({ signs, unit }: Typed): Promise<void> {
    const { page } = this;
    const other = unit === 'in' ? walkText.toInches : walkText.toMm;
    const turn = page.getByRole('button', { name: other, exact: true });
    if ((unit === 'in' || unit === 'mm') && (await turn.count()) > 0) {
      await turn.tap();
      this.took.taps += 1;
    }
    for (const sign of signs) {
      const name = sign.includes('/') ? walkText.inch(sign) : sign;
      await page.getByRole('button', { name, exact: true }).last().tap();
      this.took.taps += 1;
    }
  }
}

const gone = (heading: ElementHandle) => heading.waitForElementState('hidden');
const keyOf = ({ item, attribute }: Question): string => `${item} ${attribute}`;
const isSame = (a: ReadingValue | undefined, b: ReadingValue | undefined): boolean =>
  a !== undefined && a !== 'cannot-tell' && b !== undefined && b !== 'cannot-tell'
    ? 'is' in a && 'is' in b && a.is === b.is
    : a === b;
const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
