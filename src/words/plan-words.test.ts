import { samphireYard } from '../../demo/samphire-yard';
import { spotKinds } from '@/core/place/spot';
import type { Place } from '@/core/place/place';
import {
  birdsWords,
  bySpotWords,
  moneyWords,
  sparedWords,
  timeWords,
  whyNotWords,
} from './plan-words';

const { place } = samphireYard;
const inRegion = (region: Place['setting']['region']): Place => ({
  ...place,
  setting: { ...place.setting, region },
});

test('money in the sign of the region, hundredths only where there are any', () => {
  expect(moneyWords(inRegion('gb'), 1240)).toBe('£12.40');
  expect(moneyWords(inRegion('na'), 12_000)).toBe('$120');
  expect(moneyWords(inRegion('eu'), 5)).toBe('€0.05');
  expect(moneyWords(inRegion('nz'), 0)).toBe('$0');
});

test('time as people say it', () => {
  expect([0, 35, 60, 65, 125].map(timeWords)).toEqual([
    '0 min',
    '35 min',
    '1 h',
    '1 h 5 min',
    '2 h 5 min',
  ]);
});

test('birds as far as the figure is worth', () => {
  expect([0, 0.004, 0.05, 0.25, 1.58, 11.6].map(birdsWords)).toEqual([
    'none',
    'none',
    '0.05',
    '0.3',
    '1.6',
    '12',
  ]);
});

test('every kind of spot is named where it is', () => {
  for (const kind of spotKinds) {
    expect(bySpotWords(place, { bay: 'n2', spot: { kind, item: 'n2' } })).toMatch(
      /^north 2, [a-z]|fence/,
    );
  }
  expect(bySpotWords(place, { bay: 's3', spot: { kind: 'dig', item: 'run' } })).toBe(
    'run, by digging',
  );
});

test('why not, as a sentence', () => {
  const title = (id: string) => `<${id}>`;
  const words = (why: Parameters<typeof whyNotWords>[1]) => whyNotWords(place, why, title);
  expect(words({ kind: 'instead', of: ['a'] })).toBe('In its place: <a>.');
  expect(words({ kind: 'money', birds: 2 })).toMatch(/would spare 2 birds a year/);
  expect(
    words({
      kind: 'beside',
      animal: 'stoat',
      at: [{ bay: 'n2', spot: { kind: 'ground', item: 'n2' } }],
    }),
  ).toBe(
    'It changes nothing while another way in stays open beside it. Stoat: north 2, under the sill.',
  );
  for (const kind of ['wont', 'too-long', 'nothing'] as const) {
    expect(words({ kind })).toMatch(/^[A-Z].*\.$/);
  }
});

test.each([
  [7.699, 7.688, 'hardly any loss spared'],
  [7.699, 7.6, 'about 1 in 100 losses spared'],
  [4, 1.01, 'about 75 in 100 losses spared'],
  [4, 0.01, 'nearly all losses spared'],
])('%d to %d birds: %s', (before, after, words) => {
  expect(sparedWords(before, after)).toBe(words);
});
