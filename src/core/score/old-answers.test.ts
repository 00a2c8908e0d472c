/** Places that were judged falsely once, as place files: each is judged as it is (tests/answers.ts). */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { readPlaceFile } from '../formats/read-place-file';
import { oldAnswers, type Fact, type Outcome } from '../tests/answers';
import { waysOut } from './gets-out';
import { judge, type Judgement } from './judge';
import { lossesOfYear } from './losses';
import type { Scenario } from './scenario';

const folder = join(__dirname, '..', 'tests', 'answers');

function opened(file: string) {
  const read = readPlaceFile(readFileSync(join(folder, `${file}.json`), 'utf8'));
  if ('problem' in read) throw new Error(`${file}: ${JSON.stringify(read)}`);
  return read.file;
}

function judged(file: string, scenario: Scenario = 'night-shut', date?: string): Judgement {
  const { place, walks, sightings } = opened(file);
  return judge(place, walks, { scenario, log: sightings, ...(date !== undefined && { date }) });
}

function outcome(file: string, [animal, , scenario, date]: Fact): Outcome | 'away' | 'unsure' {
  const it = judged(file, scenario, date).animals.find((one) => one.animal === animal);
  if (it?.presence !== 'about') return 'away';
  const { best, worst } = it.minutes;
  if (best !== worst) return 'unsure';
  if (best === null) return 'shut';
  if ((it.route?.turnedBack ?? 0) >= 0.8) return 'turned back';
  return best < 60 ? 'in' : 'slow';
}

test.each(
  oldAnswers.flatMap(({ file, said, facts }) => facts.map((fact) => ({ file, said, fact }))),
)('$file (once: $said): $fact', ({ file, fact }) => {
  expect(outcome(file, fact)).toBe(fact[1]);
});

const chanceOf = (file: string): number[] => judged(file).animals.map(({ chance }) => chance.best);

test('a slide with a bolt is never worse than without (once: hold 100 fell to 22)', () => {
  expect(judged('slide-with-bolt').hold.best).toBeGreaterThanOrEqual(
    judged('slide').hold.best ?? 0,
  );
});

test('an opening made wider never stops anybody (once: 70 by 215 mm let a fox in, 72 by 215 did not)', () => {
  const [narrow, wide] = [chanceOf('slot-70'), chanceOf('slot-72')];
  expect(wide[0]).toBeGreaterThanOrEqual(narrow[0] ?? 1);
  expect(wide[0]).toBeGreaterThan(0);
});

test('one low strand counts something against all that nose along the ground, and nothing under snow', () => {
  const [wired, bare, snowed] = [
    chanceOf('one-low-wire'),
    chanceOf('no-wire'),
    chanceOf('wire-in-snow'),
  ];
  wired.forEach((chance, index) => expect(chance).toBeLessThan(bare[index] ?? 0));
  expect(snowed).toEqual(bare);
});

test('a snake in January is no way in, tonight', () => {
  expect(judged('snake', 'night-shut', '2026-01-15').waysIn).toEqual([]);
});

test('egg thieves are named apart from what takes birds', () => {
  const { waysIn, waysToEggs, hold } = judged('eggs', 'day-run');
  expect([waysIn.length, waysToEggs.length, hold.best]).toEqual([0, 1, null]);
});

test('what is put up against visitors lowers visits a little, and closes nothing', () => {
  const [lit, plain] = [judged('light-and-cockerel'), judged('hole')];
  expect(lit.waysIn).toHaveLength(plain.waysIn.length);
  const [less, usual] = [lit.animals[0]?.visits ?? 0, plain.animals[0]?.visits ?? 0];
  expect(less).toBeLessThan(usual);
  expect(less).toBeGreaterThan(usual / 2);
});

test('an accepted loss leaves headline and hold, and stays a loss', () => {
  expect([judged('accepted').waysIn.length, judged('accepted').hold.best]).toEqual([0, null]);
  const year = (file: string) => lossesOfYear(opened(file).place, [], {}, 2026).birds;
  expect(year('accepted')).toEqual(year('hole'));
});

test('whether the birds get out is said beside, never in the hold', () => {
  expect(waysOut(opened('chicks-get-out').place).length).toBeGreaterThan(0);
  expect(waysOut(opened('gate-of-screen').place)).toEqual([]);
  expect(judged('chicks-get-out').hold.best).toBe(100);
});

test('dates of use may be several, chicks grow up on a day, a flock may be a range', () => {
  const birds = (date: string) => judged('two-stretches', 'night-shut', date).whereabouts;
  expect(birds('2026-04-10').map(({ group }) => [group.kind, group.upTo])).toEqual([['chicks', 9]]);
  expect(birds('2026-10-10').map(({ group }) => group.kind)).toEqual(['grown']);
  expect(birds('2026-07-10')).toEqual([]);
});

test.each(['roof-left-out', 'wall-left-out', 'gate-nobody-looked-at'])(
  '%s: what is not there is unread, never sound',
  (file) => {
    const { hold, stops } = judged(file, 'day-run');
    expect([hold.best, hold.worst]).toEqual([100, 0]);
    expect(stops.unread).toBeGreaterThan(0);
  },
);

test('every place file here is asked about', () => {
  const files = readdirSync(folder).map((name) => name.replace('.json', ''));
  const named = readFileSync(__filename, 'utf8');
  const asked = new Set(oldAnswers.map(({ file }) => file));
  expect(files.filter((file) => !asked.has(file) && !named.includes(`'${file}'`))).toEqual([]);
});
