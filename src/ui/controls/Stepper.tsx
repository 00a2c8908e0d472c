/** A small number by taps: one less, one more. */
import { StyleSheet, View } from 'react-native';
import { space } from '../theme/tokens';
import { Button } from './Button';
import { Txt } from './Txt';

interface Props {
  readonly label: string;
  readonly value: number;
  readonly most: number;
  readonly saysLess: string;
  readonly saysMore: string;
  readonly onChange: (value: number) => void;
}

export function Stepper({ label, value, most, saysLess, saysMore, onChange }: Props) {
  return (
    <View role="group" aria-label={label} style={styles.row}>
      <Txt kind="strong" style={styles.label}>
        {label}
      </Txt>
      <Button
        look="key"
        label="−"
        says={saysLess}
        disabled={value <= 0}
        onPress={() => onChange(value - 1)}
        style={styles.key}
      />
      <Txt kind="figure" style={styles.value}>
        {String(value)}
      </Txt>
      <Button
        look="key"
        label="+"
        says={saysMore}
        disabled={value >= most}
        onPress={() => onChange(value + 1)}
        style={styles.key}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: space.s },
  label: { flex: 1 },
  key: { minWidth: 64 },
  value: { minWidth: 48, textAlign: 'center' },
});
