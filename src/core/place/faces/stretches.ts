/**
 * Which zones meet where: every side of every outline, cut wherever what lies on either hand changes. Walls follow from it,
 * so that a house may stand in a run, beside it, across its fence, or two runs may share one.
 */
import { areaOf, closeOutline, type Point } from '../outline';
import { outside, type Side, type Zone, type ZoneId } from '../place';
import { isInside } from '../polygon';

/** A straight piece of wall with the same zones on either hand. */
export interface Stretch {
  /** The side it lies on, of the zone listed first. */
  readonly side: Side;
  /** Where on the side it begins and how long it is, mm as measured. */
  readonly at: number;
  readonly length: number;
  readonly from: Point;
  readonly to: Point;
  /** On the left and on the right of the way walked. Outlines run clockwise: inside lies on the right. */
  readonly between: readonly [left: ZoneId, right: ZoneId];
}

/** Corners nearer to a wall than this stand on it: a tape and a pace are no better, mm (assumption of ours). */
const tolerance = 60;
/** So far to either hand is looked what lies there, mm; nothing narrower is a zone. */
const lookAside = 120;

/**
 * All stretches with different zones on either hand, in the order of zones and their sides. A raised zone and what is under
 * it do not meet: those on the ground are laid first, then each raised one among the others.
 */
export function stretchesOf(zones: readonly Zone[]): Stretch[] {
  const low = zones.filter((zone) => !isRaised(zone));
  const high = zones.filter(({ kind }) => kind !== 'under-house');
  const raised = new Set(zones.filter(isRaised).map(({ id }) => id));
  return [
    ...meetings(low),
    ...(raised.size === 0
      ? []
      : meetings(high).filter(({ between }) => between.some((id) => raised.has(id)))),
  ];
}

/** Whether a zone’s floor is above the ground. */
export const isRaised = ({ base = 0 }: Zone): boolean => base > 0;

interface Figure {
  readonly zone: Zone;
  readonly points: readonly Point[];
  readonly area: number;
}

function meetings(zones: readonly Zone[]): Stretch[] {
  const figures = zones.map((zone): Figure => {
    const { points } = closeOutline(zone.outline);
    return { zone, points, area: areaOf(points) };
  });
  const found: Stretch[] = [];
  for (const figure of figures) {
    const others = figures.filter((it) => it !== figure);
    for (const stretch of stretchesAlong(figure, others, figures)) {
      if (!found.some((it) => isSame(it, stretch))) found.push(stretch);
    }
  }
  return found;
}

function stretchesAlong(
  { zone, points }: Figure,
  others: readonly Figure[],
  all: readonly Figure[],
): Stretch[] {
  return zone.outline.sides.flatMap((side, index) => {
    const a = points[index];
    const b = points[(index + 1) % points.length];
    if (!a || !b) return [];
    const cuts = [0, ...cutsOn(a, b, others), 1];
    const pieces = cuts.slice(1).map((end, at): Stretch => {
      const start = cuts[at] ?? 0;
      const [from, to] = [partWay(a, b, start), partWay(a, b, end)];
      return {
        side,
        at: start * side.length,
        length: (end - start) * side.length,
        from,
        to,
        between: handsOf(from, to, all),
      };
    });
    return joined(pieces).filter(({ between: [left, right] }) => left !== right);
  });
}

/** Shares of the way from a to b at which another figure's corner lies on it or its side crosses. */
function cutsOn(a: Point, b: Point, others: readonly Figure[]): number[] {
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  if (length === 0) return [];
  const along = { x: (b.x - a.x) / length, y: (b.y - a.y) / length };
  const seenFrom = ({ x, y }: Point) => ({
    far: (x - a.x) * along.x + (y - a.y) * along.y,
    aside: (x - a.x) * along.y - (y - a.y) * along.x,
  });
  const isOnIt = ({ aside }: { readonly aside: number }): boolean => Math.abs(aside) <= tolerance;
  const cuts = others.flatMap(({ points }) =>
    points.flatMap((corner, index) => {
      const here = seenFrom(corner);
      const next = seenFrom(points[(index + 1) % points.length] ?? corner);
      if (isOnIt(here)) return [here.far];
      // What runs along it crosses nowhere, whichever hair's breadth of either hand its ends are reckoned to lie.
      if (isOnIt(next) || here.aside * next.aside > 0) return [];
      const share = here.aside / (here.aside - next.aside);
      return [here.far + (next.far - here.far) * share];
    }),
  );
  return cuts
    .filter((far) => far > tolerance && far < length - tolerance)
    .sort((x, y) => x - y)
    .filter((far, index, sorted) => index === 0 || far - (sorted[index - 1] ?? 0) > tolerance)
    .map((far) => far / length);
}

/** Neighbours between the same two zones are one stretch. */
function joined(pieces: readonly Stretch[]): Stretch[] {
  return pieces.reduce<Stretch[]>((done, piece) => {
    const last = done.at(-1);
    if (last && String(last.between) === String(piece.between)) {
      return [...done.slice(0, -1), { ...last, length: last.length + piece.length, to: piece.to }];
    }
    return [...done, piece];
  }, []);
}

function handsOf(from: Point, to: Point, figures: readonly Figure[]): Stretch['between'] {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const left = { x: -(to.y - from.y) / length, y: (to.x - from.x) / length };
  const middle = partWay(from, to, 0.5);
  const at = (by: number) => ({ x: middle.x + left.x * by, y: middle.y + left.y * by });
  return [zoneAt(at(lookAside), figures), zoneAt(at(-lookAside), figures)];
}

/** The smallest figure round the point: a house within its run. */
function zoneAt(point: Point, figures: readonly Figure[]): ZoneId {
  const round = figures.filter(({ points }) => isInside(points, point));
  const [smallest] = round.sort((a, b) => a.area - b.area);
  return smallest?.zone.id ?? outside;
}

/** The same wall met again from its other zone. */
function isSame(a: Stretch, b: Stretch): boolean {
  const [first, second] = [[...a.between].sort(), [...b.between].sort()];
  return String(first) === String(second) && isOn(a, partWay(b.from, b.to, 0.5));
}

function isOn({ from, to }: Stretch, point: Point): boolean {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const along = { x: (to.x - from.x) / length, y: (to.y - from.y) / length };
  const far = (point.x - from.x) * along.x + (point.y - from.y) * along.y;
  const aside = (point.x - from.x) * along.y - (point.y - from.y) * along.x;
  return far > 0 && far < length && Math.abs(aside) < lookAside;
}

/** The point a share of the way from `a` to `b`. */
export function partWay(a: Point, b: Point, share: number): Point {
  return { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share };
}
