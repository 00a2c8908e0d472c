/** A part of a page under a heading of its own. */
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { color, space } from '../theme/tokens';
import { Txt } from './Txt';

export function Part({
  title,
  children,
}: {
  readonly title: string;
  readonly children: ReactNode;
}) {
  return (
    <View role="group" aria-label={title} style={styles.part}>
      <Txt kind="heading">{title}</Txt>
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  part: {
    padding: space.l,
    gap: space.m,
    backgroundColor: color.paper,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
});
