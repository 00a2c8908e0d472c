/** What is touched of each wall of the lap: its own width, or as much as a finger needs, taken from its neighbours. */

interface Span {
  readonly x: number;
  readonly width: number;
}

/** px; the least a target may measure is 24. */
export const leastTouch = 26;

/**
 * Spans side by side, in order, none narrower than `leastTouch` and none over another, all within the ends of what was given.
 * Where there is no room for that the walls share what there is evenly.
 */
export function touchSpans(walls: readonly Span[]): readonly Span[] {
  const first = walls[0];
  const last = walls.at(-1);
  if (!first || !last) return [];
  const end = last.x + last.width;
  const least = Math.min(leastTouch, (end - first.x) / walls.length);
  const starts = walls.map(({ x }) => x);
  starts.push(end);
  for (let i = 1; i < walls.length; i += 1)
    starts[i] = Math.max(starts[i] ?? 0, (starts[i - 1] ?? 0) + least);
  for (let i = walls.length - 1; i > 0; i -= 1)
    starts[i] = Math.min(starts[i] ?? 0, (starts[i + 1] ?? 0) - least);
  return walls.map((_, i) => ({
    x: starts[i] ?? 0,
    width: (starts[i + 1] ?? 0) - (starts[i] ?? 0),
  }));
}
