/** The whole place as one file: out, in, and gone from this browser. */
import { placeText } from '@/words/screens/place';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useRouterHere } from '@/features/frame/use-router-here';
import { backupFile, backupName, manyPhotos, TooLarge } from '@/store/backup';
import { localDay } from '@/store/local-day';
import { saveRecords } from '@/features/frame/DamagedNotice';
import { loadPutAway, putAwayKey } from '@/store/damaged';
import { exportText } from '@/store/keep-place';
import { photoIds, photosKey } from '@/store/photos';
import { removePlace } from '@/store/places';
import type { Yard } from '@/store/records';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { notSavedWords } from '@/words/not-saved-words';
import { OpenFileButton } from './OpenFileButton';
import { saveAs } from './save-as';

/** Browsers keep a page for when there is no network only where it came over https, or from this machine. */
const opensOffline = typeof navigator === 'undefined' || 'serviceWorker' in navigator;

export function FileBlock({ yard }: { readonly yard: Yard }) {
  const router = useRouterHere();
  const client = useQueryClient();
  const { data: photos = 0 } = useQuery({
    queryKey: [...photosKey(yard.place.id), 'count'],
    queryFn: async () => (await photoIds(yard.place.id)).length,
    networkMode: 'always',
  });
  const { data: putAway = [] } = useQuery({
    queryKey: putAwayKey(yard.place.id),
    queryFn: async () => Object.entries(await loadPutAway(yard.place.id)),
    networkMode: 'always',
  });
  const [asking, setAsking] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const [saving, setSaving] = useState(false);
  const saveAll = () => {
    const at = new Date();
    setTrouble(undefined);
    setSaving(true);
    backupFile(yard, at)
      .then((file) => saveAs(backupName(yard.place.id, localDay(at)), file, 'application/zip'))
      .catch((error: unknown) =>
        setTrouble(error instanceof TooLarge ? placeText.tooManyPhotos : notSavedWords(error)),
      )
      .finally(() => setSaving(false));
  };
  const forget = () => {
    removePlace(client, yard.place.id)
      .then(() => router.replace('/begin'))
      .catch((error: unknown) => setTrouble(notSavedWords(error)));
  };
  return (
    <Part title={placeText.theFile}>
      <Txt tone="ink2">{placeText.everythingIsKeptInThis}</Txt>
      {!opensOffline && <Notice tone="hours">{placeText.noneWithoutANetwork}</Notice>}
      {trouble && <Notice>{trouble}</Notice>}
      {photos > manyPhotos && (
        <Notice tone="hours">{placeText.manyPhotos(photos, manyPhotos)}</Notice>
      )}
      <Button
        label={saving ? placeText.saving : placeText.saveEverythingPhotosToo}
        onPress={saveAll}
      />
      <Button
        look="plain"
        label={placeText.saveACopyAsA}
        onPress={() => saveAs(`${yard.place.id}.json`, exportText(yard))}
      />
      {putAway.length > 0 && (
        <>
          <Txt tone="ink2">{placeText.damagedArePutAway(putAway.length)}</Txt>
          <Button
            look="plain"
            label={placeText.savePutAway}
            onPress={() => saveRecords(Object.fromEntries(putAway))}
          />
        </>
      )}
      <OpenFileButton label={placeText.openAFile} onOpened={() => router.replace('/')} />
      {asking ? (
        <View style={styles.asking}>
          <Txt kind="strong">{placeText.takeAwayItCanBe(yard.place.name)}</Txt>
          <Button look="warn" label={placeText.yesRemove(yard.place.name)} onPress={forget} />
          <Button look="plain" label={placeText.keepIt} onPress={() => setAsking(false)} />
        </View>
      ) : (
        <Button
          look="plain"
          label={placeText.removeFromThisBrowser}
          onPress={() => setAsking(true)}
        />
      )}
    </Part>
  );
}

const styles = StyleSheet.create({ asking: { gap: space.s } });
