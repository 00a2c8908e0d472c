/** The ground as a current meets it: what it resists by its moisture, under paws and round an earth rod. */
import type { Figure } from './figure';
import { ours } from './assumptions';

/** How the ground is today, the best conductor first. */
export const grounds = ['wet', 'moist', 'frozen', 'dry'] as const;
/** How wet the ground is. */
export type Ground = (typeof grounds)[number];

/** Of the upper layer of the ground. */
export const groundOhms: Readonly<Record<Ground, Figure>> = {
  frozen: {
    value: 790,
    band: [300, 3300],
    unit: 'Ω·m',
    source: 'green-book',
    mark: 'published',
    note: 'Sandy loam: 300 just frozen, 790 at −5 °C, 3,300 at −15 °C.',
  },
  dry: inPrint(1000, [300, 3000]),
  moist: inPrint(100, [40, 300]),
  wet: inPrint(10, [5, 40]),
};

/** The ground for which the volts in the tables are meant. */
export const referenceGround: Ground = 'moist';

/** How deep frost goes; a rod reaches below it into moist ground. */
export const frostDepth = ours(300, 'mm', 'A hard week; less under grass and snow.');

/** Snow underfoot: a paw on it is all but off the ground. */
export const snowOhms = ours(10_000, 'Ω·m', 'Dry snow; wet snow is much less.');

function inPrint(value: number, band: readonly [number, number]): Figure {
  return { value, band, unit: 'Ω·m', source: 'ieee-80', mark: 'published' };
}

/** Factor by which so many rods a rod's length apart stand in each other's way; between two counts, by straight line. */
export const rodFactors: readonly (readonly [rods: number, factor: number])[] = [
  [1, 1],
  [2, 1.16],
  [3, 1.29],
  [4, 1.36],
  [8, 1.68],
  [12, 1.8],
  [16, 1.92],
  [20, 2],
  [24, 2.16],
];

/** Where those factors stand. */
export const rodFactorAtMost: Figure = {
  value: 2.16,
  unit: 'share',
  source: 'green-book',
  mark: 'published',
  note: 'Of 24 rods one rod’s length apart: the sum of them is this many times worse than 1/24 of one. 1.16 of two, 1.29 of three, 1.36 of four.',
};

/** Rods that makers ask for before they answer for anything. */
export const rodsAdvised: Figure = {
  value: 3,
  unit: 'share',
  source: 'trade',
  mark: 'common-practice',
  note: 'At least three rods of 1.83 m, 3 m apart; or 0.9 m of rod for a joule.',
};

/** Between the fence's earth and any other: a mains earth, a water pipe, another fence's. */
export const earthApart: Figure = { value: 10, unit: 'm', source: 'iec', mark: 'published' };

/** What grass grows in a day, by the northern month; in the south half a year on. */
export const grassGrowth: readonly Figure[] = [0, 0, 2, 5, 8, 7, 4, 4, 4, 2, 1, 0].map((value) =>
  ours(value, 'mm a day', 'Rich ground and rain grow twice that.'),
);

/** Grass just mown under a wire. */
export const mownHeight = ours(40, 'mm', 'As short as a mower or shears leave it.');

/** Grass so much higher than a wire has turned to weeds about it. */
export const overgrown = ours(150, 'mm', 'It lies over the wire by its own weight.');
