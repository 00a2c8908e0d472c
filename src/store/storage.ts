/** The browser's database, and how its failures are told apart. */
import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { reopening } from './reopening';

const databaseName = 'rookle';

/**
 * The package keeps one connection for each name, closed or not, and tells names apart as values. A name in an object is another to it,
 * and the same to the browser.
 */
const named = (): string => Object(databaseName) as string;

export const storage = reopening(() => createAsyncStorage(named()));

/** `crypto.randomUUID` is missing where the page comes over plain http from another machine: a phone in the yard. */
export function randomId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(8));
  return [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

export type StorageTrouble = 'full' | 'refused';

/** A write that failed; nothing of it was kept, everything before it was. */
export class NotSaved extends Error {
  constructor(readonly trouble: StorageTrouble) {
    super(`not saved: ${trouble}`);
    this.name = 'NotSaved';
  }
}

/**
 * Another with every write, in the same transaction: who finds the one it wrote or read last knows that nothing was written since, in
 * whatever tab, and need not read every record again. Taken away with every removal, which must never need room.
 */
export const revisionKey = 'revision';

/** Writes all and gives the new revision, or throws `NotSaved`. */
export async function writeAll(records: Readonly<Record<string, string>>): Promise<string> {
  const revision = randomId();
  try {
    await storage.setMany({ ...records, [revisionKey]: revision });
    return revision;
  } catch {
    const size = Object.values(records).reduce((sum, text) => sum + text.length, nearlyFull);
    throw new NotSaved((await isFull(size)) ? 'full' : 'refused');
  }
}

export async function removeAll(keys: readonly string[]): Promise<void> {
  try {
    await storage.removeMany([...keys, revisionKey]);
  } catch {
    throw new NotSaved('refused');
  }
}

const probeName = 'rookle-probe';
/** A probe that has not ended by then is blocked, ms. */
const longestProbe = 10_000;
/** Browsers keep account of room roughly; where there is not so much left beside, it counts as full, bytes. */
const nearlyFull = 200_000;

/**
 * Whether there is no room for so much more. The failed write says nothing of why, and browsers no longer tell what room is left, so
 * as much is written to a database of its own, which is taken away again.
 */
async function isFull(size: number): Promise<boolean> {
  if (typeof indexedDB === 'undefined') return false;
  const failure = await new Promise<string | undefined>((resolve) => {
    // A probe that fails itself says nothing of the room: then the write counts as refused.
    setTimeout(() => resolve(undefined), longestProbe);
    const opening = indexedDB.open(probeName, 1);
    opening.onupgradeneeded = () => opening.result.createObjectStore('probe');
    opening.onerror = () => resolve(opening.error?.name);
    opening.onsuccess = () => {
      const database = opening.result;
      const done = (name: string | undefined) => {
        database.close();
        resolve(name);
      };
      const writing = database.transaction('probe', 'readwrite');
      writing.objectStore('probe').put(noise(size), 'probe');
      writing.oncomplete = () => done(undefined);
      writing.onabort = () => done(writing.error?.name);
    };
  });
  indexedDB.deleteDatabase(probeName);
  return failure === 'QuotaExceededError';
}

/** Text that cannot be packed smaller, so that it takes the room it seems to. */
function noise(size: number): string {
  const bytes = crypto.getRandomValues(new Uint8Array(Math.min(size, 60_000)));
  return Array.from(bytes, (byte) => String.fromCharCode(33 + (byte % 90)))
    .join('')
    .repeat(Math.ceil(size / 60_000) || 1);
}
