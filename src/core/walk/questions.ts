/**
 * What a walk asks, one reading each: the outer wall bay by bay from the gate, then overhead, then the house.
 * A bay is asked in the order in which hands go: ground line, mesh, pull test, then its doors and lids.
 */
import { attributeKey } from '../place/apply-readings';
import type { AttributeId } from '../place/attributes';
import { allBays } from '../place/find';
import { keptFor } from '../place/kept';
import { innerWalls, lapOf } from '../place/lap';
import type {
  Bay,
  BayId,
  Face,
  GroundLine,
  ItemId,
  Layer,
  Opening,
  Place,
  Strand,
} from '../place/place';
import { isKnown, type Possible } from '../place/possible';
import { isFixed, isSwinging } from '../effort/doors';
import { isNotThere } from '../effort/layers';
import { reachEffort } from '../effort/reach';
import { nightShut } from '../effort/when';
import { animals } from '../tables/animals';
import { meshes } from '../tables/meshes';
import { soilFigures, type Soil } from '../tables/soils';

export type QuestionKind =
  | 'ground-gap'
  | 'bottom-edge-lifted'
  | 'soil'
  | 'fresh-digging'
  | 'wire-floor'
  | 'frame-weight'
  | 'pegs'
  | 'skirt-mesh'
  | 'skirt-depth'
  | 'skirt-outward'
  | 'skirt-tied'
  | 'fixing'
  | 'condition'
  | 'roost'
  | 'mesh'
  | 'clear-opening'
  | 'pull-test'
  | 'largest-hole'
  | 'opening-gap'
  | 'opening-corners'
  | 'latch'
  | 'strand-height'
  | 'strand-stand-off'
  | 'strand-touching'
  | 'volts'
  | 'top-edge'
  | 'overhang'
  | 'lets-go'
  | 'habit'
  /** Looked at and recorded, never judged: place/checks.ts. */
  | 'check';

/** The parts of a walk, in the order in which they are walked. */
export const legs = ['distance', 'lap', 'overhead', 'fence', 'inside', 'house', 'shut'] as const;
export type Leg = (typeof legs)[number];

export interface Question {
  /** Stable; fit for an address. */
  readonly id: string;
  readonly kind: QuestionKind;
  readonly leg: Leg;
  /** Absent where it is asked of the whole place or of a zone. */
  readonly bay?: BayId;
  readonly item: ItemId;
  readonly attribute: AttributeId;
  /** Name of the bay or zone a check is made at. */
  readonly name?: string;
  /** Name of the opening asked about, and the heights of the band. */
  readonly opening?: string;
  readonly band?: readonly [from: number, to: number];
  /** True where the found place already has a value for it. */
  readonly answered: boolean;
  readonly known: Possible | undefined;
}

export function questionId(item: ItemId, attribute: AttributeId): string {
  return attributeKey(item, attribute).replace(' ', '~');
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

const unreadIn = keptFor(
  (questions: readonly Question[]) => questions.filter(({ answered }) => !answered).length,
);

/** In the order in which they are asked. */
function questionsByBay(place: Place): (readonly Question[])[] {
  const lap = lapOf(place).bays;
  const house = innerWalls(place).bays;
  const walls = new Set([...lap, ...house].map(({ bay }) => bay.id));
  const flat = allBays(place).filter(({ bay }) => !walls.has(bay.id));
  const overhead = flat.filter(({ face }) => face.kind !== 'floor');
  const floors = flat.filter(({ face }) => face.kind === 'floor');
  const matters = whatMatters(place);
  const legQuestions = (bays: readonly { readonly bay: Bay; readonly face: Face }[], leg: Leg) =>
    bays.map(({ bay, face }) => keptQuestions(bay, face, leg, matters));
  return [
    ...legQuestions(lap, 'lap'),
    ...legQuestions(overhead, 'overhead'),
    ...legQuestions([...house, ...floors], 'house'),
  ];
}

interface LastAsked {
  readonly matters: Matters;
  readonly leg: Leg;
  readonly between: Face['between'];
  readonly questions: readonly Question[];
}

const lastAsked = new WeakMap<Bay, LastAsked>();

/** A bay that is as it was, for the same animals and birds, is asked the same. */
function keptQuestions(bay: Bay, face: Face, leg: Leg, matters: Matters): readonly Question[] {
  const last = lastAsked.get(bay);
  const isSame = last?.matters === matters && last.leg === leg && last.between === face.between;
  if (isSame) return last.questions;
  const questions = bayQuestions(bay, face, leg, matters);
  lastAsked.set(bay, { matters, leg, between: face.between, questions });
  return questions;
}

/** What the animals that live here make worth asking. */
interface Matters {
  /** Something draws fixings; something breaks or gnaws cover; something digs. */
  readonly fixing: boolean;
  readonly condition: boolean;
  readonly digging: boolean;
  /** Where birds that sleep beside this face are asked about, if something reaches in through the bay as far as it is known. */
  readonly roost: (bay: Bay, face: Face) => Leg | undefined;
  /** The bay at which the line's potential is read, where there is a line. */
  readonly line?: { readonly at: BayId; readonly id: ItemId; readonly volts: Possible | undefined };
}

let lastMatters:
  { readonly place: Place; readonly at: BayId | undefined; readonly it: Matters } | undefined;

/** The same object for the same animals, birds and line. */
function whatMatters(place: Place): Matters {
  const at = place.fence && allBays(place).find(({ bay }) => bay.strands.length > 0)?.bay.id;
  const last = lastMatters;
  if (
    last?.at === at &&
    last?.place.setting.lives === place.setting.lives &&
    last.place.flock === place.flock &&
    last.place.zones === place.zones &&
    last.place.fence === place.fence
  ) {
    return last.it;
  }
  const it = mattersIn(place, at);
  lastMatters = { place, at, it };
  return it;
}

function mattersIn({ setting, flock, fence, zones }: Place, at: BayId | undefined): Matters {
  const here = setting.lives.map((id) => animals[id]);
  const reaching = here.filter((animal) => animal.reaches);
  const sleeps = new Set(flock.map((group) => group.sleeps));
  return {
    fixing: here.some(({ tears }) => tears.pulls.value > 0),
    condition: here.some(({ tears }) => tears.breaks.value > 0),
    digging: here.some(({ digs }) => digs !== undefined),
    roost: (bay, face) => {
      const beside = zones.find(({ id }) => face.between.includes(id) && sleeps.has(id));
      if (!beside) return undefined;
      const isReached = reaching.some((animal) => {
        const part = reachEffort({ ...bay, roost: { is: 0 } }, animal, 'worst', nightShut);
        return part !== undefined && part.minutes !== null;
      });
      if (!isReached) return undefined;
      return beside.kind === 'run' ? 'inside' : 'house';
    },
    ...(fence && at !== undefined && { line: { at, id: fence.id, volts: fence.volts } }),
  };
}

type Ask = (
  kind: QuestionKind,
  item: ItemId,
  attribute: AttributeId,
  known: Possible | undefined,
  more?: Partial<Pick<Question, 'opening' | 'band' | 'leg'>>,
) => Question;

function bayQuestions(bay: Bay, face: Face, leg: Leg, matters: Matters): Question[] {
  const ask: Ask = (kind, item, attribute, known, more = {}) => ({
    id: questionId(item, attribute),
    kind,
    leg,
    bay: bay.id,
    item,
    attribute,
    ...more,
    known,
    answered: known !== undefined && !('any' in known),
  });
  const ground = bay.ground
    ? [
        ask('ground-gap', bay.id, 'ground.gap', bay.ground.gap),
        ask('bottom-edge-lifted', bay.id, 'ground.gapLifted', bay.ground.gapLifted),
        ask('soil', bay.id, 'ground.soil', bay.ground.soil),
        ...groundQuestions(ask, bay.id, bay.ground, matters),
      ]
    : [];
  const strands = [
    ...bay.strands.flatMap((strand) => strandQuestions(ask, strand)),
    ...(matters.line?.at === bay.id
      ? [ask('volts', matters.line.id, 'fence.volts', matters.line.volts, { leg: 'fence' })]
      : []),
  ];
  const roost = matters.roost(bay, face);
  // What stands ready for a mend is asked of when the mend is measured.
  if (isNotThere(bay)) return [];
  // A strand standing free has no sill, no cover and nothing to pull at.
  if (bay.bands.length === 0) return strands;
  const isHeld = bay.fixing !== undefined || !everyLayer(bay, (layer) => layer.fixing);
  const isStated = bay.condition !== undefined || !everyLayer(bay, (layer) => layer.condition);
  return [
    ...ground,
    ...bay.bands.flatMap(({ layers, from, to }) =>
      layers.flatMap((layer) => layerQuestions(ask, layer, { band: [from, to] })),
    ),
    ...(matters.fixing && isHeld ? [ask('fixing', bay.id, 'bay.fixing', bay.fixing)] : []),
    ...(matters.condition && isStated
      ? [ask('condition', bay.id, 'bay.condition', bay.condition)]
      : []),
    ask('pull-test', bay.id, 'bay.panelPulled', bay.panelPulled),
    ask('largest-hole', bay.id, 'bay.largestHole', bay.largestHole),
    ...bay.openings.flatMap((opening) => openingQuestions(ask, opening)),
    ...(roost ? [ask('roost', bay.id, 'bay.roost', bay.roost, { leg: roost })] : []),
    ...strands,
  ];
}

/** Whether every layer says for itself what holds it, so that the bay need not. */
function everyLayer(bay: Bay, says: (layer: Layer) => unknown): boolean {
  const layers = [
    ...bay.bands.flatMap((band) => band.layers),
    ...bay.openings.flatMap((opening) => opening.cover ?? []),
  ];
  return layers.every((layer) => says(layer) !== undefined);
}

function strandQuestions(ask: Ask, { id, height, standOff, touching }: Strand): Question[] {
  return [
    ask('strand-height', id, 'strand.height', height),
    ask('strand-stand-off', id, 'strand.standOff', standOff),
    ask('strand-touching', id, 'strand.touching', touching),
  ];
}

/** What holds a light frame down, and what keeps diggers out. */
function groundQuestions(ask: Ask, bay: BayId, ground: GroundLine, matters: Matters): Question[] {
  const frame = ground.weight
    ? [
        ask('frame-weight', bay, 'ground.weight', ground.weight),
        ask('pegs', bay, 'ground.pegs', ground.pegs),
      ]
    : [];
  return [...frame, ...(matters.digging ? diggingQuestions(ask, bay, ground) : [])];
}

/** Nothing digs through rock or slabs; what a skirt is made of and whether it is tied matter only where there is one. */
function diggingQuestions(ask: Ask, bay: BayId, ground: GroundLine): Question[] {
  const { soil, skirt } = ground;
  if (isKnown<Soil>(soil) && soilFigures[soil.is].digging === 'never') return [];
  const depth = ask('skirt-depth', bay, 'skirt.depth', skirt?.depth);
  const outward = ask('skirt-outward', bay, 'skirt.outward', skirt?.outward);
  const isThere = (question: Question): boolean =>
    question.answered && !(isKnown<number>(question.known) && question.known.is === 0);
  const hasSkirt = isThere(depth) || isThere(outward);
  return [
    ask('fresh-digging', bay, 'ground.digging', ground.digging),
    ...(ground.floor ? [ask('wire-floor', bay, 'ground.floor', ground.floor)] : []),
    depth,
    outward,
    ...(hasSkirt ? [ask('skirt-mesh', bay, 'skirt.mesh', skirt?.mesh)] : []),
    ...(isThere(outward) ? [ask('skirt-tied', bay, 'skirt.tied', skirt?.tied)] : []),
  ];
}

function layerQuestions(
  ask: Ask,
  layer: Layer,
  more: Pick<Question, 'opening' | 'band'>,
): Question[] {
  const mesh = ask('mesh', layer.id, 'layer.mesh', layer.mesh, more);
  // A board has no opening to measure, and a cover that is off leaves none.
  const kind = 'is' in layer.mesh ? layer.mesh.is : undefined;
  if (kind === 'none' || (kind && meshes[kind].kind === 'solid')) return [mesh];
  // Welded mesh of a known kind clears what the tables say; netting stretches, so it is measured.
  if (kind && meshes[kind].kind === 'welded') return [mesh];
  const clear = ask('clear-opening', layer.id, 'layer.clear', layer.clear, more);
  return [mesh, { ...clear, answered: clear.answered || mesh.answered }];
}

function openingQuestions(ask: Ask, opening: Opening): Question[] {
  const more = { opening: opening.name };
  const { id } = opening;
  const cover = (opening.cover ?? []).flatMap((layer) => layerQuestions(ask, layer, more));
  if (isFixed(opening)) return cover;
  const edges = [
    ask('opening-gap', id, 'opening.gap', opening.gap, more),
    ask('opening-corners', id, 'opening.gapPulled', opening.gapPulled, more),
  ];
  const latches = isSwinging(opening)
    ? opening.latches.map((latch) => ask('latch', latch.id, 'latch.kind', latch.kind, more))
    : [];
  return [...edges, ...latches, ...cover];
}
