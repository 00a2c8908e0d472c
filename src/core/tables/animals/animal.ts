/** What is known of one kind of animal, as far as it decides whether it gets in. */
import type { Climbs, EnoughAgainstClimbing } from '../climbing';
import type { DiggingAbility, EnoughAgainstDigging } from '../digging';
import type { Exclusion } from '../exclusion';
import type { Figure } from '../figure';
import type { Motion } from '../motions';
import type { Reaching } from '../reaching';
import type { Shocking } from '../shocking';
import type { SignColumn } from '../signs';
import type { Tearing } from '../strength';
import type { Taking } from '../taking';
import type { Coming, Often } from '../visiting';
import type { Attempting } from '../attempting';
import type { Region } from '../regions';
import type { Surroundings } from '../surroundings';

/** Part of a day. */
export type Hours = 'day' | 'dusk' | 'night';

/** What the animal does with a latch. */
export interface Dexterity {
  /** It leans on a door, so that an unlatched one is open to it. */
  readonly pushes: boolean;
  /** Motions it works out. */
  readonly motions: readonly Motion[];
  /** Strongest pull or push on a latch or a frame's edge, N. */
  readonly force: Figure;
}

/** Id of an animal, as files have it. */
export type AnimalId =
  | 'american-badger'
  | 'american-mink'
  | 'bald-eagle'
  | 'black-bear'
  | 'bobcat'
  | 'carpet-python'
  | 'coopers-hawk'
  | 'cougar'
  | 'coyote'
  | 'crow'
  | 'domestic-cat'
  | 'domestic-dog'
  | 'european-badger'
  | 'fisher'
  | 'goanna'
  | 'goshawk'
  | 'great-horned-owl'
  | 'grey-fox'
  | 'house-mouse'
  | 'least-weasel'
  | 'long-tailed-weasel'
  | 'norway-rat'
  | 'pine-marten'
  | 'polecat'
  | 'quoll'
  | 'raccoon'
  | 'rat-snake'
  | 'red-fox'
  | 'red-tailed-hawk'
  | 'roof-rat'
  | 'stoat'
  | 'stone-marten'
  | 'striped-skunk'
  | 'virginia-opossum';

/**
 * Which flocks reckon with it unless the keeper says otherwise (assumption of ours): a flock of any kind, only one with
 * chicks, or none, since it comes for feed.
 */
export type Concerns = 'any-flock' | 'chicks' | 'feed-only';

/** All figures of one animal, each with source and mark. */
export interface Animal {
  readonly id: AnimalId;
  /** Smallest regions in which it may be met with anywhere that suits it. */
  readonly regions: readonly Region[];
  /** Regions in which it lives here and there: only for the keeper to say. */
  readonly localIn?: readonly Region[];
  /** Surroundings in which it is reckoned with, and how often it comes by there. In others only if the keeper says so. */
  readonly foundIn: Readonly<Partial<Record<Surroundings, Exclude<Often, 'never'>>>>;
  readonly active: readonly Hours[];
  /** Months (1–12, of the northern year) in which it comes by day as well: with young to feed, or in lean winters. */
  readonly byDayIn?: readonly number[];
  readonly concerns: Concerns;
  readonly exclusion: Exclusion;
  /** Sets of figures that are enough; absent for one that does not dig its way in. */
  readonly digs?: readonly EnoughAgainstDigging[];
  /** How it digs; absent: as most that dig at all. */
  readonly digsAs?: DiggingAbility;
  readonly flies?: true;
  readonly climbs: Climbs;
  /** How high it leaps, clambering included, from the ground to a hold, mm. */
  readonly leap: Figure;
  readonly tears: Tearing;
  /** Absent for one that takes nothing through cover. */
  readonly reaches?: Reaching;
  /** Top edges that are enough; absent where only a roof is. */
  readonly over?: readonly EnoughAgainstClimbing[];
  /** Absent where no strand is trusted to turn it. */
  readonly shocked?: Shocking;
  readonly dexterity: Dexterity;
  /** Mean giving-up time, minutes: the chance of success falls as exp(−minutes / patience). */
  readonly patience: Figure;
  readonly coming: Coming;
  readonly attempting: Attempting;
  /** Whose signs it leaves, in the table of signs; where keys do not name it, of what hunts like it (assumption of ours). */
  readonly leaves: SignColumn;
  readonly taking: Taking;
}
