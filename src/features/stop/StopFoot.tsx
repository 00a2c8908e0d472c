/** The foot of a stop, within the thumb's reach: the one big button, always in the same corner, says what it does; beside it ways back, out, and past what is unread. */
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/controls/Button';
import { color, space } from '@/ui/theme/tokens';
import { useWide } from '@/ui/theme/use-wide';
import { stopText } from '@/words/screens/stop';

/** A button that leads on. */
export interface Onward {
  readonly label: string;
  readonly press: () => void;
}

interface Props {
  readonly onBack: () => void;
  readonly onLeave: () => void;
  readonly busy: boolean;
  readonly main: Onward;
  /** Goes on and leaves unread what the big button would read or say. */
  readonly passOver: Onward | undefined;
}

export function StopFoot({ onBack, onLeave, busy, main, passOver }: Props) {
  const wide = useWide();
  const big = (
    <Button
      label={main.label}
      disabled={busy}
      deliberate
      onPress={main.press}
      style={styles.main}
    />
  );
  const isStacked = passOver !== undefined && !wide;
  return (
    <View style={styles.foot}>
      <View style={styles.row}>
        <Button
          look="plain"
          label={stopText.back}
          disabled={busy}
          onPress={onBack}
          style={styles.back}
        />
        <Button
          look="plain"
          label={stopText.leave}
          disabled={busy}
          onPress={onLeave}
          style={styles.back}
        />
        {passOver && (
          <Button
            look="plain"
            label={passOver.label}
            disabled={busy}
            deliberate
            onPress={passOver.press}
            style={isStacked ? styles.grow : styles.past}
          />
        )}
        {!isStacked && big}
      </View>
      {isStacked && <View style={styles.row}>{big}</View>}
    </View>
  );
}

const styles = StyleSheet.create({
  foot: { padding: space.m, gap: space.s, borderTopWidth: 1, borderTopColor: color.hairline },
  // On a screen of large letters what leads on takes a line of its own.
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  back: { minWidth: 62, paddingHorizontal: space.s },
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 100 },
  past: { paddingHorizontal: space.m },
  main: { flexGrow: 1, flexShrink: 1, flexBasis: 150, minHeight: 58 },
});
