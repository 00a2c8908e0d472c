/** Damages a JSON document in one place: what a broken disk, a hand edit or ill will would do. */

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

const replacements: readonly Json[] = [
  null,
  true,
  -1,
  0,
  1e308,
  '',
  'x',
  '__proto__',
  [],
  {},
  { is: -1 },
  { any: false },
  { from: 5, to: 1 },
  'z'.repeat(3000),
];

/** `where` picks a spot, `how` what is done there: a value replaced, a field taken away, renamed or added, text cut. */
export function mutated(text: string, where: number, how: number): string {
  const document = JSON.parse(text) as Json;
  const spots = containersOf(document);
  const spot = spots[where % spots.length];
  if (spot === undefined) return text;
  const keys = Object.keys(spot);
  const key = keys[where % Math.max(keys.length, 1)] ?? 'x';
  const target = spot as { [key: string]: Json };
  const way = how % 6;
  if (way === 0) target[key] = replacements[(how >> 3) % replacements.length] ?? null;
  else if (way === 1) delete target[key];
  else if (way === 2) target[`${key}2`] = target[key] ?? null;
  else if (way === 3) return text.slice(0, where % text.length);
  else if (way === 4) return polluted(document, spot);
  else if (Array.isArray(spot)) spot.push(...structuredClone(spot));
  else target[key] = { [key]: target[key] ?? null };
  return JSON.stringify(document);
}

/** Every object and list in it. */
function containersOf(document: Json): (Json[] | { [key: string]: Json })[] {
  if (typeof document !== 'object' || document === null) return [];
  return [document, ...Object.values(document).flatMap(containersOf)];
}

/** A prototype smuggled in as text, since writing one by hand would set it. */
function polluted(document: Json, spot: object): string {
  const mark = '"polluted-here":true';
  Object.assign(spot, Array.isArray(spot) ? {} : { 'polluted-here': true });
  return JSON.stringify(document).replace(mark, '"__proto__":{"polluted":true}');
}
