/** Jobs half done: whom they were for, how much is left, and how it comes in meanwhile. */
import { mendsText } from '@/words/screens/mends';
import { StyleSheet, View } from 'react-native';
import { halfDone } from '@/core/mends/half-done';
import { findBay } from '@/core/place/find';
import type { Judgement } from '@/core/score/judge';
import type { Yard } from '@/store/records';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { useWide } from '@/ui/theme/use-wide';
import { animalNames } from '@/words/names';

interface Props {
  readonly yard: Yard;
  readonly judgement: Judgement;
}

export function HalfDoneList({ yard, judgement }: Props) {
  const wide = useWide();
  const jobs = halfDone(judgement, yard.mends);
  if (jobs.length === 0) return null;
  const { place } = judgement.found;
  return (
    <View role="group" aria-label={mendsText.halfDone} style={styles.group}>
      <Txt kind="heading" style={styles.heading}>
        {mendsText.halfDone}
      </Txt>
      <View style={wide && styles.beside}>
        {jobs.map(({ animal, made, left, way }) => (
          <LinkRow
            key={animal}
            beside={wide}
            href={{ pathname: '/animal/[animal]', params: { animal } }}
            says={mendsText.halfDoneAgainstThe(animalNames[animal][0])}
          >
            <Txt kind="strong">
              {mendsText.ofMade(animalNames[animal][0], made.length, made.length + left.length)}
            </Txt>
            <Txt tone="open">
              {mendsText.itStillComesIn(way.map((id) => findBay(place, id)?.bay.name ?? id))}
            </Txt>
          </LinkRow>
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { backgroundColor: color.paper },
  beside: { flexDirection: 'row' },
  heading: { paddingHorizontal: space.l, paddingTop: space.l, paddingBottom: space.s },
});
