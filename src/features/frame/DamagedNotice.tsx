/** Records of a place that cannot be read: what they are, that nothing of them is lost, and their bytes to be saved. */
import { StyleSheet, View } from 'react-native';
import type { Damaged } from '@/store/records';
import { saveAs } from '@/features/place/save-as';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { space } from '@/ui/theme/tokens';
import { frameText } from '@/words/screens/frame';

interface Props {
  readonly damaged: readonly Damaged[];
  /** Of the place itself: without it nothing else of it can be shown. */
  readonly isPlace?: boolean;
}

export function DamagedNotice({ damaged, isPlace = false }: Props) {
  const save = () =>
    saveAs(
      'rookle-unreadable-records.json',
      JSON.stringify(Object.fromEntries(damaged.map(({ key, text }) => [key, text])), null, 1),
    );
  return (
    <View style={styles.box}>
      <Notice>
        {isPlace ? frameText.thePlaceIsUnreadable(damaged) : frameText.someAreUnreadable(damaged)}
      </Notice>
      <Button look="plain" label={frameText.saveTheirBytes} onPress={save} />
    </View>
  );
}

const styles = StyleSheet.create({ box: { gap: space.s, padding: space.l } });
