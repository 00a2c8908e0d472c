/** Photos of one item and what it carries: small side by side, one at a time large; add, take away, put back. */
import { photosText } from '@/words/screens/photos';
import { useState } from 'react';
import { Image, Pressable, StyleSheet, View } from 'react-native';
import type { Photo } from '@/store/photos';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { dayWords } from '@/words/day-words';
import { LargePhoto } from './LargePhoto';
import { usePhotos } from './use-photos';

interface Props {
  readonly placeId: string;
  /** Whose photos are shown; a new one is kept under the first. */
  readonly items: readonly [string, ...string[]];
  readonly name: string;
  readonly title?: string;
  /** Said of a photo, where that is told by when it was taken. */
  readonly over?: (photo: Photo) => string;
}

export function Photos({ placeId, items, name, title = photosText.photos, over }: Props) {
  const { thumbs, inPlace, isDamaged, trouble, add, remove } = usePhotos(placeId, items);
  const [putBack, setPutBack] = useState<{ readonly now: () => Promise<unknown> }>();
  const [large, setLarge] = useState<string>();
  const shown = thumbs.find(({ id }) => id === large);
  const caption = (photo: Photo) =>
    over ? `${over(photo)}, ${dayWords(photo.date)}` : dayWords(photo.date);
  const takeAway = async (photo: Photo) => {
    const back = await remove(photo);
    setPutBack(back && { now: back });
    setLarge(undefined);
  };
  return (
    <Part title={title}>
      {trouble && <Notice>{trouble}</Notice>}
      {isDamaged && <Notice>{photosText.aPhotoOfThisPlace}</Notice>}
      {thumbs.length > 0 && (
        <View style={styles.thumbs}>
          {thumbs.map((photo) => (
            <Pressable
              key={photo.id}
              role="button"
              aria-expanded={photo.id === large}
              aria-label={photosText.photoOf(name, photo.date, photo.id === large)}
              onPress={() => setLarge(photo.id === large ? undefined : photo.id)}
              style={[styles.thumb, photo.id === large && styles.open]}
            >
              <Image
                source={{ uri: photo.data }}
                accessibilityLabel={`${name}, ${dayWords(photo.date)}`}
                style={styles.image}
              />
              <Txt kind="small" tone="ink2">
                {caption(photo)}
              </Txt>
            </Pressable>
          ))}
        </View>
      )}
      {shown && (
        <LargePhoto
          key={shown.id}
          thumb={shown}
          name={name}
          caption={caption(shown)}
          onRemove={() => void takeAway(shown)}
          onClose={() => setLarge(undefined)}
        />
      )}
      {putBack && (
        <Button
          look="plain"
          label={photosText.putThePhotoBack}
          onPress={() => {
            setPutBack(undefined);
            void putBack.now();
          }}
        />
      )}
      <Button look="plain" label={photosText.addAPhoto} onPress={() => void add(items[0])} />
      <Txt kind="small" tone="ink2">
        {photosText.madeSmallAndKeptIn(inPlace === 0 ? '' : photosText.ofThisPlace(inPlace))}
      </Txt>
    </Part>
  );
}

const side = 104;

const styles = StyleSheet.create({
  thumbs: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
  thumb: { width: side + 2 * space.xs, padding: space.xs, gap: space.xs },
  open: { backgroundColor: color.ground },
  image: { width: side, height: side, backgroundColor: color.ground },
});
