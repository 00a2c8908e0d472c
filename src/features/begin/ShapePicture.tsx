/** A starting shape as one sees it from its front: boards filled, mesh hatched, ground below. Drawn for Rookle. */
import type { ReactNode } from 'react';
import Svg, { Circle, Line, Path, Rect } from 'react-native-svg';
import type { ShapeId } from '@/core/place/shapes';
import { color } from '@/ui/theme/tokens';

const ground = 46;

function House({ x, w, h, up = 0 }: { x: number; w: number; h: number; up?: number }) {
  const [top, low] = [ground - up - h, ground - up];
  return (
    <>
      {up > 0 && <Path d={`M${x + 2} ${low}V${ground} M${x + w - 2} ${low}V${ground}`} {...line} />}
      <Path
        d={`M${x} ${low}V${top}L${x + w / 2} ${top - w / 5}L${x + w} ${top}V${low}z`}
        fill={color.timber}
        stroke={color.ink}
        strokeWidth={1.5}
        strokeLinejoin="round"
      />
      <Rect x={x + w / 2 - 2.5} y={low - 8} width={5} height={8} fill={color.ink} />
    </>
  );
}

/** Mesh between posts. */
function Run({ x, w, h, posts = 3 }: { x: number; w: number; h: number; posts?: number }) {
  const top = ground - h;
  const between = w / (posts - 1);
  const uprights = Array.from(
    { length: posts },
    (_, at) => `M${x + at * between} ${ground}V${top}`,
  );
  const hatch = Array.from(
    { length: Math.floor(w / 5) },
    (_, at) => `M${x + 2.5 + at * 5} ${ground}V${top}`,
  );
  return (
    <>
      <Path d={hatch.join('')} stroke={color.wire} strokeWidth={0.75} />
      <Path d={`M${x} ${top + h / 2}h${w}`} stroke={color.wire} strokeWidth={0.75} />
      <Path d={`${uprights.join('')}M${x} ${top}h${w}`} {...line} />
    </>
  );
}

const line = {
  stroke: color.ink,
  strokeWidth: 1.5,
  fill: 'none',
  strokeLinejoin: 'round',
} as const;

const wheel = (x: number) => (
  <Circle cx={x} cy={ground - 4} r={4} fill={color.paper} stroke={color.ink} strokeWidth={1.5} />
);

const pictures: Readonly<Record<ShapeId, ReactNode>> = {
  'side-by-side': (
    <>
      <Run x={4} w={44} h={24} />
      <House x={48} w={26} h={24} />
    </>
  ),
  'run-round': (
    <>
      <House x={28} w={24} h={18} />
      <Run x={4} w={72} h={28} posts={5} />
    </>
  ),
  raised: (
    <>
      <Run x={4} w={44} h={24} />
      <Run x={48} w={26} h={10} posts={2} />
      <House x={48} w={26} h={18} up={10} />
    </>
  ),
  shed: (
    <>
      <House x={16} w={48} h={24} />
      <Rect x={48} y={28} width={9} height={7} fill={color.paper} stroke={color.ink} />
    </>
  ),
  kennel: (
    <>
      <House x={46} w={20} h={14} />
      <Run x={4} w={72} h={32} posts={4} />
      <Path d={`M4 ${ground - 4}h72`} {...line} />
    </>
  ),
  'two-runs': (
    <>
      <Run x={2} w={30} h={24} posts={3} />
      <Run x={48} w={30} h={24} posts={3} />
      <House x={28} w={24} h={20} />
    </>
  ),
  strip: (
    <>
      <Run x={2} w={60} h={14} posts={6} />
      <House x={62} w={15} h={16} />
    </>
  ),
  'a-frame': (
    <>
      <Path d={`M20 ${ground}L40 12L60 ${ground}z`} {...line} fill={color.paper} />
      <Path
        d={`M26 ${ground}L40 22L54 ${ground} M32 ${ground}L40 32L48 ${ground} M22 42h36 M27 34h26 M32 25h16`}
        stroke={color.wire}
        strokeWidth={0.75}
        fill="none"
      />
      <Path d="M14 28h10 M56 28h10" {...line} />
    </>
  ),
  deck: (
    <>
      <Path d={`M18 ${ground}L40 8L62 ${ground}z`} {...line} fill={color.paper} />
      <Path d={`M29.5 28L40 8L50.5 28z`} {...line} fill={color.timber} />
      <Path
        d={`M26 ${ground}L31 28 M33 ${ground}V28 M40 ${ground}V28 M47 ${ground}V28 M54 ${ground}L49 28 M22 39h36`}
        stroke={color.wire}
        strokeWidth={0.75}
        fill="none"
      />
      <Path d={`M44 28L54 ${ground}`} {...line} strokeWidth={2.5} />
    </>
  ),
  hoop: (
    <>
      <Path d={`M12 ${ground - 4}A28 30 0 0 1 68 ${ground - 4}`} {...line} />
      <Path
        d={`M24 ${ground - 4}V22 M32 ${ground - 4}V15 M40 ${ground - 4}V13 M48 ${ground - 4}V15 M56 ${ground - 4}V22 M15 32h50`}
        stroke={color.wire}
        strokeWidth={0.75}
      />
      <Path d={`M6 ${ground - 6}q2 4 6 4h56q4 0 6 -4`} {...line} strokeWidth={2.5} />
    </>
  ),
  'low-box': (
    <>
      <Run x={10} w={58} h={14} posts={3} />
      <Rect
        x={10}
        y={ground - 14}
        width={29}
        height={14}
        fill={color.timber}
        stroke={color.ink}
        strokeWidth={1.5}
      />
      {wheel(18)}
      {wheel(60)}
    </>
  ),
};

export function ShapePicture({ shape }: { readonly shape: ShapeId }) {
  return (
    <Svg width={100} height={62} viewBox="0 0 80 50" aria-hidden>
      <Line
        x1={0}
        y1={ground + 0.5}
        x2={80}
        y2={ground + 0.5}
        stroke={color.timber}
        strokeWidth={2}
      />
      {pictures[shape]}
    </Svg>
  );
}
