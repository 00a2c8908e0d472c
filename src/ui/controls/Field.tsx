/** A labelled line to type in. */
import { StyleSheet, TextInput, View } from 'react-native';
import { Txt } from './Txt';
import { color, font, space, touch } from '../theme/tokens';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** A plain number: the keys of a telephone. */
  readonly numeric?: boolean;
  /** The field was left; Enter leaves it. */
  readonly onDone?: () => void;
  /** Said under it while what stands in it cannot be read. */
  readonly trouble?: string | undefined;
}

export function Field({ label, value, onChange, numeric = false, onDone, trouble }: Props) {
  return (
    <View style={styles.field}>
      <Txt kind="strong">{label}</Txt>
      <TextInput
        aria-label={label}
        value={value}
        onChangeText={onChange}
        style={styles.input}
        {...(onDone && { onBlur: onDone })}
        {...(numeric && { inputMode: 'numeric' as const })}
        {...(trouble !== undefined && { 'aria-invalid': true })}
      />
      {trouble !== undefined && (
        <Txt kind="small" tone="open" live>
          {trouble}
        </Txt>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  field: { gap: space.xs },
  input: {
    minHeight: touch,
    paddingHorizontal: space.m,
    borderWidth: 1,
    borderColor: color.wire,
    borderRadius: 8,
    backgroundColor: color.paper,
    fontFamily: font.text,
    fontSize: 18,
    color: color.ink,
  },
});
