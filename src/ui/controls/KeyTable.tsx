/** Keys and what they do, line by line. */
import { StyleSheet, View } from 'react-native';
import { space } from '../theme/tokens';
import { Txt } from './Txt';

export type KeyLine = readonly [key: string, does: string];

export function KeyTable({ keys }: { readonly keys: readonly KeyLine[] }) {
  return (
    <View style={styles.list}>
      {keys.map(([key, does]) => (
        <View key={key} style={styles.line}>
          <Txt kind="label" style={styles.key}>
            {key}
          </Txt>
          <Txt tone="ink2">{does}</Txt>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.xs },
  line: { flexDirection: 'row', gap: space.m },
  key: { width: 84 },
});
