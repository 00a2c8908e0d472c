/** Hold over the days it was walked, all judged on what threatens now; ways in under each. */
import { yardText } from '@/words/screens/yard';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, G, Line, Path } from 'react-native-svg';
import type { TrendPoint } from '@/core/score/trend';
import { Txt } from '@/ui/controls/Txt';
import { SvgText } from '@/ui/drawings/SvgText';
import { color, space } from '@/ui/theme/tokens';
import { useWidth } from '@/ui/theme/use-width';
import { dayWords } from '@/words/day-words';
import { holdWords } from '@/words/headline';

const height = 132;
const [left, right, top, foot] = [34, 20, 12, 34];

/** Only the last dozen: more would be a smear on a phone. */
const most = 12;

export function Trend({ points }: { readonly points: readonly TrendPoint[] }) {
  const { width, onLayout } = useWidth(340);
  const shown = points.slice(-most).filter(({ hold }) => hold.best !== null);
  if (shown.length < 2) {
    return (
      <Txt tone="ink2">
        {points.length === 0 ? yardText.walkItOnceAndIt : yardText.oneDayWalkedSoFar}
      </Txt>
    );
  }
  const x = (index: number) => left + (index * (width - left - right)) / (shown.length - 1);
  const y = (hold: number | null) => top + (1 - (hold ?? 0) / 100) * (height - top - foot);
  const path = (end: 'best' | 'worst') =>
    shown
      .map(({ hold }, index) => `${index === 0 ? 'M' : 'L'}${x(index)} ${y(hold[end])}`)
      .join('');
  const says = shown
    .map(
      ({ date, hold, waysIn }) =>
        `${dayWords(date)}: ${holdWords(hold).toLowerCase()}, ${yardText.waysIn(waysIn)}`,
    )
    .join('; ');
  return (
    <View onLayout={onLayout} style={styles.trend}>
      <Txt kind="sub">{yardText.howItCameAlong}</Txt>
      <Svg width={width} height={height} role="img" aria-label={yardText.holdWalkByWalk(says)}>
        {[0, 50, 100].map((hold) => (
          <G key={hold}>
            <Line
              x1={left}
              x2={width - right}
              y1={y(hold)}
              y2={y(hold)}
              stroke={color.hairline}
              strokeWidth={1}
            />
            <SvgText x={left - 6} y={y(hold) + 5} anchor="end" size={14}>
              {String(hold)}
            </SvgText>
          </G>
        ))}
        <Path
          d={path('worst')}
          fill="none"
          stroke={color.ink3}
          strokeWidth={2}
          strokeDasharray="2 5"
        />
        <Path d={path('best')} fill="none" stroke={color.holds} strokeWidth={4} />
        {shown.map(({ date, hold, waysIn }, index) => (
          <G key={date}>
            <Circle cx={x(index)} cy={y(hold.best)} r={5} fill={color.holds} />
            <SvgText
              x={x(index)}
              y={height - 16}
              size={14}
              fill={waysIn > 0 ? color.openText : color.ink2}
              strong
            >
              {String(waysIn)}
            </SvgText>
          </G>
        ))}
        <SvgText x={left} y={height - 1} anchor="start" size={14}>
          {dayWords(shown[0]?.date ?? '')}
        </SvgText>
        <SvgText x={width - right + 8} y={height - 1} anchor="end" size={14}>
          {dayWords(shown.at(-1)?.date ?? '')}
        </SvgText>
      </Svg>
      <Txt kind="small" tone="ink2">
        {yardText.lineHoldWithEverythingUnread}
      </Txt>
    </View>
  );
}

const styles = StyleSheet.create({ trend: { gap: space.xs } });
