/** Records of a place that cannot be read: what they are, that nothing of them is lost, their bytes to be saved; and having done with them. */
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { canBePutAway, putAway } from '@/store/damaged';
import type { Damaged } from '@/store/records';
import { saveAs } from '@/features/place/save-as';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { space } from '@/ui/theme/tokens';
import { notSavedWords } from '@/words/not-saved-words';
import { frameText } from '@/words/screens/frame';

interface Props {
  readonly damaged: readonly Damaged[];
  /** Whose they are; absent where the place itself is among them: without it nothing else of it can be shown. */
  readonly placeId?: string;
}

export function DamagedNotice({ damaged, placeId }: Props) {
  const client = useQueryClient();
  const [trouble, setTrouble] = useState<string>();
  const save = () => saveRecords(Object.fromEntries(damaged.map(({ key, text }) => [key, text])));
  return (
    <View style={styles.box}>
      <Notice>
        {placeId === undefined
          ? frameText.thePlaceIsUnreadable(damaged)
          : frameText.someAreUnreadable(damaged)}
      </Notice>
      {trouble && <Notice>{trouble}</Notice>}
      <Button look="plain" label={frameText.saveTheirBytes} onPress={save} />
      {placeId !== undefined && damaged.some(canBePutAway) && (
        <Button
          look="plain"
          label={frameText.putAwayDamaged}
          onPress={() => {
            setTrouble(undefined);
            putAway(client, placeId, damaged).catch((wrong: unknown) =>
              setTrouble(notSavedWords(wrong)),
            );
          }}
        />
      )}
    </View>
  );
}

/** By the keys they are kept under. */
export function saveRecords(records: Readonly<Record<string, string>>): void {
  saveAs('rookle-unreadable-records.json', JSON.stringify(records, null, 1));
}

const styles = StyleSheet.create({ box: { gap: space.s, padding: space.l } });
