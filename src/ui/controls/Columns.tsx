/** A page in two columns where there is room, each scrolling by itself; one under the other where there is not. */
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { color, readableWidth, space } from '../theme/tokens';
import { usePrinting } from '../theme/printing';
import { useWide } from '../theme/use-wide';
import { Column } from './Column';
import { Screen } from './Screen';

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
  // On paper it runs from page to page by itself.
  const printing = usePrinting();
  const wide = useWide() && !printing;
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
      <Column name={names[0]} style={styles.left}>
        {head}
        {left}
        <View style={styles.end} />
      </Column>
      <Column name={names[1]} style={styles.right}>
        {right}
        <View style={styles.end} />
      </Column>
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
