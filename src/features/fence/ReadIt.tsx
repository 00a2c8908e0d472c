/** What the tester shows, typed and written down. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { readAmount } from '@/core/walk/amount-entry';
import { Button } from '@/ui/controls/Button';
import { Field } from '@/ui/controls/Field';
import { space } from '@/ui/theme/tokens';
import { fenceText } from '@/words/screens/fence';

/** kV */
const most = 15;

export function ReadIt({ onRead }: { readonly onRead: (volts: number) => void }) {
  const [text, setText] = useState('');
  const [isWrong, setIsWrong] = useState(false);
  const write = () => {
    const read = readAmount(text, 'kV', most);
    setIsWrong('problem' in read);
    if (!('problem' in read)) onRead(read.value);
  };
  return (
    <View style={styles.box}>
      <Field
        label={fenceText.itReads}
        value={text}
        onChange={(it) => {
          setText(it);
          setIsWrong(false);
        }}
        trouble={isWrong ? fenceText.cannotBe : undefined}
        numeric
      />
      <Button label={fenceText.note} onPress={write} />
    </View>
  );
}

const styles = StyleSheet.create({ box: { gap: space.s } });
