/**
 * Visits are not tries: most animals that come by sniff, pass on, and never touch the wall. A share of visits turns into tries at the
 * birds; more where there is hunger in the season, young to feed, or feed lying about. Fitted so that typical places lose what flocks
 * are said to lose (`docs/calibration.md`).
 */
import { ours } from './assumptions';
import { ranging, type Figure } from './figure';

/** How often a visit becomes a try, and when more often. */
export interface Attempting {
  /** Share of visits that become a try at the birds, in an ordinary month. */
  readonly share: Figure;
  /** Months (1–12, of the northern year) in which it has young to feed. */
  readonly young: readonly number[];
  /** Months in which there is little else to eat. */
  readonly lean: readonly number[];
}

const note =
  'No measured figure is known to us. Fitted so that typical places lose what flocks are said to lose; it may be three times less or more.';

/** The share may be so many times less or more (assumption of ours). */
export const attemptSpread = 3;

const shareOfVisits = (value: number): Figure =>
  ranging(ours(value, 'share', note), value / attemptSpread, Math.min(1, value * attemptSpread));

/** Shares by how animals go about it, each fitted as one. */
export const tries = {
  /** Fox, coyote, dog, cats: hunt over a wide round; the yard is one stop of many. */
  hunter: shareOfVisits(0.012),
  /** Raccoon, opossum, skunk, bear, goanna: look into whatever may be eaten. */
  forager: shareOfVisits(0.012),
  /** Badgers: live on what they dig up, and come to poultry when that fails. */
  digger: shareOfVisits(0.002),
  /** Weasels, mink, martens, polecat, quoll, fisher: follow scent along walls and into holes. */
  searcher: shareOfVisits(0.015),
  /** Hawks, owls, eagles, crows: strike at what they see. */
  striker: shareOfVisits(0.02),
  /** Rats, mice, snakes: live beside the birds, and mostly for the feed. */
  lodger: shareOfVisits(0.05),
} as const;

/** A way of trying with the months in which it is done more. */
export function attempts(
  share: Figure,
  young: readonly number[] = [],
  lean: readonly number[] = [],
): Attempting {
  return { share, young, lean };
}

/** Times the share in months with young to feed, in lean months, and with feed lying about for those that come for it. */
export const youngTimes = ours(
  1.5,
  'share',
  'More is dared for young; a flock near a den is tried again.',
);
/** Times the tries in lean months. */
export const leanTimes = ours(1.3, 'share', 'Late winter, or a dry summer: little else to eat.');
/** Times the tries where food draws an animal. */
export const feedTimes = ours(
  1.5,
  'share',
  'What comes for feed that lies about stays, and looks further.',
);

/** A den, nest or young that was noticed is reckoned with for so long, unless the keeper says otherwise. */
export const youngNearDays = ours(56, 'days', 'Fed by their parents for about eight weeks.');
