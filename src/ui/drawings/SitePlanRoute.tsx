/** A way in: from outside, through every bay on the way, to the birds. Dotted, with its number. */
import { G } from 'react-native-svg';
import type { Point } from '@/core/place/outline';
import type { WayIn } from '@/core/routes/ways-in';
import { Badge } from './Badge';
import { Dotted } from './Dotted';
import type { SitePlanLayout } from './site-plan-layout';
import type { SitePlanLine } from './site-plan-line';

interface Props {
  readonly layout: SitePlanLayout;
  readonly way: WayIn;
  readonly number: number;
}

export function SitePlanRoute({ layout, way, number }: Props) {
  const steps = way.by[0]?.route.steps ?? [];
  const all = [...layout.walls, ...layout.partitions];
  const lines = steps.flatMap(({ bay }) => all.find((it) => it.bay === bay.id) ?? []);
  const [first] = lines;
  const end = endOf(layout, lines);
  if (!first || !end) return null;
  const start = {
    x: first.middle.x + first.outward.x * 34,
    y: first.middle.y + first.outward.y * 34,
  };
  const last = lines.at(-1)?.middle ?? start;
  const tip = short(end, last);
  const points = [start, ...lines.map((line) => line.middle), tip];
  return (
    <G>
      <Dotted
        along={`M${points.map(({ x, y }) => `${x} ${y}`).join('L')}`}
        head={arrowHead(last, tip)}
      />
      <Badge x={start.x} y={start.y} number={number} />
    </G>
  );
}

/** The middle of where birds are behind the last wall. */
function endOf({ zones }: SitePlanLayout, lines: readonly SitePlanLine[]): Point | undefined {
  const behind: readonly string[] = lines.at(-1)?.between ?? [];
  const home =
    zones.find(({ id, birds }) => birds > 0 && behind.includes(id)) ??
    zones.find(({ birds }) => birds > 0) ??
    zones[0];
  return home?.middle;
}

/** Ends just past the last wall, clear of what is written inside. */
function short(end: Point, from: Point): Point {
  const share = Math.min(1, 3 / (Math.hypot(end.x - from.x, end.y - from.y) || 1));
  return { x: from.x + (end.x - from.x) * share, y: from.y + (end.y - from.y) * share };
}

/** A small solid head at `to`, pointing the way that leads there from `from`. */
function arrowHead(from: Point, to: Point): string {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const along = { x: ((to.x - from.x) / length) * 9, y: ((to.y - from.y) / length) * 9 };
  const side = { x: -along.y * 0.7, y: along.x * 0.7 };
  const foot = { x: to.x - along.x / 2, y: to.y - along.y / 2 };
  return `M${to.x + along.x} ${to.y + along.y}L${foot.x + side.x} ${foot.y + side.y}L${foot.x - side.x} ${foot.y - side.y}Z`;
}
