/** The first visit: begin a place, or open a file of one, or one that is kept here. */
import { beginText } from '@/words/screens/begin';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { keepPlace } from '@/store/keep-place';
import { useYard } from '@/store/use-yard';
import { OpenFileButton } from '@/features/place/OpenFileButton';
import { PlaceList } from '@/features/places/PlaceList';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { notSavedWords } from '@/words/not-saved-words';
import { BeginForm } from './BeginForm';

export function BeginScreen() {
  const router = useRouter();
  const client = useQueryClient();
  const { data: yard } = useYard();
  const [trouble, setTrouble] = useState<string>();
  const toYard = () => router.replace('/');
  return (
    <Screen>
      <View style={styles.page}>
        <Txt kind="title">{beginText.beginAPlace}</Txt>
        <Txt tone="ink2">{beginText.aCoopAndItsRun}</Txt>
        {yard && <Button look="plain" label={beginText.backTo(yard.place.name)} onPress={toYard} />}
        {trouble && <Notice>{trouble}</Notice>}
        <BeginForm
          onBegin={(place) => {
            keepPlace(client, { place, walks: [], mends: [], sightings: [] })
              .then(toYard)
              .catch((error: unknown) => setTrouble(notSavedWords(error)));
          }}
        />
        <Txt kind="heading">{beginText.or}</Txt>
        <OpenFileButton label={beginText.openAFile} onOpened={toYard} />
      </View>
      <PlaceList onOpened={toYard} />
    </Screen>
  );
}

const styles = StyleSheet.create({ page: { padding: space.l, gap: space.m } });
