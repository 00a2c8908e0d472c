/**
 * The one owner of answers that are kept (decision 8). An answer hangs on an object that never changes (a bay, a face) and is forgotten
 * with it; all of them end at once by `forgetAnswers`, when another place is opened.
 */

/** Answers by object. */
export interface Answers<K extends WeakKey, V> {
  get(key: K): V | undefined;
  set(key: K, value: V): void;
}

const ends = new Set<() => void>();

/** A store of answers by object, empty after `forgetAnswers`. Made once, where a module begins. */
export function answersBy<K extends WeakKey, V>(): Answers<K, V> {
  let map = new WeakMap<K, V>();
  ends.add(() => {
    map = new WeakMap();
  });
  return { get: (key) => map.get(key), set: (key, value) => void map.set(key, value) };
}

/** Ends all answers. What is asked afterwards is worked out anew, with the same result. */
export function forgetAnswers(): void {
  for (const end of ends) end();
}

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
export function memoized<K extends WeakKey, V>(work: (key: K) => V): (key: K) => V {
  const answers = answersBy<K, V>();
  return (key) => getOrMake(answers, key, () => work(key));
}
