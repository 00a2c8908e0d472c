/** A page in two columns where there is room, each scrolling by itself; one under the other where there is not. */
import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { color, readableWidth, space } from '../theme/tokens';
import { useWide } from '../theme/use-wide';
import { Screen } from './Screen';
import { useKeptScroll } from './use-kept-scroll';

interface Props {
  /** What the page is about, above everything on a phone and above the left column on a wide screen. */
  readonly head: ReactNode;
  readonly left: ReactNode;
  readonly right: ReactNode;
  /** Read out for the column that scrolls. */
  readonly names: readonly [left: string, right: string];
  /** On a phone the right column comes first: a drawing. */
  readonly rightFirst?: boolean;
}

export function Columns({ head, left, right, names, rightFirst = false }: Props) {
  const wide = useWide();
  const [leftScroll, rightScroll] = [useKeptScroll('left'), useKeptScroll('right')];
  if (!wide) {
    return (
      <Screen>
        {head}
        {rightFirst && right}
        {left}
        {!rightFirst && right}
      </Screen>
    );
  }
  return (
    <View style={styles.wide}>
      <ScrollView
        ref={leftScroll}
        style={styles.left}
        role="region"
        tabIndex={0}
        aria-label={names[0]}
      >
        {head}
        {left}
        <View style={styles.end} />
      </ScrollView>
      <ScrollView
        ref={rightScroll}
        style={styles.right}
        role="region"
        tabIndex={0}
        aria-label={names[1]}
      >
        {right}
        <View style={styles.end} />
      </ScrollView>
    </View>
  );
}

const styles = StyleSheet.create({
  wide: { flex: 1, flexDirection: 'row', backgroundColor: color.field },
  left: { flex: 1, minWidth: 0, maxWidth: readableWidth },
  right: {
    flex: 1,
    minWidth: 0,
    borderLeftWidth: 1,
    borderLeftColor: color.hairline,
  },
  end: { height: space.xl },
});
