/** One text for everything that says the same: fields in the order of their names, what is not there left out. */
export function canonical(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(canonical).join(',')}]`;
  if (typeof value === 'object' && value !== null) {
    const fields = Object.entries(value)
      .filter(([, it]) => it !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, it]) => `${JSON.stringify(key)}:${canonical(it)}`);
    return `{${fields.join(',')}}`;
  }
  return JSON.stringify(value) ?? 'null';
}

/** The greater of two by what they say: any order will do, as long as both phones come to the same. */
export const greater = <T>(here: T, there: T): T =>
  canonical(there) > canonical(here) ? there : here;
