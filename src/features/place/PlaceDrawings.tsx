/** Plan and lap of the place: a touch opens the bay. Both can be taken along as pictures. */
import { placeText } from '@/words/screens/place';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { BayId } from '@/core/place/place';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { Lap } from '@/ui/drawings/Lap';
import { lapDrawing } from '@/ui/drawings/LapDrawing';
import { SitePlan, sitePlanDrawing } from '@/ui/drawings/SitePlan';
import { pictureOf } from '@/ui/drawings/picture-of';
import { color, space } from '@/ui/theme/tokens';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWide } from '@/ui/theme/use-wide';
import { useWidth } from '@/ui/theme/use-width';
import { saveAs } from './save-as';

export function PlaceDrawings({ yard }: { readonly yard: Yard }) {
  const router = useRouter();
  const wide = useWide();
  const judgement = useJudgement(yard);
  const page = usePageWidth('full');
  const { width, onLayout } = useWidth(wide ? page / 2 : page);
  const { place } = judgement.found;
  const drawing = {
    place,
    marks: judgement.marks,
    ways: [],
    width,
    selected: undefined,
    onSelect: (bay: BayId) => router.push({ pathname: '/bay/[bay]', params: { bay } }),
  };
  const save = (id: string, name: string) => {
    const picture = pictureOf(id);
    if (picture) saveAs(`${yard.place.id}-${name}.svg`, picture, 'image/svg+xml');
  };
  return (
    <View style={styles.sheet} onLayout={onLayout}>
      <Txt kind="small" tone="ink2" style={styles.hint}>
        {placeText.touchAWallToChange}
      </Txt>
      <SitePlan {...drawing} tallest={360} />
      <Lap {...drawing} whole={false} />
      <View style={styles.row}>
        <Button
          look="key"
          label={placeText.planAsAPicture}
          onPress={() => save(sitePlanDrawing, 'plan')}
          style={styles.half}
        />
        <Button
          look="key"
          label={placeText.lapAsAPicture}
          onPress={() => save(lapDrawing, 'lap')}
          style={styles.half}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  sheet: { backgroundColor: color.ground },
  hint: { paddingHorizontal: space.l, paddingTop: space.m },
  row: { flexDirection: 'row', gap: space.s, padding: space.s, paddingBottom: space.m },
  half: { flex: 1 },
});
