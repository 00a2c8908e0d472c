import { samphireYard } from '../../../demo/samphire-yard';
import { judge } from '../score/judge';
import { fileSentence } from '../../words/file-sentence';
import { validatorOf } from '../schema/validator';
import { mutated } from '../tests/mutated';
import { migratedFile } from './migrate';
import { placeFileSchema, writePlaceFile } from './place-file';
import { readPlaceFile } from './read-place-file';
import { often } from '../tests/often';

const files = often(500);

const good = writePlaceFile(samphireYard);

/** Small generator with a seed, so that the same files are tried every time (Numerical Recipes' constants). */
function* numbers(seed: number): Generator<number> {
  for (let state = seed; ;) {
    state = (state * 1664525 + 1013904223) % 2 ** 32;
    yield Math.floor(state / 7);
  }
}

test('damaged files either load and are judged, or get one line; none crashes or pollutes a prototype', () => {
  const random = numbers(2026);
  const next = () => random.next().value as number;
  let refused = 0;
  for (let index = 0; index < files; index += 1) {
    const read = readPlaceFile(mutated(good, next(), next()));
    if ('problem' in read) {
      refused += 1;
      const sentence = fileSentence(read);
      expect(sentence.split('\n')).toHaveLength(1);
      expect(sentence).toMatch(/Nothing was changed\.$/);
    } else {
      expect(judge(read.file.place, read.file.walks).marks.size).toBeGreaterThan(0);
    }
    expect(({} as Record<string, unknown>).polluted).toBeUndefined();
  }
  // The damage is real: most of it is found, and not everything is refused out of hand.
  expect(refused).toBeGreaterThan(files / 2);
  expect(refused).toBeLessThan(files);
});

test.each([
  '{"__proto__": {"polluted": true}}',
  '{"format": "rookle-place", "__proto__": {"version": 1}}',
])('a file that is only a prototype is refused: %s', (text) => {
  expect('problem' in readPlaceFile(text)).toBe(true);
  expect(({} as Record<string, unknown>).polluted).toBeUndefined();
});

test('a file read member by member is judged as the whole schema judges it', () => {
  const random = numbers(77);
  const next = () => random.next().value as number;
  let compared = 0;
  for (let index = 0; index < 250; index += 1) {
    const text = mutated(good, next(), next());
    const read = readPlaceFile(text);
    if ('problem' in read && read.problem !== 'wrong-shape') continue;
    compared += 1;
    const document = migratedFile(JSON.parse(text) as Record<string, unknown>);
    const fits = validatorOf(placeFileSchema).isValidSync(document, { strict: true });
    // References are looked at only where the shape fits.
    if (!fits) expect(read).toHaveProperty('problem', 'wrong-shape');
    if ('file' in read) expect(fits).toBe(true);
  }
  expect(compared).toBeGreaterThan(100);
});
