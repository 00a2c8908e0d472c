/** Whole numbers beside each other: birds, eggs. */
import { StyleSheet, View } from 'react-native';
import { space } from '@/ui/theme/tokens';
import { NumberField } from './NumberField';

interface Count {
  readonly label: string;
  readonly value: number;
  /** Absent: none. */
  readonly least?: number;
  readonly onChange: (value: number) => void;
}

/** More of one flock is a slip. */
const most = 10_000;

export function CountFields({ counts }: { readonly counts: readonly Count[] }) {
  return (
    <View style={styles.fields}>
      {counts.map(({ label, value, least = 0, onChange }) => (
        <View key={label} style={styles.one}>
          <NumberField
            label={label}
            value={value}
            least={least}
            most={most}
            whole
            onChange={(next) => next !== undefined && onChange(next)}
          />
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  fields: { flexDirection: 'row', gap: space.s },
  one: { flex: 1, minWidth: 0 },
});
