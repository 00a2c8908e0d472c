/** The first visit: begin a place, or open a file of one. */
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { hasDemo, keepPlace, openDemo } from '@/store/open-file';
import { useYard } from '@/store/use-yard';
import { OpenFileButton } from '@/features/place/OpenFileButton';
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
  const { data: demoIsThere } = useQuery({ queryKey: ['demo-is-there'], queryFn: hasDemo });
  const demo = () => {
    openDemo(client)
      .then((opened) => {
        if (opened) router.replace('/');
        else setTrouble('The demo place could not be read.');
      })
      .catch((error: unknown) => setTrouble(notSavedWords(error)));
  };
  return (
    <Screen>
      <View style={styles.page}>
        <Txt kind="title">Begin a place</Txt>
        <Txt tone="ink2">
          A coop and its run, as they stand. Pace it roughly now; the walk measures what matters.
          Everything stays in this browser.
        </Txt>
        {yard && (
          <Button
            look="plain"
            label={`Back to ${yard.place.name}`}
            onPress={() => router.replace('/')}
          />
        )}
        {trouble && <Notice>{trouble}</Notice>}
        <BeginForm
          onBegin={(place) => {
            keepPlace(client, { place, walks: [], mends: [], sightings: [] })
              .then(() => router.replace('/'))
              .catch((error: unknown) => setTrouble(notSavedWords(error)));
          }}
        />
        <Txt kind="heading">Or</Txt>
        <OpenFileButton label="Open a file" onOpened={() => router.replace('/')} />
        {demoIsThere && <Button look="plain" label="Look at the demo place" onPress={demo} />}
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({ page: { padding: space.l, gap: space.m } });
