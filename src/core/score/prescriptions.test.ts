/**
 * Whole places built to a prescription hold for the attacks it addresses; just short of it they do not; clearly broken, the
 * animal is in within the hour. Moving the table's figure by one band, up or down, makes the check fail: no figure can drift.
 */
import { judgePen, standsAgainst, type Table } from '../tests/one-pen';
import { judgedAsItIs } from '../tests/judged-as-it-is';
import { practisedPrescriptions } from '../tests/practised-prescriptions';
import type { Prescription } from '../tests/prescription';
import { publishedPrescriptions } from '../tests/published-prescriptions';
import { animals } from '../tables/animals';

const all = [...publishedPrescriptions, ...practisedPrescriptions];

/** What of a prescription does not come out as it should. */
function failures({ animal, built, short, broken }: Prescription, table?: Table): string[] {
  const stands = (pen: Prescription['built'][number]) => standsAgainst(animal, pen, table);
  const say = (kind: string, pen: object) => `${kind} ${JSON.stringify(pen)}`;
  return [
    ...built
      .filter((pen) => !['holds', 'turned back'].includes(stands(pen)))
      .map((pen) => say('built', pen)),
    ...short
      .filter((pen) => ['holds', 'turned back'].includes(stands(pen)))
      .map((pen) => say('short', pen)),
    ...broken.filter((pen) => stands(pen) !== 'in').map((pen) => say('broken', pen)),
  ];
}

describe('published prescriptions (all recalled from memory)', () => {
  test.each(publishedPrescriptions.map((it) => [`${it.what} [${it.source}]`, it] as const))(
    '%s',
    (_name, prescription) => expect(failures(prescription)).toEqual([]),
  );
});

describe('common practice', () => {
  test.each(practisedPrescriptions.map((it) => [it.what, it] as const))(
    '%s',
    (_name, prescription) => expect(failures(prescription)).toEqual([]),
  );
});

describe('judged as it is', () => {
  test.each(judgedAsItIs.map((it) => [it.what, it] as const))('%s', (_name, prescription) =>
    expect(failures(prescription)).toEqual([]),
  );

  test('for every one, what is clearly broken comes out broken', () => {
    const broken = judgedAsItIs.flatMap((it) => it.broken);
    expect(judgedAsItIs.length).toBeGreaterThanOrEqual(40);
    expect(broken.length).toBeGreaterThanOrEqual(60);
  });
});

describe('a figure moved by one band is noticed', () => {
  const pins = all.flatMap((prescription) =>
    prescription.pins.flatMap((pin) =>
      ([1, -1] as const).map((direction) => ({ prescription, pin, direction })),
    ),
  );
  test.each(
    pins.map(
      (it) =>
        [`${it.pin.animal}, ${it.pin.figure}, ${it.direction > 0 ? 'up' : 'down'}`, it] as const,
    ),
  )('%s', (_name, { prescription, pin, direction }) => {
    const table: Table = { ...animals, [pin.animal]: pin.moved(direction) };
    expect(failures(prescription, table)).not.toEqual([]);
  });
});

test('there are at least 45 of them, each with something built and something broken', () => {
  expect(all.length).toBeGreaterThanOrEqual(45);
  for (const { what, built, broken } of all) {
    expect([what, built.length > 0, broken.length > 0]).toEqual([what, true, true]);
  }
});

test('one more lock on a door next to a gap changes nothing', () => {
  const locked = { door: { latches: ['padlock', 'two-motion'] }, gap: 120 } as const;
  expect(standsAgainst('red-fox', locked)).toBe('in');
});

test('fresh digging counts a level easier, stony soil a level harder', () => {
  const minutes = (more: object) =>
    judgePen(['red-fox'], { mesh: 'welded-25', outward: 300, ...more }).animals[0]?.minutes.best;
  expect(minutes({})).toBe(60);
  expect(minutes({ freshDigging: true })).toBe(5);
  expect(minutes({ soil: 'stony' })).toBe(480);
});

test('the same fault all round is one way in, and several animals by it are one', () => {
  const { waysIn } = judgePen(['stoat', 'long-tailed-weasel'], { mesh: 'hex-25' });
  expect(waysIn).toHaveLength(1);
  expect(waysIn[0]?.bays).toHaveLength(4);
  expect(waysIn[0]?.by.map(({ animal }) => animal).sort()).toEqual(['long-tailed-weasel', 'stoat']);
});
