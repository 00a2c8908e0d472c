/** The perimeter as it is being paced: sides with their numbers, the gate, and the step that is missing at the end. */
import { beginText } from '@/words/screens/begin';
import Svg, { Circle, G, Line, Polyline } from 'react-native-svg';
import { paceOutline, type Point } from '@/core/place/outline';
import type { PacedSide } from '@/core/place/pacing';
import { SvgText } from '@/ui/drawings/SvgText';
import { color } from '@/ui/theme/tokens';

interface Props {
  readonly sides: readonly PacedSide[];
  readonly width: number;
}

const height = 240;
const margin = 34;

export function PacedPlan({ sides, width }: Props) {
  const points = onPage(cornersOf(sides), width);
  const [start] = points;
  const end = points[points.length - 1];
  if (!start || !end) return null;
  return (
    <Svg
      width={width}
      height={height}
      role="img"
      aria-label={beginText.theRunAsPacedSo(sides.length)}
    >
      <Line
        x1={end.x}
        y1={end.y}
        x2={start.x}
        y2={start.y}
        stroke={color.open}
        strokeWidth={2}
        strokeDasharray="2 5"
      />
      <Polyline
        points={points.map(({ x, y }) => `${x},${y}`).join(' ')}
        fill="none"
        stroke={color.ink}
        strokeWidth={5}
        strokeLinejoin="round"
      />
      {sides.map((_, index) => (
        <SideNumber key={index} from={points[index]} to={points[index + 1]} number={index + 1} />
      ))}
      <Circle
        cx={start.x}
        cy={start.y}
        r={8}
        fill={color.strand}
        stroke={color.ink}
        strokeWidth={2}
      />
    </Svg>
  );
}

function SideNumber({
  from,
  to,
  number,
}: {
  readonly from: Point | undefined;
  readonly to: Point | undefined;
  readonly number: number;
}) {
  if (!from || !to) return null;
  const [x, y] = [(from.x + to.x) / 2, (from.y + to.y) / 2];
  return (
    <G>
      <Circle cx={x} cy={y} r={12} fill={color.paper} stroke={color.ink} strokeWidth={1} />
      <SvgText x={x} y={y + 5} anchor="middle" size={14} fill={color.ink}>
        {String(number)}
      </SvgText>
    </G>
  );
}

function cornersOf(sides: readonly PacedSide[]): Point[] {
  return paceOutline({
    start: { x: 0, y: 0 },
    heading: 0,
    sides: sides.map(({ length, turn }, index) => ({
      id: String(index),
      name: '',
      kind: 'fence',
      length,
      turn,
    })),
  });
}

/** Fitted into the drawing, the first side going up the page. */
function onPage(points: readonly Point[], width: number): Point[] {
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const [low, high] = [Math.min(...ys), Math.max(...ys)];
  const scale = Math.min(
    (width - 2 * margin) / Math.max(right - left, 1),
    (height - 2 * margin) / Math.max(high - low, 1),
  );
  const shift = (width - (right - left) * scale) / 2;
  const drop = (height - (high - low) * scale) / 2;
  return points.map(({ x, y }) => ({
    x: (x - left) * scale + shift,
    y: (high - y) * scale + drop,
  }));
}
