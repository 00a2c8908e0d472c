/** Where everything in the plan stands, in px: one geometry for drawing and for touch. North is up. */
import { innerWalls, lapOf, type LapBay } from '@/core/place/lap';
import { closeOutline, type Point } from '@/core/place/outline';
import type { BayId, Place } from '@/core/place/place';

export interface PlanLine {
  readonly bay: BayId;
  readonly name: string;
  readonly from: Point;
  readonly to: Point;
  readonly middle: Point;
  readonly length: number;
  /** Direction of the line on screen, degrees clockwise from right. */
  readonly angle: number;
  /** Unit vector away from the place. */
  readonly outward: Point;
}

export interface PlanLayout {
  readonly width: number;
  readonly height: number;
  /** px per mm. */
  readonly scale: number;
  readonly run: readonly Point[];
  readonly house: readonly Point[] | undefined;
  readonly walls: readonly PlanLine[];
  readonly partitions: readonly PlanLine[];
  readonly sides: readonly SideLabel[];
}

export interface SideLabel {
  readonly name: string;
  readonly at: Point;
  readonly anchor: 'start' | 'middle' | 'end';
}

/** Least room round the drawing, for numbers and skirt strokes, px. */
const leastMargin = 54;
/** A letter of a side's name in the narrow face, and the height of a line, px. */
const letter = 6.6;
const lineHeight = 18;

/** Lays the plan out to fit a width; its height follows, up to `tallest`. */
export function planLayout(
  place: Place,
  width: number,
  tallest: number,
  /** Bays that carry a number: names keep clear of them. */
  numbered: readonly BayId[] = [],
): PlanLayout {
  const outlines = place.zones.map(({ kind, outline }) => ({
    kind,
    points: closeOutline(outline).points,
  }));
  const all = outlines.flatMap(({ points }) => points);
  const margin = marginFor(place);
  const [left, right] = range(all.map(({ x }) => x));
  const [low, high] = range(all.map(({ y }) => y));
  const scale = Math.min(
    (width - 2 * margin) / Math.max(right - left, 1),
    (tallest - 2 * margin) / Math.max(high - low, 1),
  );
  const height = (high - low) * scale + 2 * margin;
  const shift = (width - (right - left) * scale) / 2;
  const onPage = ({ x, y }: Point): Point => ({
    x: (x - left) * scale + shift,
    y: (high - y) * scale + margin,
  });
  const zone = (kind: 'run' | 'house') =>
    outlines.find((it) => it.kind === kind)?.points.map(onPage);
  const walls = lapOf(place).bays.map((bay) => line(bay, onPage));
  return {
    width,
    height,
    scale,
    run: zone('run') ?? [],
    house: zone('house'),
    walls,
    partitions: innerWalls(place).bays.map((bay) => line(bay, onPage)),
    sides: apart(sideNames(place, walls, numbered)),
  };
}

function line({ bay, start, end }: LapBay, onPage: (point: Point) => Point): PlanLine {
  const from = onPage(start);
  const to = onPage(end);
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const length = Math.hypot(dx, dy);
  return {
    bay: bay.id,
    name: bay.name,
    from,
    to,
    middle: { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 },
    length,
    angle: (Math.atan2(dy, dx) * 180) / Math.PI,
    // Outlines are paced clockwise, so outside lies to the left of the way walked.
    outward: length === 0 ? { x: 0, y: 0 } : { x: dy / length, y: -dx / length },
  };
}

/** One name a side, outside its longest bay that carries no number. */
function sideNames(
  place: Place,
  walls: readonly PlanLine[],
  numbered: readonly BayId[],
): SideLabel[] {
  const free = new Map<string, PlanLine>();
  lapOf(place).bays.forEach(({ sideName, bay }, index) => {
    const wall = walls[index];
    const known = free.get(sideName);
    if (!wall || numbered.includes(bay.id)) return;
    if (!known || wall.length > known.length) free.set(sideName, wall);
  });
  return [...free].map(([name, { middle, outward }]) => ({
    name,
    at: { x: middle.x + outward.x * labelGap, y: middle.y + outward.y * (labelGap + 4) },
    anchor: anchorOf(outward),
  }));
}

/** Room for the longest side name beside an upright wall. */
function marginFor(place: Place): number {
  const names = lapOf(place).bays.map(({ sideName }) => sideName.length);
  const most = 110;
  return Math.min(most, Math.max(leastMargin, labelGap + 4 + letter * Math.max(0, ...names)));
}

/** A name that would stand on another is moved down by a line until it does not. */
function apart(labels: readonly SideLabel[]): SideLabel[] {
  return labels.reduce<SideLabel[]>((placed, label) => {
    let moved = label;
    while (placed.some((it) => overlaps(it, moved))) {
      moved = { ...moved, at: { ...moved.at, y: moved.at.y + lineHeight } };
    }
    return [...placed, moved];
  }, []);
}

export function overlaps(a: SideLabel, b: SideLabel): boolean {
  const [first, second] = [labelSpan(a), labelSpan(b)];
  return first.from < second.to && second.from < first.to && Math.abs(a.at.y - b.at.y) < lineHeight;
}

function labelSpan({ name, at, anchor }: SideLabel): {
  readonly from: number;
  readonly to: number;
} {
  const width = name.length * letter;
  const from = at.x - (anchor === 'start' ? 0 : anchor === 'end' ? width : width / 2);
  return { from, to: from + width };
}

/** Clear of the skirt strokes, px. */
const labelGap = 20;

/** Beside an upright wall the name begins at the wall and runs away from it. */
function anchorOf(outward: Point): SideLabel['anchor'] {
  if (Math.abs(outward.x) < 0.5) return 'middle';
  return outward.x > 0 ? 'start' : 'end';
}

function range(values: readonly number[]): [low: number, high: number] {
  return [Math.min(...values), Math.max(...values)];
}
