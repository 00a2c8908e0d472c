/** Ids in the order in which they are asked for. */
export function countedIds(): (kind: string) => string {
  let count = 0;
  return (kind) => `${kind}-new-${(count += 1)}`;
}
