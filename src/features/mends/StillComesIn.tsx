/** Whom the mend was for and who comes in all the same, elsewhere: three sides of four keep nothing out. */
import { mendsText } from '@/words/screens/mends';
import { Link } from 'expo-router';
import { Pressable, StyleSheet } from 'react-native';
import { findBay } from '@/core/place/find';
import type { Mend } from '@/core/records/mend';
import type { Judgement } from '@/core/score/judge';
import { Txt } from '@/ui/controls/Txt';
import { touch } from '@/ui/theme/tokens';
import { animalNames } from '@/words/names';

interface Props {
  readonly judgement: Judgement;
  readonly mend: Mend;
}

export function StillComesIn({ judgement, mend }: Props) {
  if (mend.state !== 'done' && mend.state !== 'held') return null;
  const { waysIn, slowWays, found } = judgement;
  const still = mend.stops.flatMap((animal) => {
    const by = [...waysIn, ...slowWays].flatMap((way) => way.by).find((it) => it.animal === animal);
    const bays = by?.route.steps.map(({ bay }) => bay.id) ?? [];
    return bays.length > 0 && !bays.includes(mend.bay) ? [{ animal, bays }] : [];
  });
  return (
    <>
      {still.map(({ animal, bays }) => (
        <Link key={animal} href={{ pathname: '/animal/[animal]', params: { animal } }} asChild>
          <Pressable style={StyleSheet.flatten(styles.link)}>
            <Txt tone="open">
              {mendsText.stillComeInElsewhere(
                animalNames[animal][1],
                bays.map((id) => findBay(found.place, id)?.bay.name ?? id),
              )}
            </Txt>
          </Pressable>
        </Link>
      ))}
    </>
  );
}

const styles = StyleSheet.create({ link: { minHeight: touch, justifyContent: 'center' } });
