/**
 * The browser's database, opened again where the browser has closed it: pressed for room, after long sleep, or when its own process went.
 * What was asked for is then asked once more, so that no screen and no save knows of it.
 */
import type { AsyncStorage } from '@react-native-async-storage/async-storage';

/** What browsers say of a connection that is gone; of a full disk or a refused write they say something else. */
const isGone = /clos(ing|ed)|connection.*lost|server lost/i;

/** `open`: gives a new connection every time. */
export function reopening(open: () => AsyncStorage): AsyncStorage {
  let connection = open();
  const asked = async <T>(work: (it: AsyncStorage) => Promise<T>): Promise<T> => {
    const used = connection;
    try {
      return await work(used);
    } catch (error) {
      if (!(error instanceof Error) || !isGone.test(error.message)) throw error;
      // Whoever finds it closed first opens it for all.
      if (connection === used) connection = open();
      return work(connection);
    }
  };
  return {
    getItem: (key) => asked((it) => it.getItem(key)),
    setItem: (key, value) => asked((it) => it.setItem(key, value)),
    removeItem: (key) => asked((it) => it.removeItem(key)),
    getMany: (keys) => asked((it) => it.getMany(keys)),
    setMany: (entries) => asked((it) => it.setMany(entries)),
    removeMany: (keys) => asked((it) => it.removeMany(keys)),
    getAllKeys: () => asked((it) => it.getAllKeys()),
    clear: () => asked((it) => it.clear()),
  };
}
