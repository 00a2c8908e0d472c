/** What a first electric line is bought of, and the work of stringing it. Round sums of ours: shops differ by half and more. */
import { ours } from './assumptions';
import type { Figure } from './figure';

/** Parts of a first line, as they are bought. */
export const kitParts = [
  'energizer',
  'wire',
  'insulator',
  'handle',
  'rod',
  'lead',
  'sign',
  'tester',
] as const;
/** A part of the kit; wire by the metre, all else by the piece. */
export type KitPart = (typeof kitParts)[number];

const cents = (value: number): Figure =>
  ours(value, 'cents', 'A round sum; shops differ by half and more.');

/** Hundredths of the keeper's money. */
export const lineKit: Readonly<Record<KitPart, Figure>> = {
  energizer: cents(12_000),
  wire: cents(30),
  insulator: cents(100),
  handle: cents(500),
  rod: cents(1500),
  lead: cents(1500),
  sign: cents(300),
  tester: cents(3000),
};

/** Minutes: rods, energizer and leads once; insulators and wire by the metre. */
export const lineWork = {
  fixed: ours(90, 'min', 'Rods driven, energizer hung and joined, signs up, read at both ends.'),
  metre: ours(4, 'min', 'An insulator at each post and the wire strained, for each wire.'),
} as const;

/** A sign so often beside those at every way in. */
export const signEvery: Figure = {
  value: 50_000,
  unit: 'mm',
  source: 'iec',
  mark: 'published',
  note: 'At every access and at frequent intervals along public ways: 50 to 100 m as national guides have it. Local rules decide.',
};
