/**
 * Which unread readings could still change the answer: the ways in of any scenario, or a hold by more than a point. The rest can be left
 * unread: whatever they turn out to be, and whatever is read of the others later, ways in and holds are as said.
 *
 * Bay by bay all that is unread there is set to its best and to its worst where the bay tells the most (where-it-tells.ts). What changes
 * nothing there is folded; at the end all folded together are tried at both ends with the rest unread. More is worse never less (property
 * of the judgement), so that between those ends nothing differs either. Within a bay readings stand for one another in ways that only
 * reading them shows (a pull that gave nothing speaks for the staples): they are folded together or not at all. The line bears on every
 * wall, on each otherwise, and so do a floor and a light frame: what is read of them is never folded as long as anything is open.
 */
import { attributes } from '../attributes';
import type { Attribute } from '../attributes/attribute';
import { groupedBy } from '../grouped-by';
import { getOrMake } from '../memo';
import type { BayId, Place } from '../place/place';
import { isReadTogether } from '../records/read-together';
import { questionsOf, type Question } from '../walk/questions';
import { answersOn, type Answers, type Day, type Told } from './answers';
import { comparison, settledBetween } from './same-answers';
import { endsOf } from './ends';
import { barriersOf, besidesOnTheWay, type Barrier } from './where-it-tells';
import { withAt, type End } from './with-at';

/** Unread questions by id: those that could change something, and those that could not. */
export interface Settling {
  readonly matters: readonly Question[];
  readonly folded: readonly Question[];
}

/** `found`: with readings laid over it. */
export function couldChange(found: Place, day: Day): Settling {
  const unread = questionsOf(found).filter(({ answered }) => !answered);
  const [open, unordered] = [
    unread.filter(({ attribute }) => endsOf(attribute)),
    unread.filter(({ attribute }) => !endsOf(attribute)),
  ];
  if (open.length === 0) return { matters: unordered, folded: [] };
  const [told, isSame] = [answersOn(day, found), comparison()];
  const { bases, answers } = bothEnds(found, open, told);
  if (isSame(answers.best, answers.worst)) return { matters: unordered, folded: open };
  const settled = settledBetween(answers.best, answers.worst);
  const toldBetween = (place: Place) => told(place, settled);
  const sound = { place: bases.best, answers: answers.best };
  const whereTelling = tellingPlaces(found, open, sound, toldBetween);
  const idle = [...groupedBy(open, wallOf)].flatMap(([bay, some]) =>
    bay !== undefined &&
    whereTelling(bay).every(({ place, answers: said }) =>
      isSame(said, toldBetween(withAt(place, some, 'worst'))),
    )
      ? some
      : [],
  );
  const isIdleTogether = isSame(
    toldBetween(withAt(found, idle, 'best')),
    toldBetween(withAt(found, idle, 'worst')),
  );
  const folded = isIdleTogether ? idle : [];
  const ids = new Set(folded.map(({ id }) => id));
  return { matters: unread.filter(({ id }) => !ids.has(id)), folded };
}

/**
 * The bay that a reading is of; none for the line, though one stands at a bay to read it (grass on one strand draws from all of it), nor for
 * what is read once for several walls.
 */
function wallOf({ bay, attribute }: Question): BayId | undefined {
  const { of, shortWalks }: Pick<Attribute, 'of' | 'shortWalks'> = attributes[attribute];
  const isOfMany = of === 'fence' || shortWalks.includes('fence') || isReadTogether(attribute);
  return isOfMany ? undefined : bay;
}

/** A place, and what is said of it. */
interface Telling {
  readonly place: Place;
  readonly answers: Answers;
}

/**
 * The places in which a bay tells the most, itself at its best: with all sound (what is weak behind it may be another's way in), and with
 * what is before and behind it weak; with the line weak, which keeps out of nothing then, and with it sound, for it does nothing against
 * digging.
 */
function tellingPlaces(
  found: Place,
  open: readonly Question[],
  sound: Telling,
  told: (place: Place) => Answers,
) {
  const barriers = barriersOf(found);
  const barrierOf = (it: Question): Barrier | undefined => barriers.get(wallOf(it) ?? '');
  const lines = open.some((it) => wallOf(it) === undefined) ? [true, false] : [false];
  const telling = (isWeak: (it: Question) => boolean): Telling => {
    const [weak, rest] = [open.filter(isWeak), open.filter((it) => !isWeak(it))];
    const place = withAt(withAt(found, weak, 'worst'), rest, 'best');
    return { place, answers: told(place) };
  };
  const make = (barrier: Barrier): readonly Telling[] => [
    sound,
    ...besidesOnTheWay(found, barrier).flatMap((way) =>
      lines.map((isLineWeak) =>
        telling((it) => {
          const own = barrierOf(it);
          return own === undefined ? isLineWeak : way.includes(own);
        }),
      ),
    ),
  ];
  const kept = new Map<Barrier, readonly Telling[]>();
  return (bay: BayId): readonly Telling[] => {
    const barrier = barriers.get(bay);
    return barrier === undefined ? [sound] : getOrMake(kept, barrier, () => make(barrier));
  };
}

/**
 * Whether none of these could still change anything. More is worse never less, so that they could not where their two ends all together
 * say the same; what is asked besides (by an id that is not known) may.
 */
export function isSettledBut(found: Place, day: Day, known: ReadonlySet<string>): boolean {
  const unread = questionsOf(found).filter(({ answered }) => !answered);
  if (unread.some(({ id, attribute }) => known.has(id) && !endsOf(attribute))) return false;
  const open = unread.filter(({ attribute }) => endsOf(attribute));
  const { answers } = bothEnds(found, open, answersOn(day, found));
  if (comparison()(answers.best, answers.worst)) return true;
  if (open.every(({ id }) => known.has(id))) return false;
  return couldChange(found, day).matters.every(({ id }) => !known.has(id));
}

function bothEnds(
  found: Place,
  open: readonly Question[],
  told: Told,
): { readonly bases: Record<End, Place>; readonly answers: Record<End, Answers> } {
  const bases = { best: withAt(found, open, 'best'), worst: withAt(found, open, 'worst') };
  return { bases, answers: { best: told(bases.best), worst: told(bases.worst) } };
}
