/** The yard's keys, said where there is a keyboard. */
import { yardText } from '@/words/screens/yard';
import { StyleSheet, View } from 'react-native';
import { KeyTable } from '@/ui/controls/KeyTable';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { yardKeys } from './use-yard-keys';

export function KeyList() {
  return (
    <View style={styles.box}>
      <Txt kind="heading">{yardText.byKeyboard}</Txt>
      <KeyTable keys={yardKeys} />
    </View>
  );
}

const styles = StyleSheet.create({ box: { padding: space.l, gap: space.xs } });
