/** Which phone this is: a name of its own that records written here carry, so that two keepers' phones can be joined. */
import { randomId, storage, writeAll } from './storage';

const phoneKey = 'phone';

let known: string | undefined;

/** This browser's own id; made when something is first written, kept from then on. To be called under the lock of all tabs. */
export async function thisPhone(): Promise<string> {
  known ??= (await storage.getItem(phoneKey)) ?? undefined;
  if (known === undefined) {
    const made = randomId();
    await writeAll({ [phoneKey]: made });
    known = made;
  }
  return known;
}
