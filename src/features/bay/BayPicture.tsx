/** The bay as it stands, to scale, as large as the page allows. */
import { bayText } from '@/words/screens/bay';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { innerWalls, lapOf, type Lap } from '@/core/place/lap';
import type { Judgement } from '@/core/score/judge';
import { LapDrawing } from '@/ui/drawings/LapDrawing';
import { lapLayout } from '@/ui/drawings/lap-layout';
import { color } from '@/ui/theme/tokens';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWidth } from '@/ui/theme/use-width';

interface Props {
  readonly judgement: Judgement;
  readonly id: string;
  /** YYYY-MM-DD: what is on only for part of the year is drawn as it is that day. */
  readonly day?: string;
}

const margin = 14;
const tallest = 170;

export function BayPicture({ judgement, id, day }: Props) {
  const { place } = judgement.found;
  const { width, onLayout } = useWidth(usePageWidth('readable'));
  const lap = useMemo((): Lap | undefined => {
    const all = [...lapOf(place).bays, ...innerWalls(place).bays];
    const one = all.find(({ bay }) => bay.id === id);
    return one && { bays: [{ ...one, from: 0, to: one.bay.width }], length: one.bay.width };
  }, [place, id]);
  const [one] = lap?.bays ?? [];
  if (!lap || !one) return null;
  const skirt = 60;
  const scale = Math.min(
    (width - 2 * margin) / one.bay.width,
    tallest / Math.max(one.bay.height, 1),
  );
  const layout = lapLayout(place, lap, {
    scale,
    above: 14,
    below: skirt,
    margin: (width - one.bay.width * scale) / 2,
    day,
  });
  return (
    <View style={styles.picture} onLayout={onLayout}>
      <LapDrawing
        place={place}
        layout={layout}
        marks={judgement.marks}
        ways={[]}
        selected={undefined}
        says={bayText.toScale(one.bay.name)}
        labels={false}
      />
    </View>
  );
}

const styles = StyleSheet.create({ picture: { backgroundColor: color.ground } });
