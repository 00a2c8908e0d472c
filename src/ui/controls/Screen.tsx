/** A page of the application: scrolls, keeps to a readable width unless it is `full`. */
import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { color, readableWidth, space } from '../theme/tokens';
import { useKeptScroll } from './use-kept-scroll';

export function Screen({
  children,
  full,
}: {
  readonly children: ReactNode;
  readonly full?: boolean;
}) {
  const scroll = useKeptScroll();
  return (
    <ScrollView ref={scroll} style={styles.scroll} contentContainerStyle={styles.content}>
      <View style={[styles.page, !full && styles.narrow]}>{children}</View>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  scroll: { flex: 1, backgroundColor: color.field },
  content: { flexGrow: 1 },
  page: { width: '100%', paddingBottom: space.xxl },
  narrow: { maxWidth: readableWidth },
});
