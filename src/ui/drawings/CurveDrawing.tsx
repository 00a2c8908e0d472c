/** Birds lost over money: steps down, the knee ringed, a line where the budget stands. */
import Svg, { Circle, Line, Path } from 'react-native-svg';
import { color } from '../theme/tokens';
import { SvgText } from './SvgText';

interface Props {
  readonly points: readonly { readonly cents: number; readonly birds: number }[];
  readonly knee: number;
  readonly budget: number | undefined;
  readonly width: number;
  readonly says: string;
  readonly moneyOf: (cents: number) => string;
  readonly birdsOf: (birds: number) => string;
}

const height = 190;
const pad = { left: 44, right: 18, top: 18, bottom: 30 };

export function CurveDrawing({ points, knee, budget, width, says, moneyOf, birdsOf }: Props) {
  const last = points.at(-1);
  const first = points[0];
  if (!first || !last || last.cents === 0) return null;
  const most = last.cents * 1.08;
  const x = (cents: number) =>
    pad.left + (Math.min(cents, most) / most) * (width - pad.left - pad.right);
  const y = (birds: number) =>
    height - pad.bottom - (birds / first.birds) * (height - pad.top - pad.bottom);
  const steps = points
    .slice(1)
    .map(({ cents, birds }) => `H${x(cents)}V${y(birds)}`)
    .join('');
  const bend = points[knee];
  return (
    <Svg width={width} height={height} role="img" aria-label={says}>
      <Line
        x1={pad.left}
        x2={width - pad.right}
        y1={y(0)}
        y2={y(0)}
        stroke={color.ink3}
        strokeWidth={1}
      />
      {budget !== undefined && (
        <Line
          x1={x(budget)}
          x2={x(budget)}
          y1={pad.top - 8}
          y2={y(0)}
          stroke={color.strand}
          strokeWidth={4}
        />
      )}
      <Path
        d={`M${x(first.cents)} ${y(first.birds)}${steps}H${width - pad.right}`}
        fill="none"
        stroke={color.ink}
        strokeWidth={2.5}
      />
      {points.map(({ cents, birds }) => (
        <Circle key={cents} cx={x(cents)} cy={y(birds)} r={3.5} fill={color.ink} />
      ))}
      {bend && knee > 0 && knee < points.length - 1 && (
        <Circle
          cx={x(bend.cents)}
          cy={y(bend.birds)}
          r={9}
          fill="none"
          stroke={color.holds}
          strokeWidth={3}
        />
      )}
      <SvgText x={pad.left - 8} y={y(first.birds) + 5} anchor="end" size={15}>
        {birdsOf(first.birds)}
      </SvgText>
      <SvgText x={pad.left - 8} y={y(0) + 5} anchor="end" size={15}>
        {birdsOf(0)}
      </SvgText>
      <SvgText x={x(0)} y={height - 8} anchor="middle" size={15}>
        {moneyOf(0)}
      </SvgText>
      <SvgText x={x(last.cents)} y={height - 8} anchor="end" size={15}>
        {moneyOf(last.cents)}
      </SvgText>
    </Svg>
  );
}
