/** All of them, except those that are touched; and a button that says it of the rest. Of a single one nothing is excepted. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { bayText } from '@/words/screens/bay';

interface Props {
  /** Id and name of each. */
  readonly all: readonly (readonly [string, string])[];
  readonly make: (names: readonly string[]) => string;
  readonly onMake: (ids: ReadonlySet<string>) => void;
}

export function Except({ all, make, onMake }: Props) {
  const [except, setExcept] = useState<ReadonlySet<string>>(new Set());
  const ids = new Set(all.map(([id]) => id).filter((id) => !except.has(id)));
  const toggle = (id: string) => {
    const next = new Set(except);
    if (!next.delete(id)) next.add(id);
    setExcept(next);
  };
  return (
    <>
      {all.length > 1 && (
        <>
          <Txt kind="strong">{bayText.exceptTapWhatIsDifferent}</Txt>
          <View style={styles.wrap}>
            {all.map(([id, name]) => (
              <Button
                key={id}
                look="chip"
                label={name}
                selected={except.has(id)}
                onPress={() => toggle(id)}
                style={styles.chip}
              />
            ))}
          </View>
        </>
      )}
      <Button
        label={make(all.flatMap(([id, name]) => (ids.has(id) ? [name] : [])))}
        disabled={ids.size === 0}
        onPress={() => onMake(ids)}
      />
    </>
  );
}

const styles = StyleSheet.create({
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  chip: { minWidth: 96, paddingHorizontal: space.m },
});
