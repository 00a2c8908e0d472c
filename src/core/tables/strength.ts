/**
 * One scale of strength for what tears and for what is torn. An animal goes through cover of a class up to its `breaks`, and
 * takes cover off fixings of a class up to its `pulls`. The grouping is common practice (hex netting against dogs, foxes and
 * raccoons; clamped 19 gauge and 14 gauge mesh stop all but the strongest); the numbers only put the groups in order.
 */
import type { Figure } from './figure';

/** What an animal's teeth, claws and weight go through. */
export interface Tearing {
  /** Strongest class of cover it breaks; 0 breaks none. */
  readonly breaks: Figure;
  /** Strongest class of fixing it draws; 0 draws none. */
  readonly pulls: Figure;
  /** Gnaws wood and plastic, never steel. */
  readonly gnaws: boolean;
}

/** What a firm pull with one hand comes to in the pull test, N. */
export const handPull: Figure = {
  value: 150,
  unit: 'N',
  source: 'rookle',
  mark: 'assumption',
  note: 'As much as lifting 15 kg. Fixings that gave nothing hold whatever pulls no harder.',
};

/** A pull test that opened no more than this gave nothing, mm. */
export const pullGaveNothing: Figure = {
  value: 3,
  unit: 'mm',
  source: 'rookle',
  mark: 'assumption',
  note: 'Wire springs a little.',
};

/** A class of strength, as practice ranks them. */
export const strengthClass = (value: number, note?: string): Figure => ({
  value,
  unit: 'class',
  source: 'trade',
  mark: 'common-practice',
  ...(note && { note }),
});

/** Classes of cover, weakest first; one above what the strongest animal breaks is never torn. */
export const coverClass = {
  /** Plastic and deer netting, insect screen, canvas. */
  fabric: strengthClass(1, 'Hides and shades; it stops nothing with teeth or claws.'),
  hex: strengthClass(2, 'Made to hold birds in, not dogs, foxes or raccoons out.'),
  lightMesh: strengthClass(3, '23 gauge and lighter.'),
  clampedMesh: strengthClass(4, '19 gauge, as long as its fixings hold.'),
  heavyMesh: strengthClass(5, '16 gauge and heavier, chain link, sound board: bears only.'),
  sheet: strengthClass(
    6,
    'Sheet steel of 24 gauge or heavier, brick and stone: nothing here goes through it.',
  ),
} as const;

/** What an animal tears, by the groups in which the trade speaks of them. */
const tearing = (breaks: number, pulls: number, note: string): Tearing => ({
  breaks: strengthClass(breaks, note),
  pulls: strengthClass(pulls, note),
  gnaws: false,
});

/** What an animal tears, by how hard it pulls. */
export const tears = {
  nothing: tearing(0, 0, 'Tears nothing.'),
  netting: tearing(1, 0, 'Plastic netting, insect screen, canvas.'),
  hex: tearing(2, 1, 'Hex netting as well, and what hangs by worn staples or ties.'),
  lightMesh: tearing(3, 2, 'Light mesh, whatever is stapled or tied, rotten boards.'),
  fixings: tearing(3, 3, 'As before, and pulls mesh off all but battens and screws with washers.'),
  anything: tearing(5, 4, 'Breaks heavy mesh and boards; no fixing holds against it.'),
} as const;

/** The same of an animal that gnaws. */
export const gnaws = (what: Tearing): Tearing => ({ ...what, gnaws: true });
