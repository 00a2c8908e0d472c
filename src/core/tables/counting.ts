/**
 * What the judgement itself counts by, where no table of animals, covers or lines has the figure: steps of effort, what is a way in, how a
 * place's walls are put together, how the log is weighed. Almost all of it is ours.
 */
import { ours } from './assumptions';
import type { Figure } from './figure';

/** Minutes that a step of effort counts as. */
export const effortMinutes = {
  minutes: ours(5, 'min', 'A few minutes’ work.'),
  hour: ours(60, 'min', 'About an hour’s work, and the end of a way in.'),
  night: ours(480, 'min', 'A night’s work, and the end of a slow way.'),
} as const;

/** By the share that there is of what is enough: from here on a night's work, an hour's; less is minutes. */
export const enoughFrom = {
  night: ours(0.75, 'share', 'Three quarters of what is enough.'),
  hour: ours(0.5, 'share', 'Half of what is enough.'),
} as const;

/** A slow way that one visit in so many would not last out is not counted. */
export const leastChance = ours(0.1, 'share', 'One visit in ten lasts it out.');

/** Strands that turn back this share of the tries or more shut a way. */
export const strandsShut = ours(0.8, 'share', 'Four tries in five are turned back.');

/** An opening so many times as long as its figure is a whole slot; from the figure on its own shrinks with the length. */
export const slotLength = ours(
  3,
  'share',
  'A head and its shoulders lie flat in it. Shorter ones lie between hole and slot.',
);

/** Steps of effort between what shuts an animal out and what it is known to pass: a night, an hour, minutes. */
export const bandSteps = ours(
  3,
  'levels',
  'A third of the way from the one figure to the other for each.',
);

/** Birds on the floor come no higher, mm. */
export const birdHeight: Figure = {
  value: 600,
  unit: 'mm',
  source: 'trade',
  mark: 'common-practice',
  note: 'Fine mesh to the knee is usual.',
};

/** Sides are paced and bays are measured: so much wall may be wanting before it is a gap; the more of the two. */
export const wallWanting = {
  least: ours(500, 'mm', 'A door’s width is more.'),
  share: ours(0.08, 'share', 'A pace is right to about one in twelve.'),
} as const;

/** Ends of walls nearer than this meet, mm. */
export const wallsMeet = ours(250, 'mm', 'Misclosure is shared out, tapes are not exact.');

/** Share of an animal's visits that is noticed. */
export const noticed = {
  byEye: ours(
    0.15,
    'share',
    'Tracks, droppings and noise: most visits leave nothing that is seen.',
  ),
  byCamera: ours(0.8, 'share', 'A camera looks one way, and misses some.'),
} as const;

/** Entries older than this tell nothing of today. */
export const logMemory = ours(365, 'days', 'A year: all seasons, and no more.');

/** Before anything was logged, a rate counts as if so many visits had been seen. */
export const visitsBefore = ours(1, 'visits', 'The tables weigh as one visit seen.');

/** Hours of daylight, where nobody said where the place lies. */
export const daylight = ours(12, 'hours', 'The mean of the year, everywhere.');

/** Share of visits that somebody at home and about does not keep away. */
export const watchedShare = ours(0.3, 'share', 'Seven in ten are kept away.');

/** Holds closer than this are the same answer, of 100. */
export const samePoint = ours(1, 'share', 'Of a hundred: less is not worth a reading.');

/** What insect screen and canvas leave open to the air. */
export const fabricOpen = ours(0.3, 'share', 'They let hardly any air by once they are dusty.');

/** How sure an answer is: patience is drawn between the figure divided by this and times this. */
export const patienceSpread = ours(2, 'share', 'Half to twice, evenly on a log scale.');

/** When an evening begins, and when it is late. */
export const evening = {
  beginsBefore: ours(90, 'min', 'Birds go in from an hour before sunset on.'),
  lateAfter: ours(60, 'min', 'After dark; whoever shuts by hand has been by then.'),
} as const;

/** After a loss. */
export const inquiry = {
  manyDead: ours(3, 'birds', 'Keys say “several to dozens”.'),
  speaks: ours(1.5, 'share', 'Likelier, or less likely, than among all that it may have been.'),
  leastInformation: ours(
    0.03,
    'share',
    'Bits that an answer is expected to tell; less is no tap worth.',
  ),
} as const;

/** All of them by what they are about, as the reference shows them. */
export const countingFigures = {
  effort: {
    minutes: effortMinutes.minutes,
    hour: effortMinutes.hour,
    night: effortMinutes.night,
    enoughForANight: enoughFrom.night,
    enoughForAnHour: enoughFrom.hour,
  },
  ways: { leastChance, strandsShut, slotLength, bandSteps, birdHeight },
  walls: { wantingLeast: wallWanting.least, wantingShare: wallWanting.share, wallsMeet },
  log: { byEye: noticed.byEye, byCamera: noticed.byCamera, logMemory, visitsBefore },
  day: {
    daylight,
    watchedShare,
    eveningBegins: evening.beginsBefore,
    eveningLate: evening.lateAfter,
  },
  sure: { patienceSpread, samePoint },
  loss: inquiry,
  air: { fabricOpen },
} as const satisfies Record<string, Readonly<Record<string, Figure>>>;

/** What some of them are about. */
export type CountingGroup = keyof typeof countingFigures;
