/**
 * What a place does not describe: a wall, a roof or a floor that must be somewhere and of which the file says nothing. It is put
 * there unread, so that it is asked about and counts as open or unknown, never as sound.
 */
import { facesOf } from './faces/faces-of';
import { isRaised } from './faces/stretches';
import { roofOf } from './find';
import type { Bay, Face, Place, Zone, ZoneId } from './place';
import { any } from './possible';
import { wallWanting } from '../tables/counting';

/** The place with what is missing put in; the same object where nothing is. */
export function withUndescribed(place: Place): Place {
  const grounded = place.faces.map((face) => withGround(face, place.zones));
  const all = [...grounded, ...missingFaces(place)];
  const faces = all.map((face) => withoutRoof(face, { ...place, faces: all }));
  const isChanged = faces.some((face, index) => face !== place.faces[index]);
  return isChanged ? { ...place, faces } : place;
}

function missingFaces(place: Place): Face[] {
  const { zones } = place;
  const drawn = facesOf(zones);
  const ids = new Set(place.faces.flatMap(({ id, bays }) => [id, ...bays.map((bay) => bay.id)]));
  return [...missingWalls(place, drawn), ...zones.flatMap((zone) => ceilingsOf(place, zone, drawn))]
    .map(unread)
    .map((face) => renamed(face, ids));
}

const isUpright = ({ kind }: Face): boolean => kind === 'wall' || kind === 'partition';
const widthOf = (faces: readonly Face[]): number =>
  faces.flatMap(({ bays }) => bays).reduce((sum, { width }) => sum + width, 0);

/** By each two zones that meet: where far less wall stands than there is room for, one bay of what is missing. */
function missingWalls({ faces }: Place, drawn: readonly Face[]): Face[] {
  const met: [ZoneId, ZoneId][] = [];
  return drawn.filter(isUpright).flatMap((face) => {
    const [a, b] = face.between;
    const isSame = (it: Pick<Face, 'between'>) => it.between.includes(a) && it.between.includes(b);
    if (met.some((between) => isSame({ between }))) return [];
    met.push([a, b]);
    const all = drawn.filter(isUpright).filter(isSame);
    const short = widthOf(all) - widthOf(faces.filter(isUpright).filter(isSame));
    if (short < Math.max(wallWanting.least.value, wallWanting.share.value * widthOf(all)))
      return [];
    const [bay] = face.bays;
    if (!bay) return [];
    const name = `${bay.name}, not described`;
    return [{ ...face, bays: [{ ...bay, name, width: short, openings: [] }] }];
  });
}

/** A roof where its walls say that they are joined to one, and the floor of what stands above the ground. */
function ceilingsOf(place: Place, zone: Zone, drawn: readonly Face[]): Face[] {
  // Roof and floor lie between what is beyond them and the zone.
  const own = (kind: Face['kind']) =>
    drawn.filter((face) => face.kind === kind && face.between[1] === zone.id);
  const hasFloor = place.faces.some((face) => face.kind === 'floor' && face.between[1] === zone.id);
  return [
    ...(isOpenAbove(place, zone) || zone.kind === 'under-house' || roofOf(place, zone.id)
      ? []
      : own('roof')),
    ...(isRaised(zone) && !hasFloor ? own('floor') : []),
  ];
}

/** A zone one of whose walls ends in the open. */
function isOpenAbove({ faces }: Place, { id }: Zone): boolean {
  return faces
    .filter((face) => isUpright(face) && face.between.includes(id))
    .some(({ bays }) => bays.some(({ top }) => top.kind !== 'roof'));
}

/** An outer wall that says it is joined to a roof, where its zone is open above and has none. */
function withoutRoof(face: Face, place: Place): Face {
  const zone = place.zones.find(({ id }) => face.between.includes(id));
  const isOuter = face.kind === 'wall' && face.between.includes('outside');
  const joined = ({ top, bands }: Bay): boolean => top.kind === 'roof' && bands.length > 0;
  if (!zone || !isOuter || zone.kind === 'under-house' || !face.bays.some(joined)) return face;
  if (!isOpenAbove(place, zone) || roofOf(place, zone.id)) return face;
  const bays = face.bays.map((bay): Bay => (joined(bay) ? { ...bay, top: { kind: 'open' } } : bay));
  return { ...face, bays };
}

/** A run’s wall that says nothing of the ground it stands on. */
function withGround(face: Face, zones: readonly Zone[]): Face {
  const isOfRun = face.between.some((id) => zones.find((zone) => zone.id === id)?.kind === 'run');
  const isOuter = face.kind === 'wall' && face.between.includes('outside');
  if (!isOfRun || !isOuter) return face;
  const lacks = ({ ground, base, bands }: Bay): boolean =>
    !ground && (base ?? 0) === 0 && bands.length > 0;
  if (!face.bays.some(lacks)) return face;
  return { ...face, bays: face.bays.map((bay) => (lacks(bay) ? { ...bay, ground: {} } : bay)) };
}

/** Nobody has said what covers it. */
function unread(face: Face): Face {
  const bays = face.bays.map((bay): Bay => ({
    ...bay,
    bands: bay.bands.map((band) => ({
      ...band,
      layers: band.layers.map((layer) => ({ id: layer.id, mesh: any })),
    })),
  }));
  return { ...face, bays };
}

/** Under names that nothing in the file has. */
function renamed(face: Face, taken: ReadonlySet<string>): Face {
  let stem = 'undescribed';
  while ([face.id, ...face.bays.map(({ id }) => id)].some((id) => taken.has(`${stem}-${id}`))) {
    stem += '-too';
  }
  const named = <T extends { readonly id: string }>(it: T): T => ({
    ...it,
    id: `${stem}-${it.id}`,
  });
  return {
    ...named(face),
    bays: face.bays.map((bay) => ({
      ...named(bay),
      bands: bay.bands.map((band) => ({ ...named(band), layers: band.layers.map(named) })),
    })),
  };
}
