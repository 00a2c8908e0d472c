/** A labelled line to type in. */
import { StyleSheet, TextInput, View } from 'react-native';
import { Txt } from '@/ui/controls/Txt';
import { color, font, space, touch } from '@/ui/theme/tokens';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
}

export function Field({ label, value, onChange }: Props) {
  return (
    <View style={styles.field}>
      <Txt kind="strong">{label}</Txt>
      <TextInput aria-label={label} value={value} onChangeText={onChange} style={styles.input} />
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
