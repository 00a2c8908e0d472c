/** The faces of a place from its zones alone: walls where two zones meet, roofs, and floors of what stands above the ground. */
import { closeOutline } from '../outline';
import { isInside } from '../polygon';
import { outside, type Bay, type Face, type Side, type Zone, type ZoneId } from '../place';
import { any } from '../possible';
import { baysAlong, layersOf, openBay } from './bays-along';
import { isRaised, stretchesOf, type Stretch } from './stretches';
import { houseDress, topOf, usualDress, type ZoneDress } from './zone-dress';

/** What is said of zones once for all their walls. */
export type Dresses = Readonly<Record<ZoneId, ZoneDress>>;

/** All walls, roofs and floors that follow from which zones meet. */
export function facesOf(zones: readonly Zone[], dresses: Dresses = {}): Face[] {
  return [
    ...layWalls(zones, dresses),
    ...zones.flatMap((zone) => layCeilings(zone, zones, dresses)),
  ];
}

/** What a zone’s walls are made of: as given, else as is usual. */
export const dressOf = (zone: Zone, dresses: Dresses): ZoneDress =>
  dresses[zone.id] ?? usualDress[zone.kind];

/** A wall is dressed as the more enclosed of its two zones: a house in a run brings its own boards. */
const byEnclosure: readonly Zone['kind'][] = ['nest-box', 'house', 'under-house', 'run'];

function layWalls(zones: readonly Zone[], dresses: Dresses): Face[] {
  const stretches = stretchesOf(zones);
  const counted = new Map<string, number>();
  return stretches.flatMap((stretch) => {
    const owner = ownerOf(stretch, zones);
    if (!owner) return [];
    const stem = isRaised(owner) ? `${stretch.side.id}-up` : stretch.side.id;
    const before = counted.get(stem) ?? 0;
    const bays = baysOf(stretch, owner, zones, dresses, (index, count) => ({
      id: `${stem}-${before + index + 1}`,
      name: wallName(stretch, owner, before + index, before + count),
    }));
    counted.set(stem, before + bays.length);
    const isOuter = stretch.between.includes(outside);
    const face: Face = {
      id: `${stem}-wall-${before + 1}`,
      kind: isOuter ? 'wall' : 'partition',
      between: stretch.between,
      along: stretch.side.id,
      from: stretch.at,
      bays,
    };
    return [face];
  });
}

/** The zone whose wall a stretch is: the one that encloses. */
export function ownerOf({ between }: Stretch, zones: readonly Zone[]): Zone | undefined {
  return zones
    .filter(({ id }) => between.includes(id))
    .sort((a, b) => byEnclosure.indexOf(a.kind) - byEnclosure.indexOf(b.kind))[0];
}

function baysOf(
  stretch: Stretch,
  owner: Zone,
  zones: readonly Zone[],
  dresses: Dresses,
  named: Parameters<typeof baysAlong>[3],
): Bay[] {
  const other = zones.find(({ id }) => id !== owner.id && stretch.between.includes(id));
  const isOpen =
    (owner.kind === 'under-house' && other?.kind === 'run') ||
    (owner.kind === 'nest-box' && other?.kind === 'house');
  if (!isOpen) {
    const dress = dressOf(owner, dresses);
    const bays = baysAlong(stretch, owner, dress, named);
    // Of a light frame only its outer walls stand on the ground: inside there is nothing to lift or to dig under.
    const isInFrame = dress.edge === 'frame' && !stretch.between.includes(outside);
    return isInFrame ? bays.map(({ ground: _ground, ...bay }) => bay) : bays;
  }
  const { id, name } = named(0, 1);
  return [openBay(id, name, stretch.length, owner.base ?? 0, topOf(owner))];
}

/** "left 2"; what is not the side's own zone says which: "house, back". */
export function wallName(
  { side }: Pick<Stretch, 'side'>,
  owner: Pick<Zone, 'outline' | 'name'>,
  index: number,
  count: number,
): string {
  const isOwn = owner.outline.sides.some((it: Side) => it.id === side.id);
  const stem = isOwn ? side.name : `${owner.name}, ${side.name}`;
  return count > 1 ? `${stem} ${index + 1}` : stem;
}

/** The roof where there is one, and the floor where it stands above the ground. */
function layCeilings(zone: Zone, zones: readonly Zone[], dresses: Dresses): Face[] {
  const { roof } = dressOf(zone, dresses);
  // What stands raised within a run has that run beneath it, or the space under it where that is a zone of its own.
  const below = zones.find(({ kind }) => kind === 'under-house') ?? runAround(zone, zones);
  return [
    ...(roof === 'open' ? [] : [roofFaceOf(zone, zones, roof)]),
    ...(isRaised(zone)
      ? [flat('floor', zone, [below?.id ?? outside, zone.id], zone.base ?? 0, houseDress.cover)]
      : []),
  ];
}

/** Over what stands within a run lies that run. */
export function roofFaceOf(
  zone: Zone,
  zones: readonly Zone[],
  cover: ZoneDress['cover'] = [any],
): Face {
  return flat('roof', zone, [runAround(zone, zones)?.id ?? outside, zone.id], topOf(zone), cover);
}

function runAround(zone: Zone, zones: readonly Zone[]): Zone | undefined {
  const { points } = closeOutline(zone.outline);
  const middle = {
    x: points.reduce((sum, { x }) => sum + x, 0) / points.length,
    y: points.reduce((sum, { y }) => sum + y, 0) / points.length,
  };
  return zones.find(
    (it) => it !== zone && it.kind === 'run' && isInside(closeOutline(it.outline).points, middle),
  );
}

/** Lies flat at a height: its one band has no height of its own. */
function flat(
  kind: 'roof' | 'floor',
  zone: Zone,
  between: Face['between'],
  at: number,
  cover: ZoneDress['cover'],
): Face {
  const id = `${zone.id}-${kind}`;
  const [width, height] = zone.outline.sides.map(({ length }) => length);
  const bay: Bay = {
    id: `${id}-bay`,
    name: `${zone.name} ${kind}`,
    width: width ?? 0,
    height: height ?? 0,
    top: { kind: 'roof' },
    bands: [{ id: `${id}-band`, from: at, to: at, layers: layersOf(id, cover) }],
    openings: [],
    strands: [],
  };
  return { id, kind, between, bays: [bay] };
}
