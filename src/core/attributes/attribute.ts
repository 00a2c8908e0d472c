/**
 * What a walk can read: one attribute a file, everything that is known of it in one place. What people read of it stands in
 * words/attributes, what is drawn for it in ui/drawings/attribute-drawings.tsx; both are complete by their types.
 */
import type { Bay, FittedLatch, Layer, Opening, Strand } from '../place/bay';
import type { Face, Fence, Place, Zone } from '../place/place';
import type { PossibleAmount, PossibleChoice } from '../place/possible';
import type { SpotKind } from '../place/spot';
import type { AgeingKind } from '../tables/lifespans';
import type { Path } from './paths';

/** What readings are of. `place` and `flock` are no items of the structure: what is read of them is only kept. */
export interface Items {
  readonly bay: Bay;
  readonly layer: Layer;
  readonly opening: Opening;
  readonly latch: FittedLatch;
  readonly strand: Strand;
  readonly fence: Fence;
  readonly zone: Zone;
  readonly place: Place;
  readonly flock: Place;
}
/** The kinds of things that readings are of. */
export type ItemKind = keyof Items;

/** The parts of a walk, in the order in which they are walked. */
export const walkSections = [
  'distance',
  'lap',
  'overhead',
  'fence',
  'inside',
  'house',
  'shut',
] as const;
/** A part of a walk, by name. */
export type WalkSection = (typeof walkSections)[number];

/** What the animals that live here make worth asking. */
export interface Matters {
  /** Something draws fixings. */
  readonly fixing: boolean;
  /** Something breaks or gnaws cover. */
  readonly condition: boolean;
  readonly digging: boolean;
  /** Something works latches. */
  readonly latches: boolean;
}

/** Where a question would be asked, and what it hangs on beside the item itself. */
export interface Circumstances {
  readonly matters: Matters;
  /** YYYY-MM-DD; decides what is off at this time of year. */
  readonly day?: string;
  readonly bay?: Bay;
  readonly face?: Face;
  readonly opening?: {
    /** It does not open: a vent, a seam. */
    readonly isFixed: boolean;
    /** It swings or lifts, so that a latch holds it. */
    readonly isLatched: boolean;
  };
  /** Where one stands inside the zone whose floor it is; at one of the walls on it only. */
  readonly floorSection?: WalkSection;
  /** Where birds sleep within reach through this bay, as far as it is known: the section in which one stands beside them. */
  readonly roostSection?: WalkSection;
  readonly zone?: {
    readonly isRoofed: boolean;
    readonly isSeenFromAbove: boolean;
    /** A door that a person goes in by. */
    readonly hasDoor: boolean;
  };
}

/** When and where a walk asks it. */
export interface Asked<K extends ItemKind> {
  /** The section it is asked in; absent: the section in which one stands before the item. */
  section?(item: Items[K], at: Circumstances): WalkSection | undefined;
  when(item: Items[K], at: Circumstances): boolean;
  /** Answered by another reading, though this one was not taken. */
  isAnswered?(item: Items[K]): boolean;
  /** After everything else at its stop: what is read there may spare it. */
  readonly last?: true;
  /** Of a bay: before its mesh is looked at, or after. */
  readonly before?: 'mesh';
}

/** Short walks (records/walk.ts) that ask it too; what was weak is asked of every weak bay. */
export type ShortWalk = 'weak' | 'storm' | 'loss' | 'moved' | 'fence' | 'earth' | 'battery';

/** The attack that an amount decides while it is typed, and for openings their form. */
export type Bearing = 'slot' | 'hole' | 'digging' | 'reach' | 'lifting';

interface Common<K extends ItemKind> {
  readonly of: K;
  /** False: kept and compared, never part of the hold (decision 17). */
  readonly isJudged: boolean;
  readonly asked: Asked<K>;
  readonly shortWalks: readonly ShortWalk[];
  /** It wears, moves or comes loose, so that each walk reads it anew; what does not can be affirmed in one tap. */
  readonly wears: boolean;
  /** It can be alike from bay to bay. */
  readonly isAlike: boolean;
  /** To read it is to look at what ages so; when it is looked at again stands in tables/lives.ts. */
  readonly looksAt: readonly AgeingKind[];
  /** Places in a bay whose mend is measured again by it; the first is where it gives way itself. */
  readonly spots: readonly SpotKind[];
  /** Of a light frame: one for all its walls, so read once; or once where the whole pen has been moved, the worst of all. */
  readonly ofFrame?: 'always' | 'moved';
  /** Of the ground within a zone: one for all walls that stand on it, so read once, from inside. */
  readonly ofFloor?: true;
  /** Whether a file that leaves it out says that nobody has looked; otherwise that there is none. */
  isUnreadWithout(item: Items[K]): boolean;
}

/** What an amount is counted in: millimetres, kilograms, kilovolts, volts, birds, minutes, earth rods. */
export type Unit = 'mm' | 'kg' | 'kV' | 'V' | 'birds' | 'min' | 'rods';

/** A number with its unit. */
export interface AmountAttribute<K extends ItemKind> extends Common<K> {
  readonly value: 'amount';
  readonly unit: Unit;
  /** Smaller is better for an opening, more for what keeps diggers out; a strand's height has a right value, no order. */
  readonly better: 'less' | 'more' | 'none';
  /** What it can be at all, in its unit. A reading above is refused. */
  readonly limits: readonly [low: number, high: number];
  /** Figures it usually has, in its unit: said in one tap. */
  readonly usual: readonly number[];
  readonly bears?: Bearing;
  /** Where its value stands; absent where nothing is worked out from it. */
  readonly path?: Path<Items[K], PossibleAmount>;
}

/** One of several. */
export interface ChoiceAttribute<K extends ItemKind, C extends string> extends Common<K> {
  readonly value: 'choice';
  readonly choices: readonly C[];
  /** Best first; or "none", where the tables decide by figures (a mesh by its clear opening, a latch by its motions). */
  readonly better: readonly C[] | 'none';
  /** Of which neither is better for everything that hangs on it, though one stands before the other. */
  readonly notCompared?: readonly (readonly [C, C])[];
  /** The answer that asks for something to be seen to. */
  readonly toSeeTo?: C;
  /** What it mostly is at a bay, said in one tap; where lists have no order. */
  readonly usualAt?: (bay: Bay) => C;
  /** What a mesh of that kind clears is judged as this opening. */
  readonly bears?: Bearing;
  readonly path?: Path<Items[K], PossibleChoice<C>>;
}

/** All that is known of one attribute of such an item. */
export type AttributeOf<K extends ItemKind> = AmountAttribute<K> | ChoiceAttribute<K, string>;
/** All that is known of an attribute, whatever it is of. */
export type Attribute = { [K in ItemKind]: AttributeOf<K> }[ItemKind];

type Given<A extends { readonly path?: unknown }> = Omit<A, 'of' | 'value' | 'isJudged'> &
  Required<Pick<A, 'path'>>;

/** An amount that is judged. */
export const amount = <K extends ItemKind>(of: K, given: Given<AmountAttribute<K>>) =>
  ({ of, value: 'amount', isJudged: true, ...given }) as const;

/** A choice that is judged. */
export const choice = <K extends ItemKind, C extends string>(
  of: K,
  given: Given<ChoiceAttribute<K, C>>,
) => ({ of, value: 'choice', isJudged: true, ...given }) as const;

const unjudged = {
  isJudged: false,
  wears: true,
  isAlike: false,
  looksAt: [],
  spots: [],
  isUnreadWithout: (): boolean => false,
} as const;

/** A choice that is kept and compared, never judged by itself; with a `path`, a part of what is worked out from others. */
export const choiceCheck = <K extends ItemKind, C extends string>(
  of: K,
  given: Pick<
    ChoiceAttribute<K, C>,
    'asked' | 'shortWalks' | 'choices' | 'better' | 'toSeeTo' | 'path'
  >,
) => ({ of, value: 'choice', ...unjudged, ...given }) as const;

/** An amount that is kept and compared, never judged. */
export const amountCheck = <K extends ItemKind>(
  of: K,
  given: Pick<
    AmountAttribute<K>,
    'asked' | 'shortWalks' | 'unit' | 'better' | 'limits' | 'usual' | 'path'
  >,
) => ({ of, value: 'amount', ...unjudged, ...given }) as const;

/** Asked everywhere. */
export const always = (): boolean => true;
/** Asked, or unread, nowhere. */
export const never = (): boolean => false;

/** No walk asks it: the place was described so, and only a mend changes it. */
export const onlyOfMends = {
  asked: { when: never },
  shortWalks: [],
  wears: false,
  isAlike: false,
  looksAt: [],
  spots: [],
  isUnreadWithout: never,
} as const;
