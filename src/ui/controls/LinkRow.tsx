/** A row that leads somewhere: hairline above, room for a figure at the left. Without an address it only says. */
import { Link, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { color, space, touch } from '../theme/tokens';

interface Props {
  readonly href: Href | undefined;
  readonly says: string;
  readonly lead?: ReactNode;
  /** One of several side by side, as wide as the others. */
  readonly beside?: boolean;
  readonly children: ReactNode;
}

export function LinkRow({ href, says, lead, beside = false, children }: Props) {
  const style = StyleSheet.flatten([styles.row, beside && styles.beside]);
  const inside = (
    <>
      {lead !== undefined && <View style={styles.lead}>{lead}</View>}
      <View style={styles.body}>{children}</View>
    </>
  );
  if (href === undefined) return <View style={style}>{inside}</View>;
  return (
    <Link href={href} asChild>
      <Pressable aria-label={says} style={style}>
        {inside}
      </Pressable>
    </Link>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    minHeight: touch,
    paddingVertical: space.m,
    paddingHorizontal: space.l,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
    gap: space.m,
  },
  beside: { flex: 1, borderRightWidth: 1, borderRightColor: color.hairline },
  lead: { width: 56, alignItems: 'flex-end' },
  body: { flex: 1, gap: 2 },
});
