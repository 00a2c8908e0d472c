/** What was worked out once for an object and need not be worked out again while that object lives. */

/** The map's own value, or the one made now and kept. */
export function getOrMake<K, V>(
  map: { get(key: K): V | undefined; set(key: K, value: V): unknown },
  key: K,
  make: () => V,
): V {
  const known = map.get(key);
  if (known !== undefined) return known;
  const made = make();
  map.set(key, made);
  return made;
}

/** The same function, asked once for each object. Only for functions of that object alone. */
export function keptFor<K extends WeakKey, V>(work: (key: K) => V): (key: K) => V {
  const kept = new WeakMap<K, V>();
  return (key) => getOrMake(kept, key, () => work(key));
}
