import { samphireYard } from '../../../demo/samphire-yard';
import { applyReadings } from '../records/apply-readings';
import { setAttribute } from '../records/set-attribute';
import { nextUnasked, openWalk, readingIn, withReading } from './open-walk';
import { questionsOf } from './questions';
import { exclusionFor, meaningOf, openedBy, tornBy } from './what-it-means';

const { place, walks } = samphireYard;
const found = applyReadings(place, walks).place;
const questions = questionsOf(found);

test('the lap comes first, from the gate; then overhead; then the house', () => {
  expect(questions[0]).toMatchObject({ bay: 'w1', attribute: 'ground.gap', section: 'lap' });
  const sections = questions
    .map(({ section }) => section)
    .filter((section, index, all) => section !== all[index - 1]);
  expect(sections).toEqual(['lap', 'overhead', 'house']);
});

test('a bay is asked ground line, mesh, pull test, then its doors', () => {
  const kinds = questions.filter(({ bay }) => bay === 'w1').map(({ attribute }) => attribute);
  expect(kinds).toEqual([
    'ground.gap',
    'ground.gapLifted',
    'ground.soil',
    'layer.mesh',
    'layer.mesh',
    'bay.fixing',
    'bay.condition',
    'bay.panelPulled',
    'bay.largestHole',
    'opening.gap',
    'opening.gapPulled',
    'opening.hinges',
    'latch.kind',
    'latch.kind',
    'layer.mesh',
    'layer.fixing',
    'layer.condition',
  ]);
});

test('what cannot matter is not asked', () => {
  const of = (bay: string) =>
    questions.filter((it) => it.bay === bay).map(({ attribute }) => attribute);
  // No sill gap of a house wall on a floor, no clear opening of board, no latch on a vent, none on a sliding pop door.
  expect(of('h1')).not.toContain('ground.gap');
  expect(of('h1')).not.toContain('layer.clear');
  expect(of('hn')).not.toContain('latch.kind');
  expect(of('hw')).not.toContain('latch.kind');
});

test('netting stretches, so its opening is measured; welded mesh of a known kind is not asked again', () => {
  const s4 = questions.filter(({ bay, attribute }) => bay === 's4' && attribute === 'layer.clear');
  expect(s4.map(({ item }) => item)).toEqual(['s4-high-1']);
});

test('ids are unique and fit an address', () => {
  const ids = questions.map(({ id }) => id);
  expect(new Set(ids).size).toBe(ids.length);
  for (const id of ids) expect(encodeURIComponent(id)).toBe(id);
});

test('unread means unread: the demo leaves three', () => {
  const unread = questions.filter(({ answered }) => !answered).map(({ id }) => id);
  expect(unread).toEqual(['s3~bay.panelPulled', 's3~bay.largestHole', 's5~ground.gapLifted']);
});

test('a walk goes on at the first question it has not asked; “cannot tell” is an answer', () => {
  const walk = {
    id: 'w',
    placeId: place.id,
    date: '2026-11-20',
    kind: 'lap',
    ended: false,
    readings: [],
  } as const;
  const [first, second] = questions;
  if (!first || !second) throw new Error('no questions');
  expect(nextUnasked(questions, walk)).toBe(first);
  const { item, attribute } = first;
  const asked = withReading(walk, {
    id: 'r',
    item,
    attribute,
    at: '2026-11-20T10:00:00Z',
    how: 'measured',
    value: 'cannot-tell',
  });
  expect(readingIn(asked, first)?.value).toBe('cannot-tell');
  expect(nextUnasked(questions, asked)).toBe(second);
  expect(openWalk([...walks, asked], 'lap')).toBe(asked);
  expect(openWalk(walks, 'lap')).toBeUndefined();
});

describe('what a figure means while it is typed', () => {
  const meaning = (opening: number) => meaningOf(place, 'n2', 'ground.gap', opening);

  test('34 mm: mink, stoat and rat pass; half an inch or less stops the smallest of them', () => {
    const { letsBy, stopsAll } = meaning(34);
    expect(letsBy.map(({ animal }) => animal)).toEqual(['american-mink', 'stoat', 'norway-rat']);
    expect(stopsAll).toEqual({ used: 12.7, strict: 10, animal: 'norway-rat' });
  });

  test('11 mm: nothing passes, the rat is in doubt', () => {
    const { letsBy, inDoubt } = meaning(11);
    expect(letsBy).toEqual([]);
    expect(inDoubt.map(({ animal }) => animal)).toEqual(['norway-rat']);
  });

  test('hex netting is torn by fox, badger and mink, sheet by nobody (common practice)', () => {
    expect(tornBy(place, 'hex-25')).toEqual(['red-fox', 'european-badger', 'american-mink']);
    expect(tornBy(place, 'sheet')).toEqual([]);
  });

  test('a roost nearer than its arm is reached by a cat, farther it is not', () => {
    const coarse = setAttribute(found, 'h1-board', 'layer.mesh', { is: 'chain-link' });
    const near = (mm: number) => meaningOf(coarse, 'h1', 'bay.roost', mm).letsBy;
    expect(near(100).map(({ animal }) => animal)).toContain('domestic-cat');
    expect(near(160)).toEqual([]);
  });

  test('nobody to stop, nothing to shut', () => {
    expect(exclusionFor([])).toBeUndefined();
  });
});

test('who opens a latch: clever paws one motion, nobody two different ones (common practice)', () => {
  const lives = ['raccoon', 'red-fox', 'norway-rat'] as const;
  const here = { ...found, setting: { ...found.setting, lives } };
  expect(openedBy(here, 'hook-and-eye')).toContain('raccoon');
  expect(openedBy(here, 'slide-bolt')).toContain('raccoon');
  for (const latch of ['two-motion', 'padlock'] as const) expect(openedBy(here, latch)).toEqual([]);
  // A door that nothing holds is leaned on.
  expect(openedBy(here, 'none')).toContain('red-fox');
});

test('a vent’s own fixing and state are asked where the place says it has them: they are judged by then', () => {
  const asked = (more: object) => {
    const faces = found.faces.map((face) => ({
      ...face,
      bays: face.bays.map((bay) => ({
        ...bay,
        openings: bay.openings.map((it) =>
          it.kind === 'vent'
            ? { ...it, cover: (it.cover ?? []).map((layer) => ({ ...layer, ...more })) }
            : it,
        ),
      })),
    }));
    return questionsOf({ ...found, faces })
      .filter(({ item }) => item === 'vent-mesh')
      .map(({ attribute }) => attribute);
  };
  expect(asked({})).not.toContain('layer.condition');
  expect(asked({ fixing: { any: true }, condition: { any: true } })).toEqual(
    expect.arrayContaining(['layer.fixing', 'layer.condition']),
  );
});
