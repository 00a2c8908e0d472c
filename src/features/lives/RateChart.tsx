/** How the log moved one animal's rate: visits by times, for rates are told apart by how many times, not by how much. */
import { livesText } from '@/words/screens/lives';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, Line, Path } from 'react-native-svg';
import type { RateHistory } from '@/core/score/rate-history';
import { Txt } from '@/ui/controls/Txt';
import { color } from '@/ui/theme/tokens';
import { useWidth } from '@/ui/theme/use-width';

const height = 56;
const pad = 8;
/** A rate moved by less than this many times is not worth a drawing. */
const worthDrawing = 1.05;
/** At least so many times lie between the foot of the drawing and its head. */
const leastSpan = 4;

export function RateChart({
  name,
  history,
}: {
  readonly name: string;
  readonly history: RateHistory;
}) {
  const { width, onLayout } = useWidth(320);
  const { usual, points } = history;
  const last = points.at(-1);
  if (!last || usual === 0) return null;
  const rates = [usual, ...points.map(({ visits }) => visits)];
  const [least, most] = [Math.min(...rates), Math.max(...rates)];
  if (most / least < worthDrawing) return null;
  const middle = Math.sqrt(least * most);
  const span = Math.max(leastSpan, (most / least) * 1.3);
  const y = (visits: number) => {
    const share = 0.5 + Math.log(visits / middle) / Math.log(span);
    return height - pad - share * (height - 2 * pad);
  };
  const from = Date.parse(points[0]?.date ?? last.date);
  const days = Math.max(Date.parse(last.date) - from, 1);
  // What was reckoned before stands at the left edge.
  const start = width * 0.25;
  const x = (date: string) => start + ((Date.parse(date) - from) / days) * (width - start - pad);
  const steps = points.map(({ date, visits }) => `H${x(date)}V${y(visits)}`).join('');
  const says = livesText.reckonedSeasonApartByThe(name, usual, last.visits);
  return (
    <View onLayout={onLayout} style={styles.chart}>
      <Svg width={width} height={height} role="img" aria-label={says}>
        <Line
          x1={pad}
          x2={width - pad}
          y1={y(usual)}
          y2={y(usual)}
          stroke={color.ink3}
          strokeWidth={1.5}
          strokeDasharray="2 5"
        />
        <Path
          d={`M${pad} ${y(usual)}${steps}H${width - pad}`}
          fill="none"
          stroke={color.ink}
          strokeWidth={2.5}
        />
        <Circle cx={width - pad} cy={y(last.visits)} r={4.5} fill={color.ink} />
      </Svg>
      <Txt kind="small" tone="ink2">
        {livesText.reckonedDottedByTheLog(usual, last.visits)}
      </Txt>
    </View>
  );
}

const styles = StyleSheet.create({ chart: { gap: 0 } });
