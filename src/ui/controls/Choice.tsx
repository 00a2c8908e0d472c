/** One of a few, as chips under a label. */
import { StyleSheet, View } from 'react-native';
import { space } from '../theme/tokens';
import { Chips } from './Chips';
import { Txt } from './Txt';

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly options: readonly (readonly [T, string])[];
  /** Absent: nothing is chosen yet. */
  readonly value: T | undefined;
  readonly onChange: (value: T) => void;
}

export function Choice<T extends string>({ label, options, value, onChange }: ChoiceProps<T>) {
  return (
    <View role="group" aria-label={label} style={styles.choice}>
      <Txt kind="strong">{label}</Txt>
      <Chips options={options} value={value} onChoose={onChange} />
    </View>
  );
}

const styles = StyleSheet.create({ choice: { gap: space.s } });
