/** Where everything in a strip of wall stands, in px: bays side by side, to scale, ground line, skirt below it. */
import { isKnown, type PossibleAmount } from '@/core/place/possible';
import {
  outside,
  type Bay,
  type BayId,
  type Face,
  type Layer,
  type Opening,
  type Place,
} from '@/core/place/place';
import type { Soil } from '@/core/tables/soils';
import type { Lap } from '@/core/place/lap';
import { isWithin } from '@/core/place/year-span';
import { roofKindOf, type RoofKind } from './site-plan-zones';
import { isThere } from '@/core/place/strand-there';
import type { MeshId } from '@/core/tables/meshes';

export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export interface LapBox extends Box {
  readonly bay: Bay;
  readonly roof: RoofKind;
  readonly bands: readonly (Box & {
    readonly mesh: MeshId | 'none' | undefined;
    readonly id: string;
  })[];
  readonly openings: readonly (Box & { readonly opening: Opening })[];
  /** Depth of the skirt below ground, px and mm, and its mesh; absent without one. */
  readonly skirt:
    | { readonly depth: number; readonly mm: number; readonly mesh: MeshId | 'none' | undefined }
    | undefined;
  /** Mesh laid out flat from the wall, so wide, mm; 0: none known. */
  readonly apron: number;
  /** Heights of its strands in the drawing, px; where a height is not known, a hand's breadth. */
  readonly strands: readonly { readonly id: string; readonly y: number }[];
  /** Slabs, concrete or rock up to the wall. */
  readonly slabs: boolean;
  /** Widest gap under the sill that was read, px; at least visible. */
  readonly gap: number;
}

export interface LapLayout {
  readonly width: number;
  readonly height: number;
  readonly ground: number;
  readonly scale: number;
  readonly bays: readonly LapBox[];
  readonly sides: readonly { readonly name: string; readonly x: number }[];
}

export interface LapFrame {
  /** px per mm. */
  readonly scale: number;
  /** Room above the wall for names, px. */
  readonly above: number;
  /** Room below ground, px. */
  readonly below: number;
  readonly margin: number;
  /** YYYY-MM-DD: what is on only for part of the year is drawn as it is that day; absent: as if all were on. */
  readonly day?: string | undefined;
}

/** From the top of the drawing down to the ground line, px. */
export function groundOf(lap: Lap, { scale, above }: LapFrame): number {
  return above + Math.max(...lap.bays.map(({ bay }) => bay.height), 1) * scale;
}

export function lapLayout(place: Place, lap: Lap, frame: LapFrame): LapLayout {
  const { scale, below, margin, day } = frame;
  const ground = groundOf(lap, frame);
  const bays = lap.bays.map(({ bay, face, from }) =>
    keptBox(bay, [margin + from * scale, ground, scale, day], roofAt(place, face)),
  );
  return {
    width: lap.length * scale + 2 * margin,
    height: ground + below,
    ground,
    scale,
    bays,
    sides: lap.bays.flatMap(({ sideName, from }, index) =>
      lap.bays[index - 1]?.sideName === sideName
        ? []
        : [{ name: sideName, x: margin + from * scale }],
    ),
  };
}

type BoxAt = readonly [x: number, ground: number, scale: number, day: string | undefined];

const lastBox = new WeakMap<Bay, { readonly at: string; readonly box: LapBox }>();

/** The same object for the same bay in the same spot, so that it need not be drawn again. */
function keptBox(bay: Bay, at: BoxAt, roof: RoofKind): LapBox {
  const key = [...at, roof].join(' ');
  const last = lastBox.get(bay);
  if (last?.at === key) return last.box;
  const box = { ...lapBox(bay, ...at), roof };
  lastBox.set(bay, { at: key, box });
  return box;
}

function roofAt(place: Place, { between }: Face): RoofKind {
  const inner = between.find((zone) => zone !== outside);
  return inner === undefined ? 'unread' : roofKindOf(place, inner);
}

function lapBox(
  bay: Bay,
  x: number,
  ground: number,
  scale: number,
  day: string | undefined,
): Omit<LapBox, 'roof'> {
  const width = bay.width * scale;
  const skirt = bay.ground?.skirt;
  const depth = known(skirt?.depth);
  return {
    bay,
    x,
    y: ground - bay.height * scale,
    width,
    height: (bay.height - (bay.base ?? 0)) * scale,
    bands: bay.bands.map(({ id, from, to, layers }) => ({
      id,
      x,
      y: ground - to * scale,
      width,
      height: (to - from) * scale,
      mesh: layers
        .filter(({ on }) => isWithin(on, day))
        .map(({ mesh }) => knownMesh(mesh))
        .at(-1),
    })),
    openings: bay.openings.map((opening) => ({
      opening,
      x: x + opening.at * scale,
      y: ground - (opening.up + opening.height) * scale,
      width: opening.width * scale,
      height: opening.height * scale,
    })),
    skirt:
      depth > 0 ? { depth: depth * scale, mm: depth, mesh: knownMesh(skirt?.mesh) } : undefined,
    apron: known(skirt?.outward),
    strands: bay.strands.filter(isThere).map(({ id, height }) => ({
      id,
      y: ground - (known(height) || handsBreadth) * scale,
    })),
    slabs: hasHardEdge(bay),
    gap: Math.max(gapOf(bay) * scale, 4),
  };
}

/** mm */
const handsBreadth = 150;

const known = (length: PossibleAmount | undefined): number =>
  isKnown<number>(length) ? length.is : 0;

function hasHardEdge({ ground }: Bay): boolean {
  return (
    isKnown<Soil>(ground?.soil) && (ground.soil.is === 'hard-surface' || ground.soil.is === 'rock')
  );
}

function knownMesh(mesh: Layer['mesh'] | undefined): MeshId | 'none' | undefined {
  return isKnown<MeshId | 'none'>(mesh) ? mesh.is : undefined;
}

function gapOf({ ground }: Bay): number {
  const lengths = [ground?.gap, ground?.gapLifted];
  return Math.max(0, ...lengths.map(known));
}

export function boxOf(layout: LapLayout, bay: BayId): LapBox | undefined {
  return layout.bays.find((it) => it.bay.id === bay);
}
