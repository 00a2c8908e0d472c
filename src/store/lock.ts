/**
 * One change at a time, across all tabs. Where a page comes over plain http (a phone in the yard) browsers give it no locks; there the
 * database's own order does it: of two transactions that may write to one store, the second waits until the first is over, and one whose
 * tab is gone is over. See decision 24.
 */
const lockName = 'rookle-lock';
const storeName = 'turn';

/** Runs it while no other tab runs one of these. */
export function acrossTabs<T>(work: () => Promise<T>): Promise<T> {
  if (navigator.locks) return navigator.locks.request('rookle-yard', work) as Promise<T>;
  return typeof indexedDB === 'undefined' ? work() : inTransaction(work);
}

let opening: Promise<IDBDatabase> | undefined;

function opened(): Promise<IDBDatabase> {
  opening ??= new Promise((resolve, reject) => {
    const request = indexedDB.open(lockName, 1);
    request.onupgradeneeded = () => void request.result.createObjectStore(storeName);
    request.onsuccess = () => {
      const database = request.result;
      // Opened anew where the browser has closed it.
      database.onclose = () => (opening = undefined);
      database.onversionchange = () => database.close();
      resolve(database);
    };
    request.onerror = () => reject(request.error ?? new Error('no database'));
  });
  opening.catch(() => (opening = undefined));
  return opening;
}

/** Holds a writing transaction open, by asking it for something again and again, until the work is done. */
async function inTransaction<T>(work: () => Promise<T>): Promise<T> {
  const store = await opened()
    .then((database) => database.transaction(storeName, 'readwrite').objectStore(storeName))
    .catch(() => (opening = undefined));
  // Without any database nothing can be stored either: the work says so itself.
  if (!store) return work();
  return new Promise((resolve, reject) => {
    let isOver = false;
    const hold = (): void => {
      if (!isOver) store.get(0).onsuccess = hold;
    };
    store.get(0).onsuccess = () => {
      hold();
      work()
        .then(resolve, reject)
        .finally(() => (isOver = true));
    };
    store.transaction.onabort = () => reject(store.transaction.error ?? new Error('aborted'));
  });
}
