/** Which phone this is: a name of its own that records written here carry, so that two keepers' phones can be joined. */
import { randomId, storage } from './storage';

const phoneKey = 'phone';

/** This browser's id, and what has to be written with the first record that carries it. */
export interface Phone {
  readonly id: string;
  readonly records: Readonly<Record<string, string>>;
}

let id: string | undefined;
let isStored = false;

export async function thisPhone(): Promise<Phone> {
  if (!isStored) {
    // Another tab may have been first.
    const stored = await storage.getItem(phoneKey);
    isStored = stored !== null;
    id = stored ?? id;
  }
  id ??= randomId();
  return { id, records: isStored ? {} : { [phoneKey]: id } };
}
