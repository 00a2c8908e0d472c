/** What was found, drawn small and plain: feathers, a bird on its side, prints, what is broken. Nothing gory. */
import type { ReactNode } from 'react';
import Svg, { Circle, Ellipse, G, Line, Path, Rect } from 'react-native-svg';
import type { SignQuestion, signAnswers } from '@/core/tables/signs';
import { color } from '../theme/tokens';

/** px */
const size = { width: 56, height: 40 } as const;
const line = {
  stroke: color.ink,
  strokeWidth: 2.2,
  fill: 'none',
  strokeLinecap: 'round',
  strokeLinejoin: 'round',
} as const;
const mark = { ...line, stroke: color.open } as const;
const soft = { ...line, stroke: color.wire } as const;

const feather = (x: number, y: number, turn = 0): ReactNode => (
  <G key={`${x} ${y}`} x={x} y={y} rotation={turn}>
    <Path d="M0 6Q-4 0 0 -7Q4 0 0 6Z" {...line} strokeWidth={1.6} />
    <Line x1={0} x2={0} y1={9} y2={-5} {...line} strokeWidth={1.2} />
  </G>
);

/** A bird on its side, from body, neck and head; what is missing is left out. */
const bird = (hasHead = true): ReactNode => (
  <>
    <Ellipse cx={24} cy={25} rx={15} ry={9} {...line} />
    <Path d="M20 34l-5 5M28 34l-3 5M9 24L3 20" {...line} />
    {hasHead && <Path d="M36 20Q42 16 44 14" {...line} />}
    {hasHead && <Circle cx={47} cy={12} r={4} {...line} />}
    {hasHead && <Path d="M51 12l4 1" {...line} />}
  </>
);

const wire = (
  <Path d="M36 2v36M44 2v36M52 2v36M30 8h26M30 20h26M30 32h26" {...soft} strokeWidth={1.4} />
);

const egg = (x: number, y: number, more: ReactNode = null): ReactNode => (
  <G key={x} x={x} y={y}>
    <Ellipse cx={0} cy={0} rx={8} ry={11} {...line} />
    {more}
  </G>
);

const pads = (toes: readonly (readonly [x: number, y: number])[], claws: boolean): ReactNode => (
  <>
    <Ellipse cx={28} cy={27} rx={9} ry={7} fill={color.ink} />
    {toes.map(([x, y]) => (
      <G key={x}>
        <Ellipse cx={x} cy={y} rx={3.2} ry={4.4} fill={color.ink} />
        {claws && <Line x1={x} x2={x} y1={y - 7} y2={y - 10} {...line} strokeWidth={1.6} />}
      </G>
    ))}
  </>
);
const fourToes = [
  [16, 18],
  [24, 12],
  [32, 12],
  [40, 18],
] as const;
const fiveToes = [
  [11, 23],
  [18, 15],
  [28, 12],
  [38, 15],
  [45, 23],
] as const;

const nothing = <Path d="M12 32h32M18 26h20" {...soft} strokeDasharray="2 5" />;
const door = <Rect x={16} y={4} width={22} height={34} {...line} />;

type Pictures = {
  readonly [Q in SignQuestion]: Readonly<Record<(typeof signAnswers)[Q][number], ReactNode>>;
};

const pictures: Pictures = {
  toll: {
    'one-gone': nothing,
    'several-gone': nothing,
    'few-dead': bird(),
    'many-dead': bird(),
    'none-taken': nothing,
  },
  chicks: {
    gone: nothing,
    'at-a-hole': (
      <>
        <Path d="M4 36Q18 6 34 36Z" fill={color.soil} stroke={color.ink} strokeWidth={2} />
        <Ellipse cx={46} cy={32} rx={7} ry={5} {...line} />
      </>
    ),
    dead: <Ellipse cx={28} cy={28} rx={11} ry={7} {...line} />,
  },
  hour: {
    night: <Path d="M34 6a14 14 0 1 0 10 24a12 12 0 0 1 -10 -24Z" {...line} />,
    day: (
      <>
        <Circle cx={28} cy={20} r={8} {...line} />
        <Path
          d="M28 4v4M28 32v4M12 20h4M40 20h4M17 9l3 3M36 28l3 3M39 9l-3 3M20 28l-3 3"
          {...line}
        />
      </>
    ),
  },
  trace: {
    nothing,
    'feathers-in-one-spot': <>{[feather(20, 22, -30), feather(28, 18, 10), feather(35, 24, 50)]}</>,
    trail: (
      <>{[feather(6, 30, 70), feather(20, 24, 40), feather(34, 18, 60), feather(49, 10, 30)]}</>
    ),
    'plucked-ring': (
      <>
        {[0, 60, 120, 180, 240, 300].map((turn) =>
          feather(
            28 + 17 * Math.cos((turn * Math.PI) / 180),
            20 + 12 * Math.sin((turn * Math.PI) / 180),
            turn + 90,
          ),
        )}
      </>
    ),
  },
  body: {
    'no-wound': bird(),
    'neck-bites': (
      <>
        {bird()}
        <Path d="M38 12l3 3M42 20l3 1" {...mark} strokeWidth={3} />
      </>
    ),
    'head-gone': bird(false),
    'breast-opened': (
      <>
        {bird()}
        <Path d="M31 20q6 5 1 11" {...mark} strokeWidth={3} />
      </>
    ),
    'vent-eaten': (
      <>
        {bird()}
        <Path d="M13 20q-5 5 0 10" {...mark} strokeWidth={3} />
      </>
    ),
    'pulled-through': (
      <>
        <Ellipse cx={16} cy={24} rx={12} ry={8} {...line} />
        {wire}
        <Path d="M27 22h24" {...mark} strokeWidth={3} />
      </>
    ),
    mauled: (
      <>
        {bird()}
        {[feather(8, 10, 40), feather(30, 8, -20)]}
        <Path d="M16 22l6 6M26 20l5 7" {...mark} />
      </>
    ),
    scraps: (
      <>
        <Path d="M10 34h36M18 34q4 -10 10 -6M34 34l6 -8" {...line} />
        {feather(44, 18, 30)}
      </>
    ),
    plucked: (
      <>
        {[feather(10, 12, -40), feather(24, 8, 10), feather(42, 12, 50)]}
        <Path d="M18 34q10 -12 22 0" {...line} />
      </>
    ),
    'pecked-raw': (
      <>
        {bird()}
        <Path d="M16 20h.1M21 18h.1M26 19h.1" {...mark} strokeWidth={5} />
      </>
    ),
  },
  works: {
    nothing: (
      <>
        {door}
        <Path d="M20 22l5 6l9 -14" {...line} stroke={color.holds} strokeWidth={3} />
      </>
    ),
    'stood-open': (
      <>
        {door}
        <Path d="M16 4l-10 5v30l10 -1" {...mark} />
      </>
    ),
    torn: (
      <>
        <Path d="M8 4v32M18 4v12M28 4v8M38 4v12M48 4v32M4 10h48M4 30h10M42 30h10" {...soft} />
        <Path d="M16 18l5 6l-4 10M40 18l-5 5l5 11" {...mark} />
      </>
    ),
    dug: (
      <>
        <Path d="M0 24h18q10 22 20 0h18" {...line} />
        <Path d="M14 22v-18M22 22v-18M30 20v-16M38 22v-18" {...soft} />
      </>
    ),
    'latch-opened': (
      <>
        <Line x1={28} x2={28} y1={2} y2={38} {...soft} strokeWidth={4} />
        <Rect x={4} y={16} width={18} height={8} rx={2} {...line} />
        <Path d="M36 20h14m-4 -4l4 4l-4 4" {...mark} />
      </>
    ),
  },
  eggs: {
    untouched: <>{[egg(16, 22), egg(36, 22)]}</>,
    gone: <Path d="M8 24q20 20 40 0M10 22q18 -8 36 0" {...line} />,
    crushed: <Path d="M8 32l6 -8l5 6l6 -10l6 9l5 -7l6 10M10 36h36" {...line} />,
    opened: (
      <>
        {[
          egg(20, 22, <Path key="o" d="M-6 -7l4 3l3 -4l4 4" {...mark} strokeWidth={2.5} />),
          egg(40, 24),
        ]}
      </>
    ),
  },
  tracks: {
    none: nothing,
    'small-hand': (
      <Path
        d="M22 34q-4 -10 2 -12q8 -2 12 2q3 6 -2 10ZM20 24l-8 -4M24 20l-5 -12M30 20l0 -14M35 21l6 -11M38 26l8 -3"
        {...line}
        strokeWidth={3}
      />
    ),
    dog: pads(fourToes, true),
    cat: pads(fourToes, false),
    'broad-claws': pads(fiveToes, true),
    'small-five': (
      <G x={14} y={10} scale={0.5}>
        {pads(fiveToes, true)}
      </G>
    ),
    bird: <Path d="M28 36V18M28 18V4M28 18L16 8M28 18L40 8" {...line} strokeWidth={3} />,
    shoe: <Path d="M20 36q-4 -20 4 -30q10 -4 12 6q0 6 -4 10v14q-6 5 -12 0ZM21 26h11" {...line} />,
  },
  smell: {
    none: nothing,
    musk: (
      <Path
        d="M14 34q-6 -8 0 -14t0 -14M28 34q-6 -8 0 -14t0 -14M42 34q-6 -8 0 -14t0 -14"
        {...line}
      />
    ),
  },
  heard: {
    nothing,
    uproar: (
      <Path
        d="M10 26q4 -10 12 -6l8 -8l2 16l-8 2q-8 4 -14 -4ZM38 14q6 6 0 14M44 8q12 12 0 26"
        {...line}
      />
    ),
    barking: (
      <Path
        d="M8 12l6 4h10l10 6q2 8 -6 8H16q-8 -4 -8 -18ZM40 16q4 5 0 10M46 12q8 9 0 18"
        {...line}
      />
    ),
  },
};

interface Props {
  readonly question: SignQuestion;
  readonly answer: string;
}

export function SignPicture({ question, answer }: Props) {
  const drawn = Reflect.get(pictures[question], answer) as ReactNode;
  return (
    <Svg {...size} aria-hidden>
      {drawn}
    </Svg>
  );
}
