/**
 * One record a key: `place/ID`, `walk/PLACE/ID`, `mend/PLACE/ID`, `sighting/PLACE/ID`, `shop/PLACE`. Each carries the version it was written in and
 * is checked when read. A record that cannot be read stays where it is.
 */
import { shopSchema, type Shop } from '@/core/mends/shopping/shop';
import { orderOf } from '@/core/order-of';
import { placeSchema, type Place } from '@/core/place/place';
import { goneKey, goneSchema, type Gone } from '@/core/records/gone';
import { mendSchema, type Mend } from '@/core/records/mend';
import { logEntrySchema, type LogEntry } from '@/core/records/sighting';
import { walkSchema, type Walk } from '@/core/records/walk';
import type { Schema } from '@/core/schema/schema';
import { fits } from '@/core/schema/fits';
import { validatorOf } from '@/core/schema/validator';
import { migrate, recordVersion } from './migrations';
import { revisionKey, storage } from './storage';

/** Everything kept of one place. */
export interface Yard {
  readonly place: Place;
  readonly walks: readonly Walk[];
  readonly mends: readonly Mend[];
  readonly sightings: readonly LogEntry[];
  /** Absent until the keeper has prices, offcuts or purchases of their own. */
  readonly shop?: Shop;
  /** What was taken away, here or on a phone whose file was joined. */
  readonly gone?: readonly Gone[];
  /** Records of it that cannot be read. They stay as they are, and can be saved byte for byte. */
  readonly damaged?: readonly Damaged[];
}

/** A record that is not what its schema says, or was written by a newer Rookle. */
export interface Damaged {
  readonly key: string;
  readonly text: string;
  readonly why: 'damaged' | 'newer';
}

export const keyOf = {
  place: (place: Place) => `place/${place.id}`,
  walk: (walk: Walk) => `walk/${walk.placeId}/${walk.id}`,
  mend: (mend: Mend) => `mend/${mend.placeId}/${mend.id}`,
  shop: (shop: Pick<Shop, 'placeId'>) => `shop/${shop.placeId}`,
  sighting: (entry: LogEntry) => `sighting/${entry.placeId}/${entry.id}`,
  gone: (gone: Gone) => `gone/${gone.placeId}/${encodeURIComponent(goneKey(gone))}`,
};

/** Which place is open, and whether this browser has ever had one. */
export const currentKey = 'current-place';
export const visitedKey = 'visited';
/** Marks a place as one of the demo scenes; holds the records of a place that was taken away. */
export const demoKey = (id: string) => `demo/${id}`;
export const deletedKey = (id: string) => `deleted/${id}`;
/** Where the bytes of a record that cannot be read are kept once another takes its key. */
export const damagedKey = (key: string) => `damaged/${key}`;
/** Marks a place as taken away; its records stay where they are. */
export const removedKey = (id: string) => `removed/${id}`;

export function pack(record: object): string {
  return JSON.stringify({ version: recordVersion, record });
}

export class Unreadable extends Error {
  constructor(readonly damaged: Damaged) {
    super(`cannot read ${damaged.key}`);
    this.name = 'Unreadable';
  }
}

/** Throws `Unreadable` where it is not what the schema says. */
export function unpack<T>(key: string, text: string, schema: Schema<T>): T {
  try {
    const record = migrate(kindOf(key), JSON.parse(text));
    return fits(schema, record)
      ? record
      : validatorOf(schema).validateSync(record, { strict: true });
  } catch {
    throw new Unreadable({ key, text, why: isNewer(text) ? 'newer' : 'damaged' });
  }
}

function isNewer(text: string): boolean {
  try {
    const { version } = JSON.parse(text) as { version?: unknown };
    return typeof version === 'number' && version > recordVersion;
  } catch {
    return false;
  }
}

const lastRead = new Map<string, { readonly text: string; readonly record: unknown }>();

/** A text that was read before gives the same object again: it is checked once, and what was worked out for it is kept (decision 8). */
function unpackOnce<T>(key: string, text: string, schema: Schema<T>): T {
  const last = lastRead.get(key);
  if (last?.text === text) return last.record as T;
  const record = unpack(key, text, schema);
  lastRead.set(key, { text, record });
  return record;
}

/** What kind of record a key names: the word before the first stroke. */
function kindOf(key: string): string {
  return key.slice(0, key.indexOf('/'));
}

interface Loaded {
  readonly yard: Yard;
  /** Of the storage when it was read or written; absent where something was taken away since. */
  readonly revision: string | null | undefined;
}

let lastLoaded: Loaded | undefined;

/** What is stored now, known without reading it. */
export function keepLoaded(loaded: Loaded): void {
  lastLoaded = loaded;
}

/** The open place with its walks (oldest first) and mends; `null` where there is none. Read anew only where anything was written since. */
export async function loadYard(): Promise<Yard | null> {
  const { [currentKey]: id, [revisionKey]: revision } = await storage.getMany([
    currentKey,
    revisionKey,
  ]);
  if (id === null || id === undefined) return null;
  const isLast = revision !== null && revision === lastLoaded?.revision;
  if (lastLoaded && isLast && lastLoaded.yard.place.id === id) return lastLoaded.yard;
  const yard = await readYard(id);
  if (yard) keepLoaded({ yard, revision });
  return yard;
}

/** A place as it is stored. Of its other records each that cannot be read is told apart; throws `Unreadable` where the place itself cannot. */
export async function readYard(id: string): Promise<Yard | null> {
  const keys = await storage.getAllKeys();
  const keySet = new Set(keys);
  const placeKey = `place/${id}`;
  const shopKey = keyOf.shop({ placeId: id });
  const ofKind = (kind: string) => keys.filter((key) => key.startsWith(`${kind}/${id}/`)).sort();
  const wanted = [placeKey, shopKey, ...['walk', 'mend', 'sighting', 'gone'].flatMap(ofKind)];
  const texts = await storage.getMany(wanted.filter((key) => keySet.has(key)));
  const text = texts[placeKey];
  if (text === null || text === undefined) return null;
  const damaged: Damaged[] = [];
  const read = <T>(key: string, schema: Schema<T>): T[] => {
    const record = texts[key];
    if (record === null || record === undefined) return [];
    try {
      return [unpackOnce(key, record, schema)];
    } catch (error) {
      if (!(error instanceof Unreadable)) throw error;
      damaged.push(error.damaged);
      return [];
    }
  };
  const load = <T>(kind: string, schema: Schema<T>): T[] =>
    ofKind(kind).flatMap((key) => read(key, schema));
  const yard = {
    place: unpackOnce(placeKey, text, placeSchema),
    walks: load('walk', walkSchema),
    // As they came on to the list: their keys stand in any order.
    mends: load('mend', mendSchema).sort(
      orderOf((a, b) => (a.history[0]?.at ?? '') < (b.history[0]?.at ?? '')),
    ),
    sightings: load('sighting', logEntrySchema),
  };
  const [shop] = read(shopKey, shopSchema);
  const gone = load('gone', goneSchema);
  return {
    ...yard,
    ...(shop && { shop }),
    ...(gone.length > 0 && { gone }),
    ...(damaged.length > 0 && { damaged }),
  };
}

/** The name in a place's record, or in the records set aside of one that was taken away, without checking the rest of it. */
export function nameIn(text: string): string | undefined {
  try {
    const parsed = JSON.parse(text) as { record?: { name?: unknown } } & Record<string, unknown>;
    if (typeof parsed.record?.name === 'string') return parsed.record.name;
    const place = Object.entries(parsed).find(([key]) => key.startsWith('place/'))?.[1];
    return typeof place === 'string' ? nameIn(place) : undefined;
  } catch {
    return undefined;
  }
}

/** Every key that belongs to a place. */
export async function keysOfPlace(id: string): Promise<string[]> {
  const keys = await storage.getAllKeys();
  const kinds = ['walk', 'mend', 'sighting', 'gone', 'photo', 'thumb'];
  return keys.filter(
    (key) =>
      key === `place/${id}` ||
      key === demoKey(id) ||
      key === removedKey(id) ||
      key === keyOf.shop({ placeId: id }) ||
      key === damagedKey(keyOf.shop({ placeId: id })) ||
      kinds.some(
        (kind) => key.startsWith(`${kind}/${id}/`) || key.startsWith(damagedKey(`${kind}/${id}/`)),
      ),
  );
}
