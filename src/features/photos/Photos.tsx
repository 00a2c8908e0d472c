/** Photos of one item and what it carries: add, look at, take away, put back. */
import { photosText } from '@/words/screens/photos';
import { useState } from 'react';
import { Image, StyleSheet, View } from 'react-native';
import type { Photo } from '@/store/photos';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { dayWords } from '@/words/day-words';
import { usePhotos } from './use-photos';

interface Props {
  readonly placeId: string;
  /** Whose photos are shown; a new one is kept under the first. */
  readonly items: readonly [string, ...string[]];
  readonly name: string;
  readonly title?: string;
  /** Said over a photo, where that is told by when it was taken. */
  readonly over?: (photo: Photo) => string;
}

export function Photos({ placeId, items, name, title = photosText.photos, over }: Props) {
  const { photos: data, isDamaged, trouble, add, remove, putBack } = usePhotos(placeId);
  const [removed, setRemoved] = useState<Photo>();
  const own = data.filter((it) => items.includes(it.item));
  return (
    <Part title={title}>
      {trouble && <Notice>{trouble}</Notice>}
      {isDamaged && <Notice>{photosText.aPhotoOfThisPlace}</Notice>}
      {own.map((photo) => (
        <View key={photo.id} style={styles.photo}>
          <Image
            source={{ uri: photo.data }}
            accessibilityLabel={`${name}, ${dayWords(photo.date)}`}
            style={[styles.image, { aspectRatio: photo.width / photo.height }]}
          />
          <View style={styles.line}>
            <Txt kind="small" tone="ink2" style={styles.when}>
              {over ? `${over(photo)}, ${dayWords(photo.date)}` : dayWords(photo.date)}
            </Txt>
            <Button
              look="key"
              label={photosText.takeAway}
              says={photosText.takeThePhotoOfAway(photo.date)}
              onPress={() => {
                setRemoved(photo);
                void remove(photo);
              }}
            />
          </View>
        </View>
      ))}
      {removed && (
        <Button
          look="plain"
          label={photosText.putThePhotoBack}
          onPress={() => {
            setRemoved(undefined);
            void putBack(removed);
          }}
        />
      )}
      <Button look="plain" label={photosText.addAPhoto} onPress={() => void add(items[0])} />
      <Txt kind="small" tone="ink2">
        {photosText.madeSmallAndKeptIn(roomWords(data))}
      </Txt>
    </Part>
  );
}

function roomWords(photos: readonly Photo[]): string {
  if (photos.length === 0) return '';
  const bytes = photos.reduce((sum, { data }) => sum + data.length, 0);
  return photosText.ofThisPlaceMb(photos.length, (bytes / 1e6).toFixed(1));
}

const styles = StyleSheet.create({
  photo: { gap: space.xs },
  image: { width: '100%', maxWidth: 420, backgroundColor: color.ground },
  line: { flexDirection: 'row', alignItems: 'center', gap: space.m, maxWidth: 420 },
  when: { flex: 1 },
});
