/** A line that is ticked off, with a box large enough for a glove. */
import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import Svg, { Path, Rect } from 'react-native-svg';
import { color, space, touch } from '../theme/tokens';
import { onKey } from './on-key';

interface Props {
  readonly says: string;
  readonly checked: boolean;
  readonly onPress: () => void;
  /** Chosen rather than done with: it does not fade. */
  readonly isChoice?: boolean;
  readonly children: ReactNode;
}

export function CheckRow({ says, checked, onPress, isChoice = false, children }: Props) {
  return (
    <Pressable
      role="checkbox"
      aria-label={says}
      aria-checked={checked}
      onPress={onPress}
      style={styles.row}
      {...onKey(({ key }) => {
        if (key !== ' ') return false;
        onPress();
        return true;
      })}
    >
      <Svg width={32} height={32} viewBox="0 0 32 32" aria-hidden>
        <Rect
          x={2}
          y={2}
          width={28}
          height={28}
          rx={4}
          fill={checked ? color.holds : color.paper}
          stroke={checked ? color.holds : color.wire}
          strokeWidth={2.5}
        />
        {checked && (
          <Path
            d="M8 17L14 23L25 10"
            fill="none"
            stroke={color.onHolds}
            strokeWidth={4}
            strokeLinecap="round"
          />
        )}
      </Svg>
      <View style={[styles.words, checked && !isChoice && styles.done]}>{children}</View>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    minHeight: touch,
    paddingVertical: space.s,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  words: { flex: 1, minWidth: 0, gap: 2 },
  done: { opacity: 0.75 },
});
