/** One of a few, as chips under a label. */
import { StyleSheet, View } from 'react-native';
import { Button } from './Button';
import { Txt } from './Txt';
import { space } from '../theme/tokens';

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly options: readonly (readonly [T, string])[];
  readonly value: T;
  readonly onChange: (value: T) => void;
}

export function Choice<T extends string>({ label, options, value, onChange }: ChoiceProps<T>) {
  return (
    <View role="group" aria-label={label} style={styles.choice}>
      <Txt kind="strong">{label}</Txt>
      <View style={styles.wrap}>
        {options.map(([id, name]) => (
          <Button
            key={id}
            look="chip"
            label={name}
            selected={id === value}
            onPress={() => onChange(id)}
            style={styles.chip}
          />
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  choice: { gap: space.s },
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  chip: { minWidth: 96, paddingHorizontal: space.m },
});
