/** Files that are no place though they have its shape: each refused in one sentence, with the reason. */
import { samphireYard } from '../../../demo/samphire-yard';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { fileSentence } from '../../words/file-sentence';
import { most } from '../schema/limits';
import { writePlaceFile, type PlaceFile } from './place-file';
import { readPlaceFile } from './read-place-file';

/** The same, to be written to. */
type Loose<T> = T extends readonly (infer One)[]
  ? Loose<One>[]
  : T extends object
    ? { -readonly [K in keyof T]: Loose<T[K]> }
    : T;
type File = Loose<PlaceFile>;

const copy = () => JSON.parse(writePlaceFile(samphireYard)) as File;

function refusal(change: (file: File) => void): string {
  const file = copy();
  change(file);
  const read = readPlaceFile(JSON.stringify(file));
  if (!('problem' in read)) throw new Error('it was opened');
  const sentence = fileSentence(read);
  expect(sentence.split('\n')).toHaveLength(1);
  return sentence;
}

function first<T>([one]: readonly T[]): T {
  if (one === undefined) throw new Error('the demo has one');
  return one;
}

const again = <T>(list: T[]) => void list.push(structuredClone(first(list)));

test.each<[string, (file: File) => void, RegExp]>([
  ['a zone twice', ({ place }) => again(place.zones), /used twice/],
  ['a side twice', ({ place }) => again(first(place.zones).outline.sides), /used twice/],
  ['a group twice', ({ place }) => again(place.flock), /used twice/],
  ['a face twice', ({ place }) => again(place.faces), /used twice/],
  ['a bay twice', ({ place }) => again(first(place.faces).bays), /used twice/],
  ['a walk twice', ({ walks }) => again(walks), /used twice/],
  ['a reading twice', ({ walks }) => again(first(walks).readings), /used twice/],
  [
    'a zone named outside',
    ({ place }) => Object.assign(first(place.zones), { id: 'outside' }),
    /no zone|names? one/,
  ],
  [
    'a face of a zone with itself',
    ({ place }) => Object.assign(first(place.faces), { between: ['run', 'run'] }),
    /itself/,
  ],
  [
    'a band upside down',
    ({ place }) =>
      Object.assign(first(first(first(place.faces).bays).bands), { from: 900, to: 100 }),
    /below where it begins/,
  ],
  ['an id with a stroke', ({ place }) => Object.assign(place, { id: 'a/b' }), /without strokes/],
  [
    'an id nobody can see',
    ({ place }) => Object.assign(place, { id: 'a\u200bb' }),
    /without strokes/,
  ],
  [
    'a day that is none',
    ({ walks }) => Object.assign(first(walks), { date: '2026-02-30' }),
    /a day/,
  ],
  [
    'a time that is none',
    ({ walks }) => Object.assign(first(first(walks).readings), { at: '2026-02-30T25:61:00Z' }),
    /a time/,
  ],
  [
    'a corner beyond all measure',
    ({ place }) => Object.assign(first(place.zones).outline.start, { x: 1e12 }),
    /start\.x/,
  ],
])('%s is refused', (_name, change, reason) => {
  expect(refusal(change)).toMatch(reason);
});

test('infinity, written as a number beyond all numbers, is refused', () => {
  const text = writePlaceFile(samphireYard).replace(/"width": \d+/, '"width": 1e999');
  expect(readPlaceFile(text)).toHaveProperty('problem', 'wrong-shape');
});

test('lists within lists without end are no place, and stop nothing', () => {
  const deep = '['.repeat(200_000);
  expect(readPlaceFile(`${deep}${']'.repeat(200_000)}`)).toHaveProperty('problem');
  expect(readPlaceFile(deep)).toHaveProperty('problem', 'not-json');
});

test.each<[string, (file: File) => void]>([
  [
    'faces',
    ({ place }) => {
      place.faces.length = 0;
      for (let nth = 0; nth <= most.faces; nth += 1) place.faces.push({ nth } as never);
    },
  ],
  [
    'strands',
    ({ place }) => {
      const bay = first(first(place.faces).bays);
      for (let nth = 0; nth <= most.strands; nth += 1) {
        bay.strands.push({ id: `s${nth}`, height: { is: 1 }, standOff: { is: 0 } } as never);
      }
    },
  ],
])(
  'more %s than make sense are refused, and how many there is room for is said',
  (_name, change) => {
    expect(refusal(change)).toMatch(/room for \d+/);
  },
);

test('both demo places are as strict as that', () => {
  for (const file of [samphireYard, tamarackBank] as readonly PlaceFile[]) {
    expect(readPlaceFile(writePlaceFile(file))).toHaveProperty('file');
  }
});
