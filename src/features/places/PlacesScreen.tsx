/** Several places: which is open, another opened, begun or copied. */
import { placesText } from '@/words/screens/places';
import { useQueryClient } from '@tanstack/react-query';
import { useNavigation, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { duplicatePlace } from '@/store/places';
import { useYard } from '@/store/use-yard';
import { newId } from '@/store/ids';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { notSavedWords } from '@/words/not-saved-words';
import { PlaceList } from './PlaceList';

export function PlacesScreen() {
  // Places are listed though the open one cannot be read.
  const { data: yard, isPending } = useYard();
  const router = useRouter();
  const client = useQueryClient();
  const [trouble, setTrouble] = useState<string>();
  const navigation = useNavigation();
  // Storing takes a moment: whoever has gone on meanwhile is not fetched back.
  const goTo = (href: '/' | '/place') => {
    if (navigation.isFocused()) router.replace(href);
  };
  const copy = () => {
    if (!yard) return;
    duplicatePlace(client, yard, newId('place'))
      .then(() => goTo('/place'))
      .catch((error: unknown) => setTrouble(notSavedWords(error)));
  };
  return (
    <Screen>
      <View style={styles.page}>
        <BackLink href="/place" name={placesText.place} />
        <Txt kind="title">{placesText.places}</Txt>
        <Txt tone="ink2">{placesText.eachIsKeptForItself}</Txt>
        {trouble && <Notice>{trouble}</Notice>}
        <Button label={placesText.beginAnotherPlace} onPress={() => router.push('/begin')} />
        {yard && <Button look="plain" label={placesText.copy(yard.place.name)} onPress={copy} />}
      </View>
      {!isPending && <PlaceList onOpened={() => goTo('/')} />}
    </Screen>
  );
}

const styles = StyleSheet.create({ page: { padding: space.l, gap: space.m } });
