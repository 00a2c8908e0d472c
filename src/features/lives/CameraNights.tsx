/** Nights a camera watched and saw none of them: that tells, too. */
import { livesText } from '@/words/screens/lives';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/controls/Button';
import { Field } from '@/ui/controls/Field';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';

/** As many as the file takes. */
const most = 3660;

export function CameraNights({ onLog }: { readonly onLog: (nights: number) => void }) {
  const [text, setText] = useState('');
  const [trouble, setTrouble] = useState<string>();
  const log = () => {
    const nights = Number(text.trim());
    if (!Number.isInteger(nights) || nights < 1 || nights > most) {
      setTrouble(livesText.wholeNights(most));
      return;
    }
    setTrouble(undefined);
    setText('');
    onLog(nights);
  };
  return (
    <Part title={livesText.cameraNightsWithNothing}>
      <Txt tone="ink2">{livesText.nightsUpToLastNight}</Txt>
      <View style={styles.line}>
        <View style={styles.field}>
          <Field
            label={livesText.nights}
            value={text}
            onChange={setText}
            numeric
            {...(trouble !== undefined && { trouble })}
          />
        </View>
        <Button look="plain" label={livesText.logThem} onPress={log} style={styles.button} />
      </View>
    </Part>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'flex-end', gap: space.m },
  field: { flex: 1, maxWidth: 220 },
  button: { minWidth: 120 },
});
