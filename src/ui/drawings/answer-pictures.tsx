/** What answers look like, small: a mesh as it is woven, a latch by the movements it asks, a fixing, a soil, what touches a strand. */
import type { ReactNode } from 'react';
import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import type { CoverId } from '@/core/place/bay';
import type { Condition, Fixing } from '@/core/tables/fixings';
import { latches, type LatchId } from '@/core/tables/latches';
import type { Motion } from '@/core/tables/motions';
import type { Touching } from '@/core/tables/shocking';
import type { Soil } from '@/core/tables/soils';
import { color } from '../theme/tokens';
import { MeshPatterns, meshFill } from './MeshPatterns';

/** px */
export const answerSize = { width: 56, height: 40 } as const;
const line = { stroke: color.ink, strokeWidth: 2.5, fill: 'none', strokeLinecap: 'round' } as const;

export const coverPicture = (cover: CoverId): ReactNode => (
  <>
    <MeshPatterns />
    <Rect
      x={1}
      y={1}
      width={answerSize.width - 2}
      height={answerSize.height - 2}
      fill={meshFill(cover)}
      stroke={color.hairline}
    />
  </>
);

/** Door, frame, and an arrow for every movement. */
export function latchPicture(id: LatchId | 'none'): ReactNode {
  const moves = id === 'none' ? [] : latches[id].motions.map(({ motion }) => motion);
  return (
    <>
      <Line x1={28} x2={28} y1={2} y2={38} {...line} stroke={color.hairline} strokeWidth={4} />
      {id !== 'none' && (
        <Rect x={12} y={16} width={32} height={8} rx={2} {...line} fill={color.ground} />
      )}
      <G x={id === 'none' ? 0 : 34}>
        {moves.map((motion, index) => (
          <G key={`${motion}${index}`} x={index * -22}>
            <Path d={movement[motion]} {...line} stroke={color.open} strokeWidth={2} />
          </G>
        ))}
      </G>
    </>
  );
}

const movement: Readonly<Record<Motion, string>> = {
  lift: 'M8 13V3m-4 4l4 -4l4 4',
  slide: 'M0 32H14m-4 -4l4 4l-4 4',
  turn: 'M2 11a7 7 0 1 1 10 0m0 -6v6h-6',
  pull: 'M14 32H0m4 -4l-4 4l4 4',
  squeeze: 'M0 6l6 4l-6 4M16 6l-6 4l6 4',
  unclip: 'M2 12q0 -10 8 -10q6 2 4 8l-4 4',
  key: 'M3 8a4 4 0 1 1 1 2h10v4',
};

const heads = (draw: (x: number) => ReactNode) => [10, 28, 46].map((x) => <G key={x}>{draw(x)}</G>);

export const fixingPictures: Readonly<Record<Fixing, ReactNode>> = {
  'screws-washers': heads((x) => (
    <>
      <Circle cx={x} cy={20} r={7} {...line} />
      <Path d={`M${x - 3} 20h6M${x} 17v6`} {...line} strokeWidth={2} />
    </>
  )),
  batten: (
    <>
      <Rect x={2} y={12} width={52} height={16} {...line} fill={color.hex} />
      {heads((x) => (
        <Circle cx={x} cy={20} r={2.5} fill={color.ink} />
      ))}
    </>
  ),
  lacing: <Path d="M2 30L10 10L18 30L26 10L34 30L42 10L50 30" {...line} />,
  staples: heads((x) => <Path d={`M${x - 4} 26V14H${x + 4}V26`} {...line} />),
  ties: heads((x) => (
    <Path d={`M${x} 12q7 8 0 14q-7 -6 0 -14m0 0l5 -6`} {...line} strokeWidth={2} />
  )),
};

export const conditionPictures: Readonly<Record<Condition, ReactNode>> = {
  sound: <Path d="M4 12H52M4 20H52M4 28H52" {...line} />,
  worn: <Path d="M4 12H52M4 20H22M30 20H52M4 28H52" {...line} strokeWidth={2} />,
  failing: (
    <Path d="M4 12H18M34 12H52M4 20H14M40 20H52M4 28H24M32 28H40" {...line} strokeWidth={1.5} />
  ),
};

const earth = (marks: ReactNode) => (
  <>
    <Rect x={1} y={10} width={54} height={29} fill={color.soil} />
    {marks}
    <Line x1={1} x2={55} y1={10} y2={10} {...line} />
  </>
);

const stones = [
  [12, 20, 4],
  [28, 30, 5],
  [42, 19, 4],
] as const;

export const soilPictures: Readonly<Record<Soil, ReactNode>> = {
  soft: earth(<Path d="M8 18h2M20 26h2M34 18h2M44 30h2M14 33h2" {...line} strokeWidth={2} />),
  firm: earth(<Path d="M4 18H52M4 26H52M4 34H52" {...line} strokeWidth={1.5} />),
  stony: earth(
    stones.map(([x, y, r]) => <Circle key={x} cx={x} cy={y} r={r} {...line} strokeWidth={2} />),
  ),
  rock: earth(<Path d="M1 39L12 16L24 32L34 14L44 30L55 18" {...line} />),
  'hard-surface': (
    <>
      {[1, 20, 39].map((x) => (
        <Rect key={x} x={x} y={10} width={16} height={12} {...line} fill={color.hairline} />
      ))}
    </>
  ),
};

const strand = (marks: ReactNode) => (
  <>
    {marks}
    <Line x1={0} x2={56} y1={16} y2={16} stroke={color.strand} strokeWidth={3} />
  </>
);

export const touchingPictures: Readonly<Record<Touching, ReactNode>> = {
  nothing: strand(undefined),
  wood: strand(<Path d="M22 2V38H34V2Z" {...line} />),
  grass: strand(<Path d="M14 39Q14 24 10 12M26 39Q26 26 30 10M40 39Q38 26 44 14" {...line} />),
  weeds: strand(
    <Path d="M8 39Q10 20 20 18M18 39Q22 8 34 14M34 39Q30 24 46 10M48 39Q46 20 36 22" {...line} />,
  ),
  insulator: strand(<Path d="M28 2V38M22 10H34L30 16L34 22H22" {...line} />),
  snow: strand(<Rect x={0} y={14} width={56} height={26} fill={color.hairline} />),
  mesh: strand(<Path d="M10 2V38M24 2V38M38 2V38M2 10H50M2 24H50" {...line} strokeWidth={1.5} />),
  ground: (
    <>
      <Line x1={0} x2={56} y1={36} y2={36} {...line} />
      <Path d="M0 10Q28 14 30 34H56" stroke={color.strand} strokeWidth={3} fill="none" />
    </>
  ),
};
