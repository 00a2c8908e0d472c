/** The whole place as one file: out, in, and gone from this browser. */
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { backupName, backupText } from '@/store/backup';
import { localDay } from '@/store/local-day';
import { exportText } from '@/store/open-file';
import { removePlace } from '@/store/places';
import { Unreadable, type Yard } from '@/store/records';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { notSavedWords } from '@/words/not-saved-words';
import { OpenFileButton } from './OpenFileButton';
import { saveAs } from './save-as';

export function FileBlock({ yard }: { readonly yard: Yard }) {
  const router = useRouter();
  const client = useQueryClient();
  const [asking, setAsking] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const [saving, setSaving] = useState(false);
  const saveAll = () => {
    setSaving(true);
    backupText(yard)
      .then((text) => saveAs(backupName(yard.place.id, localDay(new Date())), text))
      .catch((error: unknown) =>
        setTrouble(
          error instanceof Unreadable
            ? 'A photo of this place is damaged or was kept by a newer Rookle. Save a copy without photos; nothing was changed.'
            : notSavedWords(error),
        ),
      )
      .finally(() => setSaving(false));
  };
  const forget = () => {
    removePlace(client, yard.place.id)
      .then(() => router.replace('/begin'))
      .catch((error: unknown) => setTrouble(notSavedWords(error)));
  };
  return (
    <Part title="The file">
      <Txt tone="ink2">
        Everything is kept in this browser only. A file of it is your copy: structure, every walk,
        every mend, prices and purchases; with the photos or without. Either is opened again below.
      </Txt>
      {trouble && <Notice>{trouble}</Notice>}
      <Button label={saving ? 'Saving …' : 'Save everything, photos too'} onPress={saveAll} />
      <Button
        look="plain"
        label="Save a copy as a file"
        onPress={() => saveAs(`${yard.place.id}.json`, exportText(yard))}
      />
      <OpenFileButton label="Open a file" onOpened={() => router.replace('/')} />
      {asking ? (
        <View style={styles.asking}>
          <Txt kind="strong">
            Take {yard.place.name} away? It can be brought back until you remove it for good.
          </Txt>
          <Button look="warn" label={`Yes, remove ${yard.place.name}`} onPress={forget} />
          <Button look="plain" label="Keep it" onPress={() => setAsking(false)} />
        </View>
      ) : (
        <Button look="plain" label="Remove from this browser" onPress={() => setAsking(true)} />
      )}
    </Part>
  );
}

const styles = StyleSheet.create({ asking: { gap: space.s } });
