/**
 * Nights in a row, oldest first: a shut door for one that was shut, hung above or below the line of dark by how late it was; an empty
 * frame for one on which a door stood open; a dot where nobody said. Thirty to a line on a phone.
 */
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import type { NightMark } from '@/core/nights/history';
import { nightsText } from '@/words/screens/nights';
import { color, space } from '../theme/tokens';
import { useWidth } from '../theme/use-width';
import { usePageWidth } from '../theme/use-page-width';
import { SvgText } from './SvgText';

/** px */
const rowHeight = 92;
const middle = 36;
const reach = 22;
const doorHeight = 18;
const widest = 14;
/** Drawn as far as this from dark, minutes. */
const latest = 60;
/** A night has at least so much room, px. */
const least = 10;

interface Props {
  readonly marks: readonly NightMark[];
  /** The column it stands in. */
  readonly column: 'left' | 'right';
}

export function NightMarks({ marks, column }: Props) {
  const { width, onLayout } = useWidth(usePageWidth(column) - 2 * space.l);
  const perRow = width / marks.length >= least ? marks.length : Math.ceil(marks.length / 2);
  const rows = Array.from({ length: Math.ceil(marks.length / perRow) }, (_, row) =>
    marks.slice(row * perRow, (row + 1) * perRow),
  );
  const step = width / perRow;
  const shut = marks.filter(({ state }) => state === 'shut').length;
  const missed = marks.filter(({ state }) => state === 'missed').length;
  return (
    <View onLayout={onLayout} style={styles.box}>
      <Svg
        width={width}
        height={rows.length * rowHeight}
        role="img"
        aria-label={nightsText.marksSay(marks.length, shut, missed)}
      >
        {rows.map((row, index) => (
          <G key={index} y={index * rowHeight}>
            <Line
              x1={0}
              x2={row.length * step}
              y1={middle}
              y2={middle}
              stroke={color.ink3}
              strokeWidth={1}
              strokeDasharray="2 4"
            />
            {row.map((mark, at) => (
              <G key={mark.date} x={(at + 0.5) * step}>
                <Mark mark={mark} width={Math.min(widest, step - 3)} />
              </G>
            ))}
            <SvgText x={0} y={rowHeight - 4} size={13} anchor="start">
              {nightsText.shortDay(row[0]?.date ?? '')}
            </SvgText>
            <SvgText x={row.length * step} y={rowHeight - 4} size={13} anchor="end">
              {nightsText.shortDay(row.at(-1)?.date ?? '')}
            </SvgText>
          </G>
        ))}
      </Svg>
    </View>
  );
}

function Mark({ mark, width }: { readonly mark: NightMark; readonly width: number }) {
  const { state, late = 0, isAway, isFoundOpen } = mark;
  const y = middle + (Math.max(-latest, Math.min(latest, late)) / latest) * reach;
  const top = y - doorHeight / 2;
  return (
    <>
      {state === 'not-known' && <Circle cx={0} cy={middle} r={2} fill={color.wire} />}
      {state === 'shut' && (
        <Rect x={-width / 2} y={top} width={width} height={doorHeight} rx={1} fill={color.holds} />
      )}
      {state === 'missed' && (
        <Path
          d={`M${-width / 2} ${middle + doorHeight / 2}v${-doorHeight}h${width}v${doorHeight}`}
          fill="none"
          stroke={color.open}
          strokeWidth={2.5}
        />
      )}
      {isFoundOpen && <Circle cx={0} cy={middle} r={2.5} fill={color.open} />}
      {isAway && (
        <Path
          d={`M${-width / 2} ${middle + reach + 18}l${width / 2} -5l${width / 2} 5`}
          fill="none"
          stroke={color.ink2}
          strokeWidth={1.5}
        />
      )}
    </>
  );
}

const styles = StyleSheet.create({ box: { alignSelf: 'stretch' } });
