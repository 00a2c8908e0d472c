/** A few to choose from, as chips that wrap. */
import { StyleSheet, View } from 'react-native';
import { space } from '../theme/tokens';
import { Button } from './Button';

interface Props<T extends string> {
  readonly options: readonly (readonly [T, string])[];
  readonly value: T | undefined;
  readonly onChoose: (value: T) => void;
  /** For short names: four beside each other on a phone. */
  readonly narrow?: boolean;
}

export function Chips<T extends string>({ options, value, onChoose, narrow }: Props<T>) {
  return (
    <View style={styles.wrap}>
      {options.map(([id, name]) => (
        <Button
          key={id}
          look="chip"
          label={name}
          selected={id === value}
          onPress={() => onChoose(id)}
          style={[styles.chip, narrow && styles.narrow]}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  chip: { minWidth: 96, paddingHorizontal: space.m },
  narrow: { minWidth: 78, paddingHorizontal: space.s },
});
