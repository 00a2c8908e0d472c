/** What the drawings of hands and tape are put together from. All on a sheet of 96 by 72. */
import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { color } from '../../theme/tokens';

export const sheet = { width: 96, height: 72 } as const;
export const ground = 56;

const ink = { stroke: color.ink, strokeWidth: 2.5, fill: 'none', strokeLinecap: 'round' } as const;

export function Ground({ at = ground }: { readonly at?: number }) {
  return (
    <G>
      <Rect x={0} y={at} width={sheet.width} height={sheet.height - at} fill={color.soil} />
      <Line x1={0} x2={sheet.width} y1={at} y2={at} {...ink} />
    </G>
  );
}

/** A wall seen from the front: frame, and mesh in it. */
export function Panel({ x = 14, y = 8, width = 68, height = 40, lifted = 0 }) {
  const wires = [1, 2, 3, 4, 5].map((n) => x + (n * width) / 6);
  const rows = [1, 2, 3].map((n) => y + (n * height) / 4);
  return (
    <G y={-lifted}>
      {wires.map((at) => (
        <Line key={at} x1={at} x2={at} y1={y} y2={y + height} stroke={color.wire} />
      ))}
      {rows.map((at) => (
        <Line key={at} x1={x} x2={x + width} y1={at} y2={at} stroke={color.wire} />
      ))}
      <Rect x={x} y={y} width={width} height={height} {...ink} />
    </G>
  );
}

/** A hand seen from the side, reaching to the right; turned by degrees about its wrist. */
export function Hand({
  x,
  y,
  turn = 0,
}: {
  readonly x: number;
  readonly y: number;
  turn?: number;
}) {
  return (
    <G x={x} y={y} rotation={turn}>
      <Path
        d="M0 -7H14Q22 -8 28 -3Q30 0 26 1L18 1Q24 3 22 6Q20 9 13 8L0 8Z"
        fill={color.strand}
        stroke={color.ink}
        strokeWidth={2}
      />
      <Rect x={-9} y={-8} width={9} height={17} fill={color.ink} />
    </G>
  );
}

/** A tape from above to below, with its ticks. */
export function Tape({
  x,
  from,
  to,
  flat = false,
}: Readonly<Record<'x' | 'from' | 'to', number>> & { flat?: boolean }) {
  const long = to - from;
  const ticks = Array.from(
    { length: Math.max(1, Math.floor(long / 6)) },
    (_, n) => from + n * 6 + 3,
  );
  return flat ? (
    <G>
      <Rect x={from} y={x - 5} width={long} height={10} fill={color.strand} stroke={color.ink} />
      {ticks.map((at) => (
        <Line key={at} x1={at} x2={at} y1={x - 5} y2={x} stroke={color.ink} />
      ))}
    </G>
  ) : (
    <G>
      <Rect x={x - 5} y={from} width={10} height={long} fill={color.strand} stroke={color.ink} />
      {ticks.map((at) => (
        <Line key={at} x1={x - 5} x2={x} y1={at} y2={at} stroke={color.ink} />
      ))}
    </G>
  );
}

/** An arrow from one point to another: which way the hand goes. */
export function Way({ d, head }: { readonly d: string; readonly head: string }) {
  return (
    <G stroke={color.open} strokeWidth={3} fill="none" strokeLinecap="round" strokeLinejoin="round">
      <Path d={d} />
      <Path d={head} />
    </G>
  );
}

export function Eye({ x, y }: { readonly x: number; readonly y: number }) {
  return (
    <G>
      <Path
        d={`M${x - 12} ${y}Q${x} ${y - 11} ${x + 12} ${y}Q${x} ${y + 11} ${x - 12} ${y}Z`}
        {...ink}
      />
      <Circle cx={x} cy={y} r={4} fill={color.ink} />
    </G>
  );
}

/** A strand of electric wire on its insulators. */
export function Wire({ y }: { readonly y: number }) {
  return (
    <G>
      <Line x1={0} x2={sheet.width} y1={y} y2={y} stroke={color.strand} strokeWidth={3} />
      {[16, 80].map((x) => (
        <Circle key={x} cx={x} cy={y} r={4} fill={color.paper} stroke={color.ink} strokeWidth={2} />
      ))}
    </G>
  );
}

export function Stroke({ d, width = 2.5 }: { readonly d: string; readonly width?: number }) {
  return <Path d={d} {...ink} strokeWidth={width} strokeLinejoin="round" />;
}

export function Bird({ x, y }: { readonly x: number; readonly y: number }) {
  return (
    <Path
      d={`M${x - 12} ${y}q2 -9 12 -8q6 -7 10 -4l4 3l-4 1q-1 12 -12 13q-9 0 -10 -5z`}
      fill={color.ink}
    />
  );
}

export function Box({
  at: [x, y, width, height],
  fill = 'none',
}: {
  readonly at: readonly [x: number, y: number, width: number, height: number];
  readonly fill?: string;
}) {
  return <Rect x={x} y={y} width={width} height={height} {...ink} fill={fill} />;
}
