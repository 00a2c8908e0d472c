/** The browser's database, and how its failures are told apart. */
import { createAsyncStorage } from '@react-native-async-storage/async-storage';

export const storage = createAsyncStorage('rookle');

export type StorageTrouble = 'full' | 'refused';

/** A write that failed; nothing of it was kept, everything before it was. */
export class NotSaved extends Error {
  constructor(readonly trouble: StorageTrouble) {
    super(`not saved: ${trouble}`);
    this.name = 'NotSaved';
  }
}

/** Writes all or throws `NotSaved`. */
export async function writeAll(records: Readonly<Record<string, string>>): Promise<void> {
  try {
    await storage.setMany({ ...records });
  } catch {
    throw new NotSaved(await trouble());
  }
}

export async function removeAll(keys: readonly string[]): Promise<void> {
  try {
    await storage.removeMany([...keys]);
  } catch {
    throw new NotSaved('refused');
  }
}

/** The failure itself says nothing; the room left does. */
async function trouble(): Promise<StorageTrouble> {
  const { quota = 0, usage = 0 } = (await navigator.storage?.estimate?.()) ?? {};
  const nearlyFull = 1_000_000;
  return quota > 0 && quota - usage < nearlyFull ? 'full' : 'refused';
}
