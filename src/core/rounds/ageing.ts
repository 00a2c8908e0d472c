/** What grows old in a place: each with when it was looked at last, when it falls due for a look, and the place as it is once it has failed. */
import { isAddedBy } from '../records/added-id';
import { lastBy } from '../schema/day';
import { attributeKey, type Provenance } from '../records/apply-readings';
import { attributeIds, attributes, type AttributeId } from '../attributes';
import { allBays } from '../place/find';
import type { Mend } from '../records/mend';
import type { GroundLine } from '../place/bay';
import { standsOnEarth } from '../place/ground-line';
import type { Bay, BayId, ItemId, Layer, Place } from '../place/place';
import { isKnown } from '../place/possible';
import { setAttribute } from '../records/set-attribute';
import type { ReadingMethod } from '../records/walk';
import type { Fixing } from '../tables/fixings';
import { ours } from '../tables/assumptions';
import { lifespans, type AgeingKind } from '../tables/lifespans';
import type { MeshId } from '../tables/meshes';
import type { Soil } from '../tables/soils';
import type { TimberState } from '../tables/timber';

/** Something that grows old in one bay, and when it is due. */
export interface Ageing {
  readonly kind: AgeingKind;
  readonly bay: BayId;
  /** All of the bay that is of that kind: layers, or the bay for what is in the ground or holds its cover. */
  readonly items: readonly ItemId[];
  /** YYYY-MM-DD; absent: nobody has looked. */
  readonly looked?: string;
  /** The day it was put up, where a mend did. */
  readonly since?: string;
  /** The day a look falls due. */
  readonly due: string;
  /** Older than the shortest of its lives. */
  readonly isOld: boolean;
}

/** The longest due first. `found` with the readings behind it; `today`: YYYY-MM-DD. */
export function ageingOf(
  found: Place,
  provenance: ReadonlyMap<string, Provenance>,
  mends: readonly Mend[],
  today: string,
): Ageing[] {
  const looks = looksOf(provenance);
  return allBays(found)
    .filter(({ bay }) => !bay.ready)
    .flatMap(({ bay }) =>
      kindsIn(bay).map(([kind, items]) => ageing({ kind, bay, items }, looks, mends, today)),
    )
    .sort((a, b) => a.due.localeCompare(b.due));
}

/** Whether its day (YYYY-MM-DD) has come. */
export function isDue({ due }: Pick<Ageing, 'due'>, today: string): boolean {
  return due <= today;
}

function kindsIn(bay: Bay): [AgeingKind, ItemId[]][] {
  const kinds = new Map<AgeingKind, Set<ItemId>>();
  const add = (kind: AgeingKind | undefined, item: ItemId): void => {
    if (kind) kinds.set(kind, (kinds.get(kind) ?? new Set()).add(item));
  };
  for (const band of bay.bands) {
    for (const layer of band.layers) {
      const isLow = band.from <= (bay.base ?? 0) && standsOnSoil(bay);
      add(coverKind(layer, isLow), layer.id);
      if (isThere(layer)) add(fixingKind(layer, bay), bay.id);
    }
  }
  // A light frame stands on no posts.
  if (standsOnSoil(bay) && bay.ground?.weight === undefined && bay.bands.length > 0) {
    add('posts', bay.id);
  }
  // What has rotted is no longer waited for.
  if (standsOnSoil(bay) && bay.ground?.timber && !isRotten(bay.ground))
    add('timber-on-ground', bay.id);
  const skirt = bay.ground?.skirt;
  if (isKnown<string>(skirt?.mesh) && skirt.mesh.is !== 'none') add('wire-in-ground', bay.id);
  return [...kinds].map(([kind, items]) => [kind, [...items]]);
}

const isRotten = ({ timber }: GroundLine): boolean =>
  isKnown<TimberState>(timber) && timber.is === 'rotten';

const isThere = ({ mesh }: Layer): boolean => isKnown<string>(mesh) && mesh.is !== 'none';

function coverKind({ mesh }: Layer, isLow: boolean): AgeingKind | undefined {
  if (!isKnown<MeshId | 'none'>(mesh)) return undefined;
  if (mesh.is === 'canvas') return 'canvas-in-sun';
  if (mesh.is === 'plastic-netting' || mesh.is === 'deer-netting') return 'netting-in-sun';
  if (mesh.is === 'solid-board') return isLow ? 'timber-on-ground' : 'timber-in-weather';
  return wires.includes(mesh.is) ? 'wire-in-air' : undefined;
}

const wires: readonly string[] = [
  'welded-3',
  'welded-6',
  'welded-13',
  'welded-25',
  'welded-25x50',
  'welded-50x100',
  'hex-25',
  'hex-50',
  'stock-wire',
  'stock-panel',
  'chain-link',
  'chain-link-50',
];

function fixingKind({ fixing: own }: Layer, { fixing: ofBay }: Bay): AgeingKind | undefined {
  const fixing = own ?? ofBay;
  if (!isKnown<Fixing>(fixing)) return undefined;
  if (fixing.is === 'ties') return 'ties-in-sun';
  return fixing.is === 'staples' ? 'staples' : undefined;
}

/** On slabs and rock it dries. */
function standsOnSoil({ ground }: Bay): boolean {
  const soil = ground?.soil;
  return standsOnEarth(ground) && !(isKnown<Soil>(soil) && dry.includes(soil.is));
}

const dry: readonly Soil[] = ['hard-surface', 'rock'];

/** Readings that are a look at it: of the thing itself, or of the bay it holds together. */
const looksAt = (kind: AgeingKind): readonly AttributeId[] =>
  attributeIds.filter((id) => attributes[id].looksAt.includes(kind));

type Looks = ReadonlyMap<string, string>;

/** By item and attribute the day somebody looked; what is remembered is no look. */
function looksOf(provenance: ReadonlyMap<string, Provenance>): Looks {
  const looks = new Map<string, string>();
  for (const [key, { walk, reading }] of provenance) {
    if (byEye.includes(reading.how)) looks.set(key, walk.date);
  }
  return looks;
}

const byEye: readonly ReadingMethod[] = ['measured', 'probed', 'estimated', 'looked'];

/** What grows old in one way at a bay. */
interface Aged {
  readonly kind: AgeingKind;
  readonly bay: Bay;
  readonly items: readonly ItemId[];
}

function ageing(
  { kind, bay, items }: Aged,
  looks: Looks,
  mends: readonly Mend[],
  today: string,
): Ageing {
  const days = [bay.id, ...items].flatMap((item) =>
    looksAt(kind).flatMap((attribute) => looks.get(attributeKey(item, attribute)) ?? []),
  );
  const since = items
    .flatMap((item) => putUp(item, mends) ?? [])
    .sort()
    .at(0);
  const looked = lastBy(today, [...days, ...(since === undefined ? [] : [since])]);
  const { life: plain, proofed, look } = lifespans[kind];
  const life = (bay.proofed && proofed) || plain;
  const shortest = life.band?.[0] ?? life.value;
  return {
    kind,
    bay: bay.id,
    items,
    ...(looked !== undefined && { looked }),
    ...(since !== undefined && { since }),
    due: looked === undefined ? today : laterBy(looked, look.value),
    isOld: since !== undefined && laterBy(since, shortest * 12) <= today,
  };
}

/** The day a mend that added it was done. */
function putUp(item: ItemId, mends: readonly Mend[]): string | undefined {
  const mend = mends.find(
    (it) => isAddedBy(it, item) && it.targets.some((target) => target.item === item),
  );
  return mend?.history.findLast(({ state }) => state === 'done')?.at.slice(0, 10);
}

/** So many months later; a day that the month does not have is its last. */
export function laterBy(day: string, months: number): string {
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
  const last = new Date(Date.UTC(year, month + months, 0)).getUTCDate();
  const later = new Date(Date.UTC(year, month - 1 + months, Math.min(date, last)));
  return later.toISOString().slice(0, 10);
}

/** How far a panel stands off that nothing holds any more. */
export const panelOff = ours(120, 'mm', 'A hand and more.');

/** The place once it has given way: cover gone, skirt gone, the panel off its staples, a rotten board with a hole in it. */
export function failed(
  found: Place,
  { kind, items, bay }: Pick<Ageing, 'kind' | 'items' | 'bay'>,
): Place {
  if (kind === 'wire-in-ground') return setAttribute(found, bay, 'skirt.mesh', { is: 'none' });
  // A post that has rotted off lets go of its panel.
  if (kind === 'staples' || kind === 'ties-in-sun' || kind === 'posts') {
    return setAttribute(found, bay, 'bay.panelPulled', { is: panelOff.value });
  }
  return items.reduce(
    (place, item) =>
      item === bay
        ? setAttribute(place, bay, 'ground.timber', { is: 'rotten' })
        : setAttribute(place, item, 'layer.mesh', { is: 'none' }),
    found,
  );
}
