/** The first visit: begin a place, or open a file of one, or one that is kept here. */
import { beginText } from '@/words/screens/begin';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { keepPlace } from '@/store/keep-place';
import { useYard } from '@/store/use-yard';
import { OpenFileButton } from '@/features/place/OpenFileButton';
import { PlaceList } from '@/features/places/PlaceList';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { notSavedWords } from '@/words/not-saved-words';
import { keepDraft, loadDraft } from './begin-draft';
import { BeginForm } from './BeginForm';

export function BeginScreen() {
  const router = useRouter();
  const client = useQueryClient();
  const { data: yard, isPending } = useYard();
  const [trouble, setTrouble] = useState<string>();
  const { data: first } = useQuery({
    queryKey: ['begin-draft'],
    queryFn: loadDraft,
    // Read anew at every visit; what is on the screen is not read over.
    gcTime: 0,
    staleTime: Infinity,
    networkMode: 'always',
  });
  const toYard = () => router.replace('/');
  // Nothing is shown before all that stands above the shapes is known: it would push them from under the finger.
  if (!first || isPending) return null;
  return (
    <BeginForm
      first={first}
      head={
        <>
          <Txt kind="title">{beginText.beginAPlace}</Txt>
          <Txt tone="ink2">{beginText.aCoopAndItsRun}</Txt>
          {yard && (
            <Button look="plain" label={beginText.backTo(yard.place.name)} onPress={toYard} />
          )}
          {trouble && <Notice>{trouble}</Notice>}
        </>
      }
      others={
        <>
          <View style={styles.page}>
            <Txt kind="heading">{beginText.or}</Txt>
            <OpenFileButton label={beginText.openAFile} onOpened={toYard} />
          </View>
          <PlaceList onOpened={toYard} />
        </>
      }
      onBegin={(place) => {
        keepPlace(client, { place, walks: [], mends: [], sightings: [] })
          .then(() => {
            keepDraft(undefined);
            toYard();
          })
          .catch((error: unknown) => setTrouble(notSavedWords(error)));
      }}
    />
  );
}

const styles = StyleSheet.create({ page: { padding: space.l, gap: space.m } });
