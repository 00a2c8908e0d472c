/** How much room the birds have where they sleep and where they are by day, beside what is asked for. It moves no hold and no way in. */
import { closeOutline, areaOf } from '../place/outline';
import { coverOf } from '../place/opening-cover';
import { isKnown } from '../place/possible';
import type { Layer, Place, Zone } from '../place/place';
import type { BirdKind } from '../tables/bird-kinds';
import { whereabouts } from '../score/scenario';
import { meshes } from '../tables/meshes';
import {
  asHens,
  nesting,
  perching,
  roomAsked,
  roomKinds,
  schools,
  type RoomKind,
  type School,
} from '../tables/room';
import { fabricOpen } from '../tables/counting';

/** `unsaid`: nobody told how long the perches are, or how many nests there are. */
export type Enough = 'enough' | 'for-some' | 'short' | 'unsaid';

/** One thing of one zone. */
export interface Room {
  readonly zone: Zone;
  readonly kind: RoomKind;
  /** Birds that share it, as grown hens. */
  readonly hens: number;
  /** For each of them (m², mm, nests); of vents the share of the floor that they open. `undefined`: nobody said. */
  readonly each: number | undefined;
  /** What each school asks for, the least it would be content with. */
  readonly asked: readonly { readonly school: School; readonly least: number }[];
  /** By all schools, by some, by none. */
  readonly is: Enough;
}

/** Of every house that birds sleep in and every run that they are in by day. `place`: as found; `date`: YYYY-MM-DD. */
export function roomForBirds(place: Place, date: string): Room[] {
  const atNight = hensBy(place, 'night-shut', date);
  const byDay = hensBy(place, 'day-run', date);
  return place.zones.flatMap((zone) => {
    const isRun = zone.kind === 'run';
    const birds = (isRun ? byDay : atNight).get(zone.id);
    if (!birds) return [];
    const kinds = roomKinds.filter((it) => (it === 'run') === isRun);
    return kinds.flatMap((kind) => roomOf(place, zone, kind, birds) ?? []);
  });
}

type Birds = readonly { readonly kind: BirdKind; readonly count: number }[];

function hensBy(
  place: Place,
  scenario: 'night-shut' | 'day-run',
  date: string,
): ReadonlyMap<string, Birds> {
  const by = new Map<string, { kind: BirdKind; count: number }[]>();
  for (const { zone, group } of whereabouts(place, scenario, date)) {
    by.set(zone, [...(by.get(zone) ?? []), { kind: group.kind, count: group.count }]);
  }
  return by;
}

const sharing: Readonly<Record<RoomKind, readonly BirdKind[] | undefined>> = {
  floor: undefined,
  run: undefined,
  perch: perching,
  nests: nesting,
  vents: undefined,
};

function roomOf(place: Place, zone: Zone, kind: RoomKind, birds: Birds): Room | undefined {
  const who = sharing[kind];
  const hens = birds
    .filter((it) => who === undefined || who.includes(it.kind))
    // A nest is one nest, however small who lays in it.
    .reduce((sum, it) => sum + it.count * (kind === 'nests' ? 1 : asHens[it.kind].value), 0);
  if (hens === 0) return undefined;
  const has = hasOf(place, zone, kind);
  const each = has === undefined ? undefined : kind === 'vents' ? has : has / hens;
  const asked = schools.flatMap((school) => {
    const figure = roomAsked[kind][school];
    return figure ? [{ school, least: figure.band?.[0] ?? figure.value }] : [];
  });
  return { zone, kind, hens, each, asked, is: enough(each, asked) };
}

function enough(each: number | undefined, asked: Room['asked']): Enough {
  if (each === undefined) return 'unsaid';
  const met = asked.filter(({ least }) => each >= least - roundingError).length;
  if (met === asked.length) return 'enough';
  return met > 0 ? 'for-some' : 'short';
}

/** A figure that is met to the millimetre is met. */
const roundingError = 1e-6;

const floorOf = (zone: Zone): number => areaOf(closeOutline(zone.outline).points) / 1e6;

function hasOf(place: Place, zone: Zone, kind: RoomKind): number | undefined {
  switch (kind) {
    case 'floor':
    case 'run':
      return floorOf(zone);
    case 'perch':
      return zone.perch;
    case 'nests':
      return zone.nests;
    case 'vents':
      return ventShare(place, zone);
  }
}

/** Share of the floor that vents open, less what their mesh takes; `undefined` where there are none, or a cover is not read. */
function ventShare(place: Place, zone: Zone): number | undefined {
  const vents = place.faces
    .filter((face) => face.between.includes(zone.id))
    .flatMap(({ bays }) => bays)
    .flatMap(({ openings }) => openings)
    .filter(({ kind }) => kind === 'vent');
  if (vents.length === 0) return undefined;
  let open = 0;
  for (const vent of vents) {
    const shares = coverOf(vent).map(({ mesh }) => openShare(mesh));
    if (shares.some((it) => it === undefined)) return undefined;
    const through = shares.reduce<number>((share, it) => share * (it ?? 0), 1);
    open += ((vent.width * vent.height) / 1e6) * through;
  }
  return open / floorOf(zone);
}

/** What a mesh leaves open of what it covers: the clear opening over the pitch, both ways. */
function openShare(mesh: Layer['mesh']): number | undefined {
  if (!isKnown(mesh)) return undefined;
  if (mesh.is === 'none') return 1;
  const { kind, pitch, clear } = meshes[mesh.is];
  if (kind === 'solid' || kind === 'fabric') return kind === 'solid' ? 0 : fabricOpen.value;
  return Math.min(1, clear.value / pitch.value) ** 2;
}

/** What is worse in the one than in the other: less of it, and no longer enough for all it was enough for. */
export function roomLost(before: readonly Room[], after: readonly Room[]): Room[] {
  const rank: Readonly<Record<Enough, number>> = { enough: 3, 'for-some': 2, short: 1, unsaid: 0 };
  return after.filter((it) => {
    const was = before.find(({ zone, kind }) => zone.id === it.zone.id && kind === it.kind);
    if (was?.each === undefined || it.each === undefined) return false;
    return rank[it.is] < rank[was.is] || (it.is === 'short' && it.each < was.each);
  });
}
