/** A closed connection is opened again; anything else that goes wrong is said as it is. */
import { createAsyncStorage, type AsyncStorage } from '@react-native-async-storage/async-storage';
import { reopening } from './reopening';

// As Chromium, Firefox and WebKit say it.
const closedSayings = [
  "Failed to execute 'transaction' on 'IDBDatabase': The database connection is closing.",
  "IDBDatabase.transaction: Can't start a transaction on a closed database",
  'Connection to Indexed Database server lost. Refresh the page to try again',
];

const kept = createAsyncStorage('reopening');
const failing = (message: string): AsyncStorage => ({
  ...kept,
  getItem: () => Promise.reject(new Error(message)),
  setMany: () => Promise.reject(new Error(message)),
});

function opened(first: AsyncStorage) {
  const all = [first];
  let times = 0;
  const storage = reopening(() => {
    times += 1;
    return all.shift() ?? kept;
  });
  return { storage, times: () => times };
}

test.each(closedSayings)('opened again after: %s', async (message) => {
  const { storage, times } = opened(failing(message));
  await storage.setMany({ a: message });
  expect(await storage.getItem('a')).toBe(message);
  expect(times()).toBe(2);
});

test('several who find it closed at once open it once', async () => {
  const { storage, times } = opened(failing(closedSayings[0] ?? ''));
  await Promise.all([storage.getItem('a'), storage.setMany({ b: '1' }), storage.getItem('b')]);
  expect(times()).toBe(2);
});

test.each(['QuotaExceededError', 'Encountered full disk'])(
  'no new connection helps against: %s',
  async (message) => {
    const { storage, times } = opened(failing(message));
    await expect(storage.setMany({ a: '1' })).rejects.toThrow(message);
    expect(times()).toBe(1);
  },
);

test('closed again at once: said, not tried for ever', async () => {
  const message = closedSayings[0] ?? '';
  const storage = reopening(() => failing(message));
  await expect(storage.getItem('a')).rejects.toThrow(message);
});
