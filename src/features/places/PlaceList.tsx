/** The places kept in this browser, the demo scenes apart from them, and what was taken away. */
import { placesText } from '@/words/screens/places';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { listDemos, openDemo, type Demo } from '@/store/demos';
import {
  bringBack,
  listPlaces,
  placesKey,
  removeForGood,
  switchPlace,
  type KeptPlace,
} from '@/store/places';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { notSavedWords } from '@/words/not-saved-words';

export function PlaceList({ onOpened }: { readonly onOpened: () => void }) {
  const client = useQueryClient();
  const [trouble, setTrouble] = useState<string>();
  const { data, isPending } = useQuery({
    queryKey: placesKey,
    queryFn: listPlaces,
    staleTime: 0,
    networkMode: 'always',
  });
  const { data: demos = [], isPending: isFetching } = useQuery({
    queryKey: ['demos'],
    queryFn: listDemos,
    staleTime: Infinity,
    retry: false,
  });
  const run = <T,>(work: Promise<T>, then?: (result: T) => void) => {
    setTrouble(undefined);
    work.then(then).catch((error: unknown) => setTrouble(notSavedWords(error)));
  };
  const kept = data?.kept ?? [];
  const own = kept.filter((it) => !it.isDemo);
  const removed = data?.removed ?? [];
  const open = (place: KeptPlace) => run(switchPlace(client, place.id), onOpened);
  const look = (demo: Demo) =>
    run(openDemo(client, demo), (isHere) =>
      isHere ? onOpened() : setTrouble(placesText.couldNotBeFetched),
    );
  if (isPending) return null;
  return (
    <>
      {trouble && <Notice>{trouble}</Notice>}
      {own.length > 0 && (
        <Part title={placesText.yourPlaces}>
          {own.map((place) => (
            <OpenRow key={place.id} place={place} onPress={() => open(place)} />
          ))}
        </Part>
      )}
      {demos.length > 0 && (
        <Part title={placesText.demoPlaces}>
          <Txt tone="ink2">{placesText.scenesOfOurOwnInvention}</Txt>
          {demos.map((demo) => {
            const place = kept.find((it) => it.isDemo && it.id === demo.id);
            return place ? (
              <View key={demo.id} style={styles.demo}>
                <OpenRow place={place} onPress={() => open(place)} />
                <Button
                  look="key"
                  label={placesText.asItBegan(demo.name)}
                  onPress={() => look(demo)}
                />
              </View>
            ) : (
              <Button
                key={demo.id}
                look="plain"
                label={placesText.lookAt(demo.name)}
                onPress={() => look(demo)}
              />
            );
          })}
        </Part>
      )}
      {!isFetching && removed.length > 0 && (
        <Part title={placesText.takenAway}>
          {removed.map(({ key, name, at }) => (
            <View key={key} style={styles.demo}>
              <Button
                look="plain"
                label={placesText.bringBack(name, at)}
                onPress={() => run(bringBack(client, key), onOpened)}
              />
              <ForGood name={name} onPress={() => run(removeForGood(client, key))} />
            </View>
          ))}
        </Part>
      )}
    </>
  );
}

function OpenRow({ place, onPress }: { readonly place: KeptPlace; readonly onPress: () => void }) {
  return (
    <Button
      look="plain"
      label={place.isOpen ? placesText.openNow(place.name) : placesText.open(place.name)}
      onPress={onPress}
    />
  );
}

/** Asked twice: what is gone for good does not come back. */
function ForGood({ name, onPress }: { readonly name: string; readonly onPress: () => void }) {
  const [asking, setAsking] = useState(false);
  return asking ? (
    <Button look="warn" label={placesText.yesIsGoneForGood(name)} onPress={onPress} />
  ) : (
    <Button look="key" label={placesText.removeForGood(name)} onPress={() => setAsking(true)} />
  );
}

const styles = StyleSheet.create({ demo: { gap: space.s } });
