/** The line round the plan, seen from above, north up: outside each wall that it crosses, as far off as it has volts there. */
import Svg, { G, Line, Path, Polygon } from 'react-native-svg';
import type { FenceView } from '@/core/fence/fence-view';
import { lapOf } from '@/core/place/lap';
import type { Point } from '@/core/place/outline';
import type { Place } from '@/core/place/place';
import { fenceText } from '@/words/screens/fence';
import { color } from '../theme/tokens';
import { lookOf } from './fence-lines';

interface Props {
  readonly place: Place;
  readonly view: Pick<FenceView, 'path' | 'bays' | 'needed'>;
  readonly width: number;
  readonly tallest: number;
}

/** px: the line at ten kilovolts stands so far out. */
const reach = 44;
const edge = reach + 8;

export function FencePlan({ place, view, width, tallest }: Props) {
  const lap = lapOf(place).bays.filter(({ bay }) => (bay.base ?? 0) === 0);
  const points = lap.flatMap(({ start, end }) => [start, end]);
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const [low, high] = [Math.min(...ys), Math.max(...ys)];
  const scale = Math.min(
    (width - 2 * edge) / Math.max(right - left, 1),
    (tallest - 2 * edge) / Math.max(high - low, 1),
  );
  const drawn = { width: (right - left) * scale, height: (high - low) * scale + 2 * edge };
  const aside = (width - drawn.width) / 2;
  const at = ({ x, y }: Point): Point => ({
    x: aside + (x - left) * scale,
    y: edge + (high - y) * scale,
  });
  const middle = at({ x: (left + right) / 2, y: (low + high) / 2 });
  const byId = new Map(view.bays.map((it, index) => [it.bay.id, { it, index }]));
  return (
    <Svg width={width} height={drawn.height} role="img" aria-label={fenceText.planSays(place.name)}>
      {lap.map(({ bay, start, end }) => {
        const [a, b] = [at(start), at(end)];
        const own = byId.get(bay.id);
        if (!own) {
          return <Line key={bay.id} {...lineOf(a, b)} stroke={color.wire} strokeWidth={2} />;
        }
        const out = outward(a, b, middle);
        const far = (own.it.volts / 10) * reach;
        const [c, d] = [moved(a, out, far), moved(b, out, far)];
        const look = lookOf(own.it.reaching, view.needed);
        return (
          <G key={bay.id}>
            <Polygon
              points={[a, b, d, c].map(({ x, y }) => `${x},${y}`).join(' ')}
              fill={color.strand}
              fillOpacity={0.22}
            />
            <Line {...lineOf(a, b)} stroke={color.ink} strokeWidth={3} />
            <Line
              {...lineOf(c, d)}
              stroke={look.stroke}
              strokeWidth={look.width}
              {...(look.dash !== undefined && { strokeDasharray: look.dash })}
            />
            {own.index === view.path.feed && <Feed at={moved(half(a, b), out, far + 12)} />}
          </G>
        );
      })}
    </Svg>
  );
}

const lineOf = (a: Point, b: Point) => ({ x1: a.x, y1: a.y, x2: b.x, y2: b.y });
const half = (a: Point, b: Point): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });
const moved = ({ x, y }: Point, by: Point, far: number): Point => ({
  x: x + by.x * far,
  y: y + by.y * far,
});

/** At right angles to the wall, away from the middle of the place; px, one long. */
function outward(a: Point, b: Point, middle: Point): Point {
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  const normal = { x: (b.y - a.y) / length, y: (a.x - b.x) / length };
  const { x, y } = half(a, b);
  const away = normal.x * (x - middle.x) + normal.y * (y - middle.y);
  return away >= 0 ? normal : { x: -normal.x, y: -normal.y };
}

function Feed({ at: { x, y } }: { readonly at: Point }) {
  return (
    <Path
      d={`M${x + 3} ${y - 9}l-7 9h6l-3 8 8-10h-6z`}
      fill={color.strand}
      stroke={color.ink}
      strokeWidth={1}
    />
  );
}
