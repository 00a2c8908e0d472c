/**
 * What a walk asks, one reading each, as the attributes say: the outer wall bay by bay from the gate, then overhead, then the house.
 * A bay is asked in the order in which hands go: ground line, mesh, pull test, then its doors and lids.
 */
import { attributes, attributesOf, type AttributeId, type Listed } from '../attributes';
import type {
  Attribute,
  Circumstances,
  ItemKind,
  Items,
  WalkSection,
} from '../attributes/attribute';
import { isLatched } from '../effort/doors';
import { isFixed } from '../place/opening-cover';
import { isNotThere } from '../effort/layers';
import { allBays } from '../place/find';
import { answersBy } from '../memo';
import { framesOf } from '../place/frame';
import { innerWalls, lapOf } from '../place/lap';
import type { Bay, BayId, Face, ItemId, Layer, Opening, Place, ZoneId } from '../place/place';
import type { Possible } from '../place/possible';
import { attributeKey } from '../records/apply-readings';
import { floorSidesOf, roostSideOf, whatMatters, type PlaceMatters, type Side } from './matters';

/** Something a walk asks: one attribute of one item. */
export interface Question {
  /** Stable; fit for an address. */
  readonly id: string;
  readonly section: WalkSection;
  /** Absent where it is asked of the whole place or of a zone. */
  readonly bay?: BayId;
  readonly item: ItemId;
  readonly attribute: AttributeId;
  /** Name of the bay or zone a check is made at, or of the zone one stands in. */
  readonly name?: string;
  /** The zone one stands in, where a bay is looked at from another side than its own. */
  readonly from?: ZoneId;
  /** Name of the opening asked about, and the heights of the band. */
  readonly opening?: string;
  readonly band?: readonly [from: number, to: number];
  /** True where the found place already has a value for it. */
  readonly answered: boolean;
  readonly known: Possible | undefined;
  /** Of a light frame: the wall at which it is read for all of them, or another of its walls. */
  readonly frame?: 'first' | 'other';
  /** Asked once in this walk for all walls of the frame. */
  readonly isOfWholeFrame?: true;
}

/** Of one attribute of one item; stable, fit for an address. */
export function questionId(item: ItemId, attribute: AttributeId): string {
  return attributeKey(item, attribute).replace(' ', '~');
}

/** Asked after everything else at its stop. */
export function isLast({ attribute }: Pick<Question, 'attribute'>): boolean {
  const { asked }: Pick<Attribute, 'asked'> = attributes[attribute];
  return asked.last === true;
}

/** All questions of a place as last found whose answers are judged. */
export function questionsOf(place: Place): Question[] {
  return questionsByBay(place).flat();
}

/** How many there are, and how many nobody has answered. */
export function countQuestions(place: Place): { readonly all: number; readonly unread: number } {
  let all = 0;
  let unread = 0;
  for (const questions of questionsByBay(place)) {
    all += questions.length;
    unread += unreadIn(questions);
  }
  return { all, unread };
}

const unreadIn = (questions: readonly Question[]): number =>
  questions.filter(({ answered }) => !answered).length;

/** In the order in which they are asked. */
function questionsByBay(place: Place): (readonly Question[])[] {
  const lap = lapOf(place).bays;
  const house = innerWalls(place).bays;
  const walls = new Set([...lap, ...house].map(({ bay }) => bay.id));
  const flat = allBays(place).filter(({ bay }) => !walls.has(bay.id));
  const overhead = flat.filter(({ face }) => face.kind !== 'floor');
  const floors = flat.filter(({ face }) => face.kind === 'floor');
  const matters = whatMatters(place);
  const frames = framesOf(place);
  const byId = new Map(lap.map(({ bay }) => [bay.id, bay]));
  const firstInFrame = ({ id }: Bay): Bay | undefined => byId.get(frames.get(id)?.[0] ?? '');
  const floorSides = floorSidesOf(place, matters.matters);
  const sectionQuestions = (
    bays: readonly { readonly bay: Bay; readonly face: Face }[],
    section: WalkSection,
  ) =>
    bays.map(({ bay, face }) =>
      questionsAt(
        { bay, face, section, first: firstInFrame(bay), floor: floorSides.get(bay.id) },
        matters,
      ),
    );
  return [
    ...sectionQuestions(lap, 'lap'),
    ...sectionQuestions(overhead, 'overhead'),
    ...sectionQuestions([...house, ...floors], 'house'),
  ];
}

/** A bay, and all that its questions hang on beside the animals and birds. */
interface AskedBay {
  readonly bay: Bay;
  readonly face: Face;
  readonly section: WalkSection;
  /** The first wall of its light frame. */
  readonly first: Bay | undefined;
  /** Where the floor inside is asked about, if it is at this wall. */
  readonly floor: Side | undefined;
}

interface LastAsked extends AskedBay {
  readonly matters: PlaceMatters;
  readonly questions: readonly Question[];
}

const lastAsked = answersBy<Bay, LastAsked>();

/** A bay that is as it was, for the same animals and birds, is asked the same. */
function questionsAt(it: AskedBay, matters: PlaceMatters): readonly Question[] {
  const { bay, face, section, first, floor } = it;
  const last = lastAsked.get(bay);
  const isSame =
    last?.matters === matters &&
    last.section === section &&
    last.face.between === face.between &&
    last.first === first &&
    last.floor?.zone === floor?.zone;
  if (isSame) return last.questions;
  const questions = bayQuestions(it, matters).flatMap((asked) => ofFrame(asked, bay, first));
  lastAsked.set(bay, { ...it, matters, questions });
  return questions;
}

/** What is one for all walls of a frame is asked at its first; at another only where its wall was told otherwise. */
function ofFrame(question: Question, bay: Bay, first: Bay | undefined): Question[] {
  const attribute: Attribute = attributes[question.attribute];
  if (!first || !attribute.ofFrame || attribute.of !== 'bay') return [question];
  if (first === bay) return [{ ...question, frame: 'first' }];
  const isToldAlike = saysTheSame(attribute.path?.get(first), question.known);
  return attribute.ofFrame === 'always' && isToldAlike ? [] : [{ ...question, frame: 'other' }];
}

/** Values are plain and small: as text they are told apart whatever they were made by. */
const saysTheSame = (a: Possible | undefined, b: Possible | undefined): boolean =>
  JSON.stringify(a) === JSON.stringify(b);

/** Where a question is asked, beside the item itself. */
type Where = Pick<Question, 'opening' | 'band' | 'from' | 'name'>;

function bayQuestions(
  { bay, face, section, floor }: AskedBay,
  { matters, line, ...of }: PlaceMatters,
) {
  // What stands ready for a mend is asked of when the mend is measured.
  if (isNotThere(bay)) return [];
  const roost = roostSideOf(of, bay, face);
  const at: Circumstances = {
    matters,
    bay,
    face,
    ...(roost && { roostSection: roost.section }),
    ...(floor && { floorSection: floor.section }),
  };
  /** A wall looked at from within is asked about where one stands. */
  const within = (side: Side | undefined): Where =>
    side && side.section !== section ? { from: side.zone.id, name: side.zone.name } : {};
  const ask = <K extends ItemKind>(
    kind: K,
    item: Items[K] & { readonly id: ItemId },
    more: Where = {},
    here: Circumstances = at,
    asked: readonly Listed<K>[] = attributesOf(kind),
  ): Question[] =>
    asked
      .filter((attribute) => attribute.isJudged && attribute.asked.when(item, here))
      .map((attribute) => {
        const known = attribute.path?.get(item);
        return {
          id: questionId(item.id, attribute.id),
          section: attribute.asked.section?.(item, here) ?? section,
          bay: bay.id,
          item: item.id,
          attribute: attribute.id,
          ...more,
          known,
          answered:
            (known !== undefined && !('any' in known)) ||
            attribute.asked.isAnswered?.(item) === true,
        };
      });
  const strands = [
    // One that was read to be at no height is asked again: somebody may hang it up.
    ...bay.strands.filter(({ ready }) => !ready).flatMap((strand) => ask('strand', strand)),
    ...(line?.at === bay.id ? ask('fence', line.fence) : []),
  ];
  // A strand standing free has no sill, no cover and nothing to pull at.
  if (bay.bands.length === 0) return strands;
  const layers = (all: readonly Layer[], more: Where, here = at) =>
    all.flatMap((layer) => ask('layer', layer, more, here));
  const opening = (it: Opening): Question[] => {
    const more = { opening: it.name };
    const here = { ...at, opening: { isFixed: isFixed(it), isLatched: isLatched(it) } };
    return [
      ...ask('opening', it, more, here),
      ...it.latches.flatMap((latch) => ask('latch', latch, more, here)),
      ...layers(it.cover ?? [], more, here),
    ];
  };
  return [
    ...ask('bay', bay, {}, at, beforeMesh),
    ...bay.bands.flatMap(({ layers: all, from, to }) => layers(all, { band: [from, to] })),
    ...ask('bay', bay, {}, at, afterMesh),
    ...bay.openings.flatMap(opening),
    ...ask('bay', bay, within(roost), at, besideBirds),
    ...ask('bay', bay, within(floor), at, underfoot),
    ...strands,
  ];
}

const ofBays = attributesOf('bay');
const beforeMesh = ofBays.filter(({ asked }) => asked.before === 'mesh');
const afterMesh = ofBays.filter(({ asked }) => asked.before === undefined && !asked.section);
/** Asked from another section than the bay's own. */
const fromInside = ofBays.filter(({ asked }) => asked.before === undefined && asked.section);
const besideBirds = fromInside.filter(({ ofFloor }) => !ofFloor);
const underfoot = fromInside.filter(({ ofFloor }) => ofFloor);
