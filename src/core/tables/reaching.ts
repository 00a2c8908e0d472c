/** Paws, muzzles and beaks: the opening that lets one through, and how far it gets. */
import { ranging, type Figure } from './figure';
import { assumed, practice } from './millimetres';

/** The opening that a paw, muzzle or beak goes through, smallest clear dimension in mm. */
export interface ReachOpening {
  readonly used: Figure;
  /** What mends are made to. */
  readonly strict: Figure;
  /** True where the source says "from", so that an opening of exactly `used` lets it through. */
  readonly passesAtFigure?: true;
}

/** What an animal gets through cover, and how far; mm. */
export interface Reaching {
  readonly opening: ReachOpening;
  /** Birds nearer to the cover than this are within reach, mm. */
  readonly length: Figure;
}

const noLength = 'No measured reach is known for any animal.';

/** Fingers go through an inch; half an inch stops them (common practice). */
export const paw = (length: number): Reaching => ({
  opening: {
    used: practice(25, 'Fingers and small paws go through 1 in.'),
    strict: practice(12.7, '½ in mesh is usual against reaching paws.'),
    passesAtFigure: true,
  },
  // Nobody has measured one: half as far to as far again by half.
  length: ranging(assumed(length, noLength), length / 2, length * 1.5),
});

/** A muzzle, or the head a bird puts out itself. */
export const muzzle = (length = 60): Reaching => ({
  opening: {
    used: practice(50, 'A muzzle goes in from about 50 mm, and a bird puts its own head out.'),
    strict: practice(25, 'What keeps the birds’ heads in.'),
    passesAtFigure: true,
  },
  length: assumed(length, noLength),
});

/** Talons and beaks get a few centimetres in. */
export const beakOrFoot = (opening: number): Reaching => ({
  opening: {
    used: practice(opening, 'Beak and foot get a few centimetres in.'),
    strict: practice(25),
  },
  length: assumed(50, noLength),
});
