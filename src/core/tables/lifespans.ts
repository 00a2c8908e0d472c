/**
 * How long things last outdoors, by what they are and where; and how often to look. Nothing gives way on its birthday: a life is when
 * to expect it, a look is what shows it.
 */
import type { Figure, Mark } from './figure';
import type { SourceId } from './sources';

/** A kind of thing that grows old. */
export const ageingKinds = [
  'canvas-in-sun',
  'netting-in-sun',
  'ties-in-sun',
  'staples',
  'wire-in-air',
  'wire-in-ground',
  'timber-on-ground',
  'timber-in-weather',
  'posts',
] as const;
/** One of `ageingKinds`. */
export type AgeingKind = (typeof ageingKinds)[number];

/** What one sees the age of by looking a bay's cover over. */
export const seenInCover: readonly AgeingKind[] = [
  'canvas-in-sun',
  'netting-in-sun',
  'wire-in-air',
  'timber-on-ground',
  'timber-in-weather',
];

/** How long a thing lasts, and how often it is looked at. */
export interface Lifespan {
  /** Years; the band is what is said of it. */
  readonly life: Figure;
  /** The same of timber that was treated, ties and netting proofed against sun; absent: it makes no difference. */
  readonly proofed?: Figure;
  /** Months from one look to the next. */
  readonly look: Figure;
}

const figure = (
  unit: 'years' | 'months',
  value: number,
  [source, mark]: readonly [SourceId, Mark],
  note: string,
  band?: readonly [number, number],
): Figure => ({ value, unit, source, mark, note, ...(band && { band }) });

const trade = ['trade', 'common-practice'] as const;
const ours = ['rookle', 'assumption'] as const;

const yearly = (note: string): Figure => figure('months', 12, trade, note);
const oftener = (note: string): Figure => figure('months', 6, ours, note);

/** How long each thing lasts outdoors, and how often it is looked at. */
export const lifespans: Readonly<Record<AgeingKind, Lifespan>> = {
  'canvas-in-sun': {
    life: figure('years', 1, trade, 'Tarpaulins last one or two years.', [1, 2]),
    look: oftener('Twice in the shortest of its lives.'),
  },
  'netting-in-sun': {
    life: figure(
      'years',
      2,
      ours,
      'Plastic netting, not proofed against sun: as ties, and a little longer.',
      [1, 4],
    ),
    proofed: figure(
      'years',
      5,
      ours,
      'Proofed against sun, as sellers say it of cord and net.',
      [3, 10],
    ),
    look: oftener('Twice in the shortest of its lives.'),
  },
  'ties-in-sun': {
    life: figure(
      'years',
      1,
      trade,
      'Ties not proofed against sun last about as long as tarpaulins.',
      [1, 2],
    ),
    proofed: figure('years', 5, ours, 'Black ties sold as proofed against sun.', [3, 8]),
    look: oftener('Twice in the shortest of its lives.'),
  },
  staples: {
    life: figure('years', 5, ours, 'As thinly galvanised wire.', [5, 10]),
    look: yearly('With the yearly walk for rot and rust.'),
  },
  'wire-in-air': {
    life: figure(
      'years',
      5,
      trade,
      'Galvanised before welding 5–10 years, after it 15–30, as sellers say.',
      [5, 30],
    ),
    look: yearly('With the yearly walk for rot and rust.'),
  },
  'wire-in-ground': {
    life: figure(
      'years',
      3,
      ours,
      'Buried, or in manure, far shorter than in air: nobody says how much.',
      [1, 10],
    ),
    look: yearly('Uncover it in one place, where it is wettest.'),
  },
  'timber-on-ground': {
    life: figure('years', 3, trade, 'Timber lying on damp ground lasts some years only.', [2, 6]),
    proofed: figure('years', 12, ours, 'Treated for ground contact; cut ends rot first.', [8, 20]),
    look: yearly('Look yearly; push a screwdriver in.'),
  },
  'timber-in-weather': {
    life: figure(
      'years',
      8,
      ours,
      'Boards that rain runs off, untreated: the drip edge and end grain go first.',
      [4, 15],
    ),
    proofed: figure('years', 15, ours, 'Treated or kept painted.', [8, 25]),
    look: yearly('With the yearly walk for rot and rust; push a screwdriver in at the drip edge.'),
  },
  posts: {
    life: figure(
      'years',
      5,
      ours,
      'Untreated softwood at the line where soil and air meet; hardwood and steel last longer.',
      [3, 10],
    ),
    proofed: figure('years', 15, ours, 'Treated for ground contact.', [8, 25]),
    look: yearly('Push a screwdriver in at the ground line, and rock the post.'),
  },
};
