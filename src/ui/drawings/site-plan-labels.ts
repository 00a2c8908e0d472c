/** Names of sides in the plan: outside their longest bay, clear of numbers, of each other and of the page's edge. */
import { lapOf, type LapBay } from '@/core/place/lap';
import type { Point } from '@/core/place/outline';
import type { BayId, Place } from '@/core/place/place';
import type { SitePlanLine } from './site-plan-line';

export interface SideLabel {
  readonly name: string;
  readonly at: Point;
  readonly anchor: 'start' | 'middle' | 'end';
}

/** A letter of a side's name in the narrow face, and the height of a line, px. */
export const letter = 6.9;
export const lineHeight = 18;
/** Clear of the skirt strokes, px. */
export const labelGap = 20;
/** A longer name is cut: a plan is no place to read it. */
const mostLetters = 16;

export const shortName = (name: string): string => {
  const letters = [...name];
  return letters.length > mostLetters ? `${letters.slice(0, mostLetters - 1).join('')}…` : name;
};

/** One name a side; `numbered`: bays that carry a number. */
export function sideLabels(
  place: Place,
  walls: readonly SitePlanLine[],
  numbered: readonly BayId[],
  width: number,
): SideLabel[] {
  const free = new Map<string, SitePlanLine>();
  namedBays(place).forEach(({ sideName, bay }) => {
    const wall = walls.find((it) => it.bay === bay.id);
    const known = free.get(sideName);
    if (!wall || numbered.includes(bay.id) || wall.length < shortestNamed) return;
    if (!known || wall.length > known.length) free.set(sideName, wall);
  });
  const labels = [...free].map(([name, { middle, outward }]) => {
    const label: SideLabel = {
      name: shortName(name),
      at: { x: middle.x + outward.x * labelGap, y: middle.y + outward.y * (labelGap + 4) },
      anchor: anchorOf(outward),
    };
    return { label: onPage(label, width), up: outward.y < -0.5 };
  });
  return apart(labels).filter((label) => !walls.some((wall) => crosses(wall, label)));
}

/** A name that another zone's wall runs through cannot be read there; the lap has it as well. */
function crosses({ from, to, length }: SitePlanLine, label: SideLabel): boolean {
  const span = labelSpan(label);
  const every = 5;
  const steps = Math.max(1, Math.ceil(length / every));
  return Array.from({ length: steps + 1 }, (_, index) => index / steps).some((share) => {
    const x = from.x + (to.x - from.x) * share;
    const y = from.y + (to.y - from.y) * share;
    return span.from < x && x < span.to && Math.abs(y - label.at.y) < lineHeight / 2;
  });
}

/** A stretch shorter than this has no room for a name, px. */
const shortestNamed = 24;

/** Bays on sides that are named: a run's, where there is one; a house says by itself what it is. */
export function namedBays(place: Place): readonly LapBay[] {
  const runs = place.zones.filter(({ kind }) => kind === 'run');
  const sides = new Set(runs.flatMap(({ outline }) => outline.sides.map(({ id }) => id)));
  const all = lapOf(place).bays;
  const named = all.filter(({ face }) => face.along !== undefined && sides.has(face.along));
  return named.length > 0 ? named : all;
}

/** Beside an upright wall the name begins at the wall and runs away from it. */
function anchorOf(outward: Point): SideLabel['anchor'] {
  if (Math.abs(outward.x) < 0.5) return 'middle';
  return outward.x > 0 ? 'start' : 'end';
}

function onPage(label: SideLabel, width: number): SideLabel {
  const { from, to } = labelSpan(label);
  const edge = 2;
  const by = from < edge ? edge - from : Math.min(0, width - edge - to);
  return { ...label, at: { ...label.at, x: label.at.x + by } };
}

/** A name that would stand on another is moved by a line, away from its wall, until it does not. */
function apart(
  labels: readonly { readonly label: SideLabel; readonly up: boolean }[],
): SideLabel[] {
  return labels.reduce<SideLabel[]>((placed, { label, up }) => {
    let moved = label;
    // At the page's upper edge there is no further up.
    let by = up ? -lineHeight : lineHeight;
    while (placed.some((it) => overlaps(it, moved))) {
      if (moved.at.y + by < lineHeight) by = lineHeight;
      moved = { ...moved, at: { ...moved.at, y: moved.at.y + by } };
    }
    return [...placed, moved];
  }, []);
}

export function overlaps(a: SideLabel, b: SideLabel): boolean {
  const [first, second] = [labelSpan(a), labelSpan(b)];
  return first.from < second.to && second.from < first.to && Math.abs(a.at.y - b.at.y) < lineHeight;
}

export function labelSpan({ name, at, anchor }: SideLabel): {
  readonly from: number;
  readonly to: number;
} {
  const width = [...name].length * letter;
  const from = at.x - (anchor === 'start' ? 0 : anchor === 'end' ? width : width / 2);
  return { from, to: from + width };
}
