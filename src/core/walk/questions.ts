/**
 * What a walk asks, one reading each: the outer wall bay by bay from the gate, then overhead, then the house.
 * A bay is asked in the order in which hands go: ground line, mesh, pull test, then its doors and lids.
 */
import { attributeKey } from '../place/apply-readings';
import type { AttributeId } from '../place/attributes';
import { allBays } from '../place/find';
import { innerWalls, lapOf } from '../place/lap';
import type { Bay, BayId, GroundLine, ItemId, Layer, Opening, Place } from '../place/place';
import { isKnown, type Possible } from '../place/possible';
import { isFixed, isSwinging } from '../effort/opening-effort';
import { meshes } from '../tables/meshes';

export type QuestionKind =
  | 'ground-gap'
  | 'bottom-edge-lifted'
  | 'soil'
  | 'skirt-depth'
  | 'skirt-outward'
  | 'skirt-tied'
  | 'mesh'
  | 'clear-opening'
  | 'pull-test'
  | 'largest-hole'
  | 'opening-gap'
  | 'opening-corners'
  | 'latch';

export type Leg = 'lap' | 'overhead' | 'house';

export interface Question {
  /** Stable; fit for an address. */
  readonly id: string;
  readonly kind: QuestionKind;
  readonly leg: Leg;
  readonly bay: BayId;
  readonly item: ItemId;
  readonly attribute: AttributeId;
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

/** All questions of a place as last found. */
export function questionsOf(place: Place): Question[] {
  const lap = lapOf(place).bays.map(({ bay }) => bay);
  const house = innerWalls(place).bays.map(({ bay }) => bay);
  const walls = new Set([...lap, ...house].map((bay) => bay.id));
  const overhead = allBays(place)
    .map(({ bay }) => bay)
    .filter((bay) => !walls.has(bay.id));
  return [
    ...lap.flatMap((bay) => bayQuestions(bay, 'lap')),
    ...overhead.flatMap((bay) => bayQuestions(bay, 'overhead')),
    ...house.flatMap((bay) => bayQuestions(bay, 'house')),
  ];
}

type Ask = (
  kind: QuestionKind,
  item: ItemId,
  attribute: AttributeId,
  known: Possible | undefined,
  more?: Pick<Question, 'opening' | 'band'>,
) => Question;

function bayQuestions(bay: Bay, leg: Leg): Question[] {
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
        ...skirtQuestions(ask, bay.id, bay.ground),
      ]
    : [];
  return [
    ...ground,
    ...bay.bands.flatMap(({ layers, from, to }) =>
      layers.flatMap((layer) => layerQuestions(ask, layer, { band: [from, to] })),
    ),
    ask('pull-test', bay.id, 'bay.panelPulled', bay.panelPulled),
    ask('largest-hole', bay.id, 'bay.largestHole', bay.largestHole),
    ...bay.openings.flatMap((opening) => openingQuestions(ask, opening)),
  ];
}

/** Nothing digs through rock or slabs; whether an apron is tied matters only where there is one. */
function skirtQuestions(ask: Ask, bay: BayId, { soil, skirt }: GroundLine): Question[] {
  if (isKnown<string>(soil) && (soil.is === 'rock' || soil.is === 'hard-surface')) return [];
  const outward = ask('skirt-outward', bay, 'skirt.outward', skirt?.outward);
  const noApron = isKnown<number>(skirt?.outward) && skirt.outward.is === 0;
  return [
    ask('skirt-depth', bay, 'skirt.depth', skirt?.depth),
    outward,
    ...(outward.answered && !noApron ? [ask('skirt-tied', bay, 'skirt.tied', skirt?.tied)] : []),
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
