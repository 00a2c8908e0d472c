import { remediesFor } from '@/core/effort/remedies';
import { samphireYard } from '../../demo/samphire-yard';
import { tamarackBank } from '../../demo/tamarack-bank';
import { bayEffort } from '@/core/effort/bay-effort';
import { nightShut } from '@/core/effort/when';
import { allBays, itemsOf } from '@/core/place/find';
import { judge } from '@/core/score/judge';
import { scenarios } from '@/core/score/scenario';
import { animalIds, animals } from '@/core/tables/animals';
import { regions } from '@/core/tables/regions';
import {
  aboutWords,
  cautionWords,
  lawWords,
  rateWords,
  signWords,
  verdictShort,
} from './animal-words';
import { readingWords } from './reading-words';
import { holdFigure } from './headline';
import { itemName } from './item-words';
import { lossWords } from './loss-words';
import { entryWords } from './log-words';
import { reasonWords } from './reason-words';
import { stopWords } from './stop-words';

const demos = [samphireYard, tamarackBank];

/** A sentence: a capital first, a full stop last, nothing left unsaid in between. */
const sentence = /^[A-Z0-9‘“][^]*[.]$/;
const unsaid = /undefined|null|NaN|\[object|\$\{/;

it('every animal has sign, law and caution in every region, as sentences', () => {
  for (const id of animalIds) {
    expect(signWords[id]).toMatch(sentence);
    for (const region of regions) {
      for (const said of [lawWords(id, region), cautionWords(id, region)]) {
        expect(said).toMatch(sentence);
        expect(said).not.toMatch(unsaid);
      }
      // Nothing is advised that hurts an animal, and the keeper is sent to who may allow things.
      expect(lawWords(id, region)).toMatch(/authority/);
    }
  }
});

it('seasons turn round south of the line', () => {
  const { place } = samphireYard;
  const south = { ...place, setting: { ...place.setting, region: 'nz' as const } };
  // Northern peak May to August; in New Zealand November to February.
  expect(aboutWords(animals.stoat, place)).toContain('Most in May, June, July and August.');
  expect(aboutWords(animals.stoat, south)).toContain(
    'Most in November, December, January and February.',
  );
});

it('what does not come is said by its reason: the hour, or the season', () => {
  const { place } = samphireYard;
  expect(aboutWords(animals['european-badger'], place)).toContain(
    'Seldom in December and January.',
  );
  expect(verdictShort('other-hours', 'night-shut')).toBe('by day only');
  expect(verdictShort('other-hours', 'ranging')).toBe('by night only');
  expect(verdictShort('other-season', 'night-shut')).toBe('not this season');
});

it('birds of prey are called protected everywhere', () => {
  for (const region of regions) {
    expect(lawWords('goshawk', region)).toMatch(/protected|Wildlife Act/);
  }
  expect(lawWords('european-badger', 'gb')).toContain('Protection of Badgers Act 1992');
});

it('everything that would stop something is said, in both unit systems', () => {
  const kinds = new Set<string>();
  for (const { place, walks } of demos) {
    for (const scenario of scenarios) {
      const { found, when } = judge(place, walks, { scenario, date: '2026-11-26' });
      for (const { bay } of allBays(found.place)) {
        for (const id of place.setting.lives) {
          for (const part of bayEffort(bay, animals[id], 'worst', when)) {
            for (const stop of remediesFor(part)) {
              kinds.add(stop.kind);
              for (const units of ['metric', 'imperial'] as const) {
                const said = stopWords({ units }, stop);
                expect(said).toMatch(sentence);
                expect(said).not.toMatch(unsaid);
              }
            }
          }
        }
      }
    }
  }
  expect(kinds.size).toBeGreaterThanOrEqual(8);
});

it('every item of the demo places has a name, and every reading words', () => {
  for (const { place, walks } of demos) {
    for (const { bay } of allBays(place)) {
      for (const item of itemsOf(bay)) expect(itemName(place, item)).not.toMatch(unsaid);
    }
    for (const reading of walks.flatMap((walk) => walk.readings)) {
      const said = readingWords(place, reading);
      expect(said).not.toBe('');
      expect(said).not.toMatch(unsaid);
    }
  }
});

it.each([
  [0, 'not at this time of year'],
  [0.6, 'about once in 2 days'],
  [0.9, 'most nights'],
  [1 / 7, 'about once in 7 days'],
  [1 / 60, 'about once in 2 months'],
])('a rate of %d visits a day reads "%s"', (visits, said) => {
  expect(rateWords(visits)).toBe(said);
});

it.each([
  [{ low: 0.04, high: 0.04 }, '0'],
  [{ low: 0.4, high: 1.26 }, '0.4 to 1.3'],
  [{ low: 11.99, high: 12 }, '12'],
])('losses read shortly', (span, said) => {
  expect(lossWords(span)).toBe(said);
});

it('hold as a figure: one, a range, or none', () => {
  expect(holdFigure({ best: 82.4, worst: 82.4 })).toBe('82');
  expect(holdFigure({ best: 46, worst: 22 })).toBe('22–46');
  expect(holdFigure({ best: null, worst: null })).toBe('–');
});

it('an entry of the log is said with where it was', () => {
  const { place } = samphireYard;
  const fox = { id: 'a', placeId: place.id, date: '2026-11-01', what: 'sighting' } as const;
  expect(entryWords(place, { ...fox, animal: 'red-fox', how: 'tracks', bay: 'n2' })).toBe(
    'Fox, tracks, at north 2',
  );
  expect(
    entryWords(place, { ...fox, what: 'quiet-camera', nights: 1 } as Parameters<
      typeof entryWords
    >[1]),
  ).toBe('Camera: 1 night with none of them');
});

it('every reason is a sentence for every animal, with its article, whatever is unread', () => {
  for (const { place } of demos) {
    for (const id of animalIds) {
      const said = allBays(place).flatMap(({ bay }) =>
        (['best', 'worst'] as const).flatMap((bound) =>
          (['at-roost', 'about'] as const).flatMap((birds) =>
            bayEffort(bay, animals[id], bound, { ...nightShut, birds }).map((part) =>
              reasonWords(place, part),
            ),
          ),
        ),
      );
      expect(said.filter((it) => !sentence.test(it))).toEqual([]);
      expect(said.filter((it) => /Infinity|\b[Aa] [aeiou]/.test(it) || unsaid.test(it))).toEqual(
        [],
      );
    }
  }
});
