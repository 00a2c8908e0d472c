/** One of many: shows what is chosen; pressed, it opens on all the others. `<Picker label="Mesh" … />` */
import { uiText } from '@/words/screens/ui';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { space } from '../theme/tokens';
import { Button } from './Button';
import { Chips } from './Chips';
import { Txt } from './Txt';

interface Props<T extends string> {
  readonly label: string;
  readonly options: readonly (readonly [T, string])[];
  readonly value: T | undefined;
  /** What is shown where nothing is chosen. */
  readonly none: string;
  readonly onChange: (value: T) => void;
}

export function Picker<T extends string>({ label, options, value, none, onChange }: Props<T>) {
  const [open, setOpen] = useState(false);
  const shown = options.find(([id]) => id === value)?.[1] ?? none;
  return (
    <View role="group" aria-label={label} style={styles.picker}>
      <View style={styles.line}>
        <View style={styles.words}>
          <Txt kind="small" tone="ink2">
            {label}
          </Txt>
          <Txt kind="strong">{shown}</Txt>
        </View>
        <Button
          look="key"
          label={open ? uiText.close : uiText.change}
          says={(open ? uiText.closePicker : uiText.changePicker)(label, shown)}
          onPress={() => setOpen(!open)}
          style={styles.change}
        />
      </View>
      {open && (
        <Chips
          options={options}
          value={value}
          onChoose={(id) => {
            setOpen(false);
            if (id !== value) onChange(id);
          }}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  picker: { gap: space.s },
  line: { flexDirection: 'row', alignItems: 'center', gap: space.m },
  words: { flex: 1, minWidth: 0 },
  change: { minWidth: 88 },
});
