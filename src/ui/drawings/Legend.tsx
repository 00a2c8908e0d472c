/** The line code in words, only the lines that are on the page. */
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg from 'react-native-svg';
import type { BayMark } from '@/core/score/judge';
import { Txt } from '../controls/Txt';
import { lineCode } from '../theme/line-code';
import { space } from '../theme/tokens';
import { MarkedLine } from './MarkedLine';

const order: readonly BayMark[] = ['holds', 'hours', 'open', 'unread'];

interface Props {
  readonly marks: ReadonlySet<BayMark>;
  /** True: one below the other. */
  readonly standing?: boolean;
}

function MarksInWords({ marks, standing = false }: Props) {
  return (
    <View style={standing ? styles.column : styles.row}>
      {order
        .filter((mark) => marks.has(mark))
        .map((mark) => (
          <View key={mark} style={styles.one}>
            <Svg width={40} height={20} aria-hidden>
              <MarkedLine from={{ x: 2, y: 10 }} to={{ x: 38, y: 10 }} mark={mark} />
            </Svg>
            <Txt kind="small" tone="ink2">
              {lineCode[mark].name}
            </Txt>
          </View>
        ))}
    </View>
  );
}

export const Legend = memo(
  MarksInWords,
  (a, b) =>
    a.standing === b.standing && order.every((mark) => a.marks.has(mark) === b.marks.has(mark)),
);

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.l, rowGap: space.xs },
  column: { gap: space.xs },
  one: { flexDirection: 'row', alignItems: 'center', gap: space.s },
});
