/** One photo as large as the column allows. The small one stands for it until it is read. */
import { useQuery } from '@tanstack/react-query';
import { Image, StyleSheet, View } from 'react-native';
import { loadPhoto, photosKey, type Photo } from '@/store/photos';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { color, readableWidth, space } from '@/ui/theme/tokens';
import { dayWords } from '@/words/day-words';
import { photosText } from '@/words/screens/photos';

interface Props {
  readonly thumb: Photo;
  readonly name: string;
  readonly caption: string;
  readonly onRemove: () => void;
  readonly onClose: () => void;
}

export function LargePhoto({ thumb, name, caption, onRemove, onClose }: Props) {
  const { data: photo, isFetched } = useQuery({
    queryKey: [...photosKey(thumb.placeId), 'large', thumb.id],
    queryFn: async () => (await loadPhoto(thumb)) ?? null,
    networkMode: 'always',
    retry: false,
    // One is as large as all small ones of a place: it is not kept when it is closed.
    gcTime: 0,
  });
  return (
    <View style={styles.large}>
      {isFetched && !photo && <Notice>{photosText.cannotBeRead}</Notice>}
      <Image
        source={{ uri: (photo ?? thumb).data }}
        accessibilityLabel={photosText.large(name, dayWords(thumb.date))}
        style={[styles.image, { aspectRatio: thumb.width / thumb.height }]}
      />
      <Txt kind="small" tone="ink2">
        {caption}
      </Txt>
      <View style={styles.line}>
        <Button look="key" label={photosText.smaller} onPress={onClose} />
        <Button
          look="key"
          label={photosText.takeAway}
          says={photosText.takeThePhotoOfAway(thumb.date)}
          onPress={onRemove}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  large: { gap: space.s, maxWidth: readableWidth },
  image: { width: '100%', backgroundColor: color.ground },
  line: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
});
