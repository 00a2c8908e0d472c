/** Reads a table of pairs: between two by straight line, before the first and after the last as those. */
export function between(table: readonly (readonly [x: number, y: number])[], x: number): number {
  const after = table.findIndex(([at]) => at >= x);
  const [first] = table;
  const last = table.at(-1);
  if (!first || !last) throw new Error('a table with no entries');
  if (after === 0) return first[1];
  const [high, low] = [table[after], table[after - 1]];
  if (!high || !low) return last[1];
  return low[1] + ((high[1] - low[1]) * (x - low[0])) / (high[0] - low[0]);
}
