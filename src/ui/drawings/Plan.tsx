/** The plan: where things are. Walls in the line code, ways in numbered, routes dotted from outside to the birds. */
import { Pressable, StyleSheet, View } from 'react-native';
import Svg, { G, Line, Path, Polygon } from 'react-native-svg';
import type { Point } from '@/core/place/outline';
import type { BayId, Place } from '@/core/place/place';
import type { WayIn } from '@/core/routes/ways-in';
import type { BayMark } from '@/core/score/judge';
import { lineCode } from '../theme/line-code';
import { color } from '../theme/tokens';
import { Badge } from './Badge';
import { MarkedLine } from './MarkedLine';
import { planLayout, type PlanLayout, type PlanLine } from './plan-layout';
import { SvgText } from './SvgText';

interface Props {
  readonly place: Place;
  readonly marks: ReadonlyMap<BayId, BayMark>;
  readonly ways: readonly WayIn[];
  readonly birds: number;
  readonly width: number;
  readonly tallest: number;
  readonly selected: BayId | undefined;
  readonly onSelect: (bay: BayId) => void;
}

export function Plan({ place, marks, ways, birds, width, tallest, selected, onSelect }: Props) {
  const layout = planLayout(
    place,
    width,
    tallest,
    ways.flatMap((way) => way.bays),
  );
  const lines = [...layout.walls, ...layout.partitions];
  return (
    <View style={{ width, height: layout.height }}>
      <Svg
        width={width}
        height={layout.height}
        role="img"
        aria-label={`Plan of ${place.name}, north up. Every bay is listed as a button.`}
      >
        <Run layout={layout} />
        <House layout={layout} birds={birds} />
        <SkirtTicks walls={layout.walls} />
        {lines.map((line) => (
          <G key={line.bay}>
            {selected === line.bay && (
              <Line
                x1={line.from.x}
                y1={line.from.y}
                x2={line.to.x}
                y2={line.to.y}
                stroke={color.strand}
                strokeWidth={18}
              />
            )}
            <MarkedLine from={line.from} to={line.to} mark={marks.get(line.bay) ?? 'unread'} />
          </G>
        ))}
        {layout.sides.map(({ name, at, anchor }) => (
          <SvgText key={name} x={at.x} y={at.y + 5} anchor={anchor}>
            {name}
          </SvgText>
        ))}
        {ways.map((way, index) => (
          <RouteLine key={way.id} layout={layout} way={way} number={index + 1} />
        ))}
      </Svg>
      {lines.map((line) => (
        <Pressable
          key={line.bay}
          role="button"
          aria-label={`${line.name}: ${lineCode[marks.get(line.bay) ?? 'unread'].name}`}
          aria-pressed={selected === line.bay}
          onPress={() => onSelect(line.bay)}
          style={[styles.touch, touchArea(line)]}
        />
      ))}
    </View>
  );
}

function Run({ layout: { run, width, height } }: { readonly layout: PlanLayout }) {
  const grid = 14;
  const lines = [
    ...steps(width, grid).map((x) => `M${x} 0V${height}`),
    ...steps(height, grid).map((y) => `M0 ${y}H${width}`),
  ];
  return (
    <G>
      <Polygon points={polygon(run)} fill={color.field} />
      <Path d={lines.join('')} stroke={color.hairline} strokeWidth={0.5} opacity={0.8} />
      {/* Everything but the run, laid over the grid. */}
      <Path
        d={`M0 0H${width}V${height}H0Z M${run.map(({ x, y }) => `${x} ${y}`).join('L')}Z`}
        fill={color.ground}
        fillRule="evenodd"
      />
    </G>
  );
}

function House({
  layout: { house },
  birds,
}: {
  readonly layout: PlanLayout;
  readonly birds: number;
}) {
  if (!house) return null;
  const xs = house.map(({ x }) => x);
  const ys = house.map(({ y }) => y);
  const [w, h] = [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)];
  const middle = { x: Math.min(...xs) + w / 2, y: Math.min(...ys) + h / 2 };
  const room = roomIn(house, w, h);
  return (
    <G>
      <Polygon
        points={drawnIn(house, middle)
          .map(({ x, y }) => `${x},${y}`)
          .join(' ')}
        fill={color.ink}
      />
      {room.words ? (
        <>
          <SvgText x={middle.x} y={middle.y - 2} fill={color.onDark} size={16} strong>
            house
          </SvgText>
          <SvgText x={middle.x} y={middle.y + 16} fill={color.onDark} size={14}>
            {`${birds} birds`}
          </SvgText>
        </>
      ) : (
        room.number && (
          <SvgText x={middle.x} y={middle.y + 5} fill={color.onDark} size={14} strong>
            {String(birds)}
          </SvgText>
        )
      )}
    </G>
  );
}

/** Whether its name and birds fit into a house, or at least the number of birds; standing askew it holds less. */
function roomIn(house: readonly Point[], w: number, h: number) {
  const [a, b, c] = house;
  const side = (from?: Point, to?: Point): number =>
    from && to ? Math.hypot(to.x - from.x, to.y - from.y) : 0;
  const shorter = Math.min(side(a, b), side(b, c));
  const isStraight = Math.abs(Math.min(w, h) - shorter) < 1;
  return { words: isStraight ? w >= 62 && h >= 48 : shorter >= 84, number: shorter >= 34 };
}

/** Its corners, drawn in clear of the lines of its walls. */
function drawnIn(corners: readonly Point[], middle: Point): Point[] {
  const inset = 11;
  return corners.map(({ x, y }) => {
    const [dx, dy] = [middle.x - x, middle.y - y];
    const share = Math.min(0.9, inset / Math.max(Math.hypot(dx, dy), 1));
    return { x: x + dx * share, y: y + dy * share };
  });
}

/** Short strokes into the ground outside every wall; one path, since there are hundreds of them. */
function SkirtTicks({ walls }: { readonly walls: readonly PlanLine[] }) {
  const strokes = walls.flatMap(({ from, to, length, outward }) => {
    const count = Math.floor(length / 8);
    return Array.from({ length: count }, (_, index) => {
      const share = (index + 0.5) / count;
      const x = from.x + (to.x - from.x) * share + outward.x * 8;
      const y = from.y + (to.y - from.y) * share + outward.y * 8;
      return `M${round(x)} ${round(y)}l${round(outward.x * 7)} ${round(outward.y * 7)}`;
    });
  });
  return <Path d={strokes.join('')} stroke={color.wire} strokeWidth={1.5} opacity={0.7} />;
}

const round = (px: number) => Math.round(px * 10) / 10;

/** From outside, through every bay on the way, to the birds. */
function RouteLine({ layout, way, number }: { layout: PlanLayout; way: WayIn; number: number }) {
  const steps = way.by[0]?.route.steps ?? [];
  const lines = steps.flatMap(({ bay }) => {
    const line = [...layout.walls, ...layout.partitions].find((it) => it.bay === bay.id);
    return line ? [line] : [];
  });
  const first = lines[0];
  if (!first || !layout.house) return null;
  const start = {
    x: first.middle.x + first.outward.x * 34,
    y: first.middle.y + first.outward.y * 34,
  };
  const end = middleOf(layout.house);
  const last = lines.at(-1)?.middle ?? start;
  const tip = short(end, last);
  const points = [start, ...lines.map((line) => line.middle), tip];
  return (
    <G>
      <Path
        d={`M${points.map(({ x, y }) => `${x} ${y}`).join('L')}`}
        fill="none"
        stroke={color.open}
        strokeWidth={3.5}
        strokeLinecap="round"
        strokeDasharray="0.1 7"
      />
      <Path d={arrowHead(last, tip)} fill={color.open} />
      <Badge x={start.x} y={start.y} number={number} />
    </G>
  );
}

/** Ends at the house wall, clear of its label. */
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

function middleOf(points: readonly Point[]): Point {
  const sum = points.reduce((a, b) => ({ x: a.x + b.x, y: a.y + b.y }), { x: 0, y: 0 });
  return { x: sum.x / points.length, y: sum.y / points.length };
}

/** Lies outside the wall rather than on it, so that two walls never fight over a corner. */
function touchArea({ middle: on, length, angle, outward }: PlanLine) {
  const thick = 34;
  const long = Math.max(length - 2, 24);
  const out = thick / 2 - 7;
  const middle = { x: on.x + outward.x * out, y: on.y + outward.y * out };
  return {
    left: middle.x - long / 2,
    top: middle.y - thick / 2,
    width: long,
    height: thick,
    transform: [{ rotate: `${angle}deg` }],
  };
}

const polygon = (points: readonly Point[]) => points.map(({ x, y }) => `${x},${y}`).join(' ');
const steps = (to: number, by: number) =>
  Array.from({ length: Math.ceil(to / by) }, (_, index) => (index + 0.5) * by);

const styles = StyleSheet.create({ touch: { position: 'absolute' } });
