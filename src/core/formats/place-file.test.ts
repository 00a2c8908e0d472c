import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { samphireYard } from '../../../demo/samphire-yard';
import { judge } from '../score/judge';
import { randomPlace } from '../tests/random-place';
import { formatVersion, largestFile, writePlaceFile } from './place-file';
import { withUndescribed } from '../place/undescribed';
import { readPlaceFile } from './read-place-file';
import { often } from '../tests/often';

const text = writePlaceFile(samphireYard);

/** The demo file with one thing changed. */
function changed(change: (file: Record<string, never>) => void): string {
  const file = JSON.parse(text) as Record<string, never>;
  change(file);
  return JSON.stringify(file);
}

const problemOf = (it: string) => {
  const read = readPlaceFile(it);
  return 'problem' in read ? read : undefined;
};

test('import of an export is the identity', () => {
  expect(readPlaceFile(text)).toEqual({ file: samphireYard });
});

test('import of an export is the identity for random places, in both unit systems', () => {
  fc.assert(
    fc.property(randomPlace('some'), (random) => {
      // What it does not describe is put there unread as it is opened.
      const it = withUndescribed(random);
      const written = writePlaceFile({ place: it, walks: [], mends: [], sightings: [] });
      const read = readPlaceFile(written);
      if ('problem' in read) throw new Error(JSON.stringify(read));
      expect(read.file.place).toEqual(it);
      expect(writePlaceFile(read.file)).toBe(written);
      expect(judge(read.file.place, []).hold).toEqual(judge(it, []).hold);
    }),
    { numRuns: often(50) },
  );
});

test('the demo file on disk is the demo place', () => {
  const file = join(__dirname, '../../../demo/samphire-yard.json');
  expect(readFileSync(file, 'utf8')).toBe(text);
});

describe('bad files are refused with what is wrong', () => {
  test.each([
    ['nothing', '', 'not-json'],
    ['a text', 'hello', 'not-json'],
    ['half a file', text.slice(0, 5000), 'not-json'],
    ['a list', '[]', 'not-a-place'],
    ['null', 'null', 'not-a-place'],
    ['another program’s JSON', '{"name":"x"}', 'not-a-place'],
  ])('%s', (_name, bad, problem) => {
    expect(problemOf(bad)?.problem).toBe(problem);
  });

  test('a newer version, with both numbers', () => {
    const newer = changed((file) => Object.assign(file, { version: formatVersion + 1 }));
    expect(problemOf(newer)).toEqual({
      problem: 'newer-version',
      version: formatVersion + 1,
      known: formatVersion,
    });
  });

  test('a huge file, before it is parsed', () => {
    expect(problemOf(' '.repeat(largestFile + 1))?.problem).toBe('too-large');
    expect(problemOf(' '.repeat(largestFile))?.problem).toBe('not-json');
  });

  const wrong: [name: string, change: (file: never) => void, path: RegExp][] = [
    ['a version that is no number', (f: { version: unknown }) => void (f.version = '1'), /version/],
    [
      'an unknown field',
      (f: { place: object }) => void Object.assign(f.place, { colour: 'red' }),
      /place/,
    ],
    [
      'an unknown field deep down',
      (f: Deep) => void Object.assign(f.place.faces[0]?.bays[0] ?? {}, { x: 1 }),
      /bays\[0\]/,
    ],
    [
      'a negative width',
      (f: Deep) => void Object.assign(f.place.faces[0]?.bays[0] ?? {}, { width: -5 }),
      /width/,
    ],
    [
      'a width in words',
      (f: Deep) => void Object.assign(f.place.faces[0]?.bays[0] ?? {}, { width: '5' }),
      /width/,
    ],
    ['an animal nobody knows', (f: Deep) => void f.place.setting.lives.push('wolf'), /lives/],
    [
      'a range the wrong way round',
      (f: Deep) =>
        void Object.assign(f.place.faces[0]?.bays[0] ?? {}, { panelPulled: { from: 9, to: 3 } }),
      /panelPulled/,
    ],
    [
      'a zone that is not there',
      (f: Deep) => void Object.assign(f.place.faces[0] ?? {}, { between: ['outside', 'barn'] }),
      /between/,
    ],
    [
      'a side that is not there',
      (f: Deep) => void Object.assign(f.place.faces[0] ?? {}, { along: 'nowhere' }),
      /along/,
    ],
    [
      'one id twice',
      (f: Deep) => void Object.assign(f.place.faces[0]?.bays[1] ?? {}, { id: 'w1' }),
      /faces/,
    ],
    [
      'birds that sleep nowhere',
      (f: Deep) => void Object.assign(f.place.flock[0] ?? {}, { sleeps: 'tree' }),
      /flock/,
    ],
    ['no walks', (f: { walks?: unknown }) => void delete f.walks, /walks/],
    [
      'a reading of no attribute',
      (f: Deep) => void Object.assign(f.walks[0]?.readings[0] ?? {}, { attribute: 'x' }),
      /attribute/,
    ],
    [
      'a length where a mesh belongs',
      (f: Deep) =>
        void Object.assign(f.walks[0]?.readings.find((r) => r.attribute === 'layer.mesh') ?? {}, {
          value: { is: 5 },
        }),
      /value/,
    ],
    [
      'a walk of another place',
      (f: Deep) => void Object.assign(f.walks[0] ?? {}, { placeId: 'other' }),
      /walks/,
    ],
    [
      'a date that is none',
      (f: Deep) => void Object.assign(f.walks[0] ?? {}, { date: 'yesterday' }),
      /date/,
    ],
  ] as never;

  test.each(wrong)('%s', (_name, change, path) => {
    const problem = problemOf(changed(change as never));
    expect(problem?.problem).toBe('wrong-shape');
    if (problem?.problem === 'wrong-shape')
      expect(`${problem.path} ${problem.detail}`).toMatch(path);
  });
});

interface Deep {
  place: {
    setting: { lives: string[] };
    flock: object[];
    faces: { bays: object[] }[];
  };
  walks: { readings: { attribute: string }[] }[];
}

test.each(['', 0, null, 'nothing', '__proto__'])(
  'a reading of %j is refused, not thrown over',
  (attribute) => {
    const file = JSON.parse(writePlaceFile(samphireYard)) as { walks: { readings: object[] }[] };
    Object.assign(file.walks[0]?.readings[0] ?? {}, { attribute });
    expect(readPlaceFile(JSON.stringify(file))).toHaveProperty('problem');
  },
);
