/** A few to choose from, as chips that wrap. */
import { StyleSheet, View } from 'react-native';
import { space } from '../theme/tokens';
import { Button } from './Button';

interface Props<T extends string> {
  readonly options: readonly (readonly [T, string])[];
  readonly value: T | undefined;
  readonly onChoose: (value: T) => void;
}

export function Chips<T extends string>({ options, value, onChoose }: Props<T>) {
  return (
    <View style={styles.wrap}>
      {options.map(([id, name]) => (
        <Button
          key={id}
          look="chip"
          label={name}
          selected={id === value}
          onPress={() => onChoose(id)}
          style={styles.chip}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  chip: { minWidth: 96, paddingHorizontal: space.m },
});
