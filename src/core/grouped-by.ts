/** Things with the same key together, in their order; keys in the order in which they come. */
export function groupedBy<T, K>(all: readonly T[], keyFor: (it: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const it of all) {
    const key = keyFor(it);
    const own = groups.get(key);
    if (own) own.push(it);
    else groups.set(key, [it]);
  }
  return groups;
}
