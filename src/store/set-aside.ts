/**
 * Places that are out of sight and can be brought back. One that is taken away stays where it is under a mark, so that taking away needs no
 * room; one that makes way for another of its id is kept whole in one record, byte for byte.
 */
import { deletedKey, keysOfPlace, nameIn, removedKey } from './records';
import { storage } from './storage';

/** Something that can be brought back. */
export interface SetAside {
  /** The key it is kept under. */
  readonly key: string;
  readonly name: string;
  /** When, ISO 8601; absent where an older version set it aside. */
  readonly at?: string;
}

const markStart = removedKey('');
const wholeStart = deletedKey('');

/** The id of a place that is taken away under a mark, by the mark's key. */
export function markedId(key: string): string | undefined {
  return key.startsWith(markStart) ? key.slice(markStart.length) : undefined;
}

/** Which ids are out of sight under a mark. */
export function markedIds(keys: readonly string[]): ReadonlySet<string> {
  return new Set(keys.flatMap((key) => markedId(key) ?? []));
}

/** Everything that can be brought back, by name. */
export async function listSetAside(keys: readonly string[]): Promise<SetAside[]> {
  const marks = keys.filter((key) => key.startsWith(markStart));
  const wholes = keys.filter((key) => key.startsWith(wholeStart));
  const places = marks.map((key) => `place/${markedId(key) ?? ''}`);
  const wanted = [...marks, ...wholes, ...places];
  const texts = wanted.length === 0 ? {} : await storage.getMany(wanted);
  const marked = marks.map((key, index): SetAside => {
    const name = nameIn(texts[places[index] ?? ''] ?? '') ?? markedId(key) ?? key;
    const at = texts[key] ?? undefined;
    return { key, name, ...(at !== undefined && { at }) };
  });
  const whole = wholes.map((key): SetAside => {
    const text = texts[key] ?? '';
    const { at } = recordsIn(text);
    return { key, name: nameIn(text) ?? key.slice(wholeStart.length), ...(at && { at }) };
  });
  return [...marked, ...whole].sort((a, b) => a.name.localeCompare(b.name));
}

/** Where a place of this id is kept now, in sight or not. */
export async function isKept(id: string): Promise<boolean> {
  return (await storage.getItem(`place/${id}`)) !== null;
}

/** One record that holds all that is kept of a place; empty where nothing is. To be written with what takes its room. */
export async function asideOf(id: string, at: string): Promise<Record<string, string>> {
  const keys = (await keysOfPlace(id)).filter((key) => key !== removedKey(id));
  if (keys.length === 0) return {};
  return { [await freeKey(id)]: JSON.stringify({ at, ...(await storage.getMany(keys)) }) };
}

/** A place may be set aside more than once. */
async function freeKey(id: string): Promise<string> {
  const keys = new Set(await storage.getAllKeys());
  let key = deletedKey(id);
  for (let count = 2; keys.has(key); count += 1) key = deletedKey(`${id}~${count}`);
  return key;
}

/** The records in what was set aside whole, and when that was. */
export function recordsIn(text: string): {
  readonly at?: string;
  readonly records: Readonly<Record<string, string>>;
} {
  try {
    const { at, ...records } = JSON.parse(text) as Record<string, string>;
    return { ...(at !== undefined && { at }), records };
  } catch {
    return { records: {} };
  }
}
