/** How often an animal comes by, before anybody has seen anything: words, what draws it, and the season. */
import { ours } from './assumptions';
import type { Figure } from './figure';
import type { Surroundings } from './surroundings';

/** The words a keeper uses. "Never" is theirs alone and means zero. */
export const oftenWords = ['never', 'passes', 'weekly', 'most-nights'] as const;
/** A keeper's word for how often. */
export type Often = (typeof oftenWords)[number];

const rate = (value: number, note: string): Figure => ({
  value,
  unit: 'visits',
  source: 'rookle',
  mark: 'assumption',
  note,
});

/** Visits in 24 hours that a word stands for. */
export const visitsOf: Readonly<Record<Often, Figure>> = {
  never: rate(0, 'The keeper’s own word.'),
  passes: rate(1 / 60, 'Once in two months.'),
  weekly: rate(1 / 7, 'Once a week.'),
  'most-nights': rate(0.6, 'Six nights in ten.'),
};

/** What lies near, and what calls animals: the keeper's answer to "what does a fox see?". */
export const nearThings = [
  'woods',
  'water',
  'town',
  'farmland',
  'dogs',
  'cover',
  'stone-walls',
  'feed-left-out',
] as const;
/** Something near that draws animals. */
export type Near = (typeof nearThings)[number];

/** What a keeper puts up or keeps against visitors. None of it closes anything. */
export const deterrents = ['light', 'sound', 'scent', 'scarecrow', 'dog', 'cockerel'] as const;
/** Something put up against visitors. */
export type Deterrent = (typeof deterrents)[number];

/** An animal that touched the live line comes less for so many days: times its usual visits. */
export const shockedTimes = rate(
  0.5,
  'It shies for some weeks; others of its kind have not learnt it. Kept out of the hold.',
);
/** How long an animal keeps away after a shock. */
export const shockedDays = ours(42, 'days', 'Six weeks.');

/** What the surroundings say already: it does not draw a second time. */
export const nearBySurroundings: Readonly<Record<Surroundings, readonly Near[]>> = {
  street: ['town'],
  suburb: ['town'],
  village: [],
  farm: ['farmland'],
  'woods-edge': ['woods'],
  water: ['water'],
};

/** Times the usual for each deterrent, and never less than this with all of them: animals get used to them. */
export const deterredTimes = rate(
  0.9,
  'Each keeps one visit in ten away, for as long as it is new.',
);
/** What deterrents leave of the visits, all of them together. */
export const leastDeterred = rate(
  0.7,
  'Whatever is put up, three visits in ten at most stay away.',
);

/** Times the usual for each thing near that draws it; times again in its months. */
export const drawnTimes = rate(2, 'Each thing near that draws it doubles its visits.');
/** Times the visits in the months in which an animal is about most. */
export const peakTimes = rate(1.5, 'In the months in which it has young or disperses.');
/** Times the visits in the months in which an animal keeps to its den and yet does not sleep them through. */
export const seldomTimes = rate(0.3, 'It comes out on mild nights of its winter rest.');

/** How often an animal comes, and what moves it. */
export interface Coming {
  /** Where nothing draws it. */
  readonly usual: Exclude<Often, 'never'>;
  readonly drawnBy: readonly Near[];
  /** Months (1–12) in which it comes most, seldom, and not at all; of the northern year. */
  readonly peak: readonly number[];
  readonly seldom: readonly number[];
  readonly away: readonly number[];
}

/** How often an animal comes, what draws it, and in which months (1–12) it comes more, seldom or not at all. */
export function comes(
  usual: Coming['usual'],
  drawnBy: readonly Near[],
  peak: readonly number[] = [],
  { seldom = [], away = [] }: Partial<Pick<Coming, 'seldom' | 'away'>> = {},
): Coming {
  return { usual, drawnBy, peak, seldom, away };
}
