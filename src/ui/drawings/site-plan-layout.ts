/** Where everything in the plan stands, in px: one geometry for drawing and for touch. North is up. */
import { replaceEqualDeep } from '@tanstack/react-query';
import { innerWalls, lapOf, type LapBay } from '@/core/place/lap';
import { closeOutline, type Point } from '@/core/place/outline';
import type { Bay, BayId, Place } from '@/core/place/place';
import { isKnown, type PossibleAmount } from '@/core/place/possible';
import {
  labelGap,
  letter,
  lineHeight,
  namedBays,
  shortName,
  sideLabels,
  type SideLabel,
} from './site-plan-labels';
import type { SitePlanDoor, SitePlanLine } from './site-plan-line';
import { hasWire } from '@/core/place/strand-there';
import { birdsAtRoost, sitePlanZone, type BirdsIn, type SitePlanZone } from './site-plan-zones';

export interface SitePlanLayout {
  readonly width: number;
  readonly height: number;
  /** px per mm. */
  readonly scale: number;
  /** Largest first, so that what stands within another lies over it. */
  readonly zones: readonly SitePlanZone[];
  readonly walls: readonly SitePlanLine[];
  readonly partitions: readonly SitePlanLine[];
  readonly sides: readonly SideLabel[];
}

/** Least room round the drawing, for numbers and skirt strokes, px. */
const leastMargin = 54;
/** A raised wall is drawn so far inside the one it stands above, px. */
const raisedInset = 10;

let last: SitePlanLayout | undefined;

/**
 * The same, and whatever stands as it stood the last time is given as the same object, so that it is not drawn anew. Values only; the
 * answer is the same with or without.
 */
export function stableSitePlanLayout(...asked: Parameters<typeof sitePlanLayout>): SitePlanLayout {
  last = replaceEqualDeep(last, sitePlanLayout(...asked));
  return last;
}

/** Lays the plan out to fit a width; its height follows, up to `tallest`. */
export function sitePlanLayout(
  place: Place,
  width: number,
  tallest: number,
  /** Bays that carry a number: names keep clear of them. */
  numbered: readonly BayId[] = [],
  birdsIn: BirdsIn = birdsAtRoost(place),
): SitePlanLayout {
  const fit = fitted(place, width, tallest);
  const { outlines, margin, left, right, low, high } = fit;
  const scale = Math.min(fit.byWidth, fit.byHeight);
  const shift = (width - (right - left) * scale) / 2;
  const onPage = ({ x, y }: Point): Point => ({
    x: (x - left) * scale + shift,
    y: (high - y) * scale + margin,
  });
  const walls = lapOf(place).bays.map((bay) => line(bay, onPage, scale));
  const sides = sideLabels(place, walls, numbered, width);
  const lowest = Math.max(0, ...sides.map(({ at }) => at.y + lineHeight));
  return {
    width,
    height: Math.max((high - low) * scale + 2 * margin, lowest),
    scale,
    zones: outlines
      .map(({ zone, points }) => sitePlanZone(place, zone, points.map(onPage), birdsIn))
      .sort((a, b) => sizeOf(b) - sizeOf(a)),
    walls,
    partitions: innerWalls(place).bays.map((bay) => line(bay, onPage, scale)),
    sides,
  };
}

/** The place in its own measure, and the scale at which it is as large as width and height let it be. */
function fitted(place: Place, width: number, tallest: number) {
  const outlines = place.zones.map((zone) => ({ zone, points: closeOutline(zone.outline).points }));
  const all = outlines.flatMap(({ points }) => points);
  const margin = marginFor(place, width);
  const [left, right] = range(all.map(({ x }) => x));
  const [low, high] = range(all.map(({ y }) => y));
  const byWidth = (width - 2 * margin) / Math.max(right - left, 1);
  const byHeight = (tallest - 2 * margin) / Math.max(high - low, 1);
  return { outlines, margin, left, right, low, high, byWidth, byHeight };
}

/** Whether a plan of that width would be no larger if it were wider: its height is what limits it. */
export function isLimitedByHeight(place: Place, width: number, tallest: number): boolean {
  const { byWidth, byHeight } = fitted(place, width, tallest);
  return byHeight <= byWidth;
}

function sizeOf({ points }: SitePlanZone): number {
  const [left, right] = range(points.map(({ x }) => x));
  const [top, low] = range(points.map(({ y }) => y));
  return (right - left) * (low - top);
}

function line(
  { bay, face, start, end }: LapBay,
  onPage: (point: Point) => Point,
  scale: number,
): SitePlanLine {
  const [a, b] = [onPage(start), onPage(end)];
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const length = Math.hypot(dx, dy);
  // Outlines are paced clockwise, so outside lies to the left of the way walked.
  const outward = length === 0 ? { x: 0, y: 0 } : { x: dy / length, y: -dx / length };
  const inset = bay.base && face.kind === 'wall' ? raisedInset : 0;
  const moved = ({ x, y }: Point): Point => ({
    x: x - outward.x * inset,
    y: y - outward.y * inset,
  });
  const [from, to] = [moved(a), moved(b)];
  return {
    bay: bay.id,
    name: bay.name,
    between: face.between,
    from,
    to,
    middle: { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 },
    length,
    angle: (Math.atan2(dy, dx) * 180) / Math.PI,
    outward,
    apron: known(bay.ground?.skirt?.outward) * scale,
    buried: known(bay.ground?.skirt?.depth) > 0,
    hasStrand: hasWire(bay),
    doors: doorsIn(bay, from, to),
  };
}

function doorsIn(bay: Bay, from: Point, to: Point): SitePlanDoor[] {
  const at = (mm: number): Point => {
    const share = bay.width === 0 ? 0 : mm / bay.width;
    return { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share };
  };
  return bay.openings.map((it) => ({ kind: it.kind, from: at(it.at), to: at(it.at + it.width) }));
}

const known = (length: PossibleAmount | undefined): number =>
  isKnown<number>(length) ? length.is : 0;

/** Room for the longest side name beside an upright wall, and never more than leaves the plan the greater part. */
function marginFor(place: Place, width: number): number {
  const names = namedBays(place).map(({ sideName }) => [...shortName(sideName)].length);
  const most = Math.min(110, width * 0.28);
  return Math.min(most, Math.max(leastMargin, labelGap + 4 + letter * Math.max(0, ...names)));
}

function range(values: readonly number[]): [low: number, high: number] {
  return [Math.min(...values), Math.max(...values)];
}
