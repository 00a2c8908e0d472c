/** An entry of a list, with small buttons behind it: change, take out. */
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { color, space } from '../theme/tokens';
import { Button } from './Button';

interface Act {
  readonly label: string;
  /** Which entry it is, said besides. */
  readonly says: string;
  readonly onPress: () => void;
}

interface Props {
  readonly acts: readonly Act[];
  readonly children: ReactNode;
}

export function EntryRow({ acts, children }: Props) {
  return (
    <View style={styles.row}>
      <View style={styles.words}>{children}</View>
      {acts.map((act) => (
        <Button key={act.label} look="key" {...act} />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.s,
    paddingVertical: space.s,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  words: { flex: 1, gap: 2 },
});
