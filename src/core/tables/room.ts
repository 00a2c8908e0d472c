/**
 * Room a bird: what two schools ask for. Never part of the judgement: crowded birds are no easier to get at. `extension`: advisers to people who
 * keep a few birds; `code`: rules for flocks that lay for sale, which are the least that is lawful there, not the least that is good.
 */
import type { BirdKind } from './bird-kinds';
import { ours } from './assumptions';
import { ranging, type Figure } from './figure';

/** What there can be enough of. */
export const roomKinds = ['floor', 'run', 'perch', 'nests', 'vents'] as const;
/** One of `roomKinds`. */
export type RoomKind = (typeof roomKinds)[number];

/** Who asks for it. */
export const schools = ['extension', 'code'] as const;
/** One of `schools`. */
export type School = (typeof schools)[number];

const practice = (value: number, unit: Figure['unit'], note: string): Figure => ({
  value,
  unit,
  source: 'trade',
  mark: 'common-practice',
  note,
});

const code = (value: number, unit: Figure['unit'], note: string): Figure => ({
  value,
  unit,
  source: 'hen-directive',
  mark: 'published',
  note,
});

/** For one grown hen: m² of floor or run, mm of perch, nests; and of vents the share of the floor that they are to open. */
export const roomAsked: Readonly<Record<RoomKind, Readonly<Partial<Record<School, Figure>>>>> = {
  floor: {
    extension: ranging(
      practice(0.32, 'm²', '3 to 4 square feet a heavy bird that has a run.'),
      0.28,
      0.37,
    ),
    code: code(0.111, 'm²', 'At most nine hens to a square metre that they can use.'),
  },
  run: {
    extension: ranging(practice(0.84, 'm²', '8 to 10 square feet.'), 0.74, 0.93),
    code: code(4, 'm²', 'One hen to four square metres outdoors, for eggs sold as free-range.'),
  },
  perch: {
    extension: ranging(practice(228, 'mm', '8 to 10 inches.'), 203, 254),
    code: code(150, 'mm', 'At least, for each hen.'),
  },
  nests: {
    extension: ranging(practice(0.22, 'nests', 'One to four or five hens.'), 0.2, 0.25),
    code: code(1 / 7, 'nests', 'One to seven hens.'),
  },
  vents: {
    extension: practice(
      0.1,
      'share',
      'A square foot to ten of floor, high up and above the roost; more in heat. Mesh over it takes some of it away.',
    ),
  },
};

/** A bird as so many grown hens. */
export const asHens: Readonly<Record<BirdKind, Figure>> = {
  grown: ours(1, 'share', 'What the schools speak of.'),
  bantam: ours(0.6, 'share', 'By weight and length; the schools speak of full-sized hens.'),
  chicks: ours(0.25, 'share', 'Until they are grown.'),
  ducks: ours(1.2, 'share', 'By weight; they foul more floor.'),
  sitting: ours(1, 'share', 'She leaves the nest.'),
  other: ours(1, 'share', 'Nobody said what they are.'),
};

/** Those that roost on a perch, and those that lay in a nest box. */
export const perching: readonly BirdKind[] = ['grown', 'bantam', 'other'];
/** Birds that lay in nests of their own. */
export const nesting: readonly BirdKind[] = ['grown', 'bantam', 'other'];
