/** What the last walk read here, and whether it got worse. */
import { StyleSheet } from 'react-native';
import { isKnown } from '@/core/place/possible';
import type { Place } from '@/core/place/place';
import type { Question } from '@/core/walk/questions';
import { Txt } from '@/ui/controls/Txt';
import { lengthWords } from '@/words/length-words';

interface Props {
  readonly place: Place;
  readonly question: Question;
  readonly mm: number | undefined;
}

export function LastReading({ place, question, mm }: Props) {
  const { known } = question;
  if (!isKnown<number>(known) || typeof known.is !== 'number') return null;
  const change =
    mm === undefined || mm === known.is ? '' : mm > known.is ? ', now worse' : ', now better';
  return (
    <Txt kind="small" tone="ink2" style={styles.right}>
      Last: {lengthWords(known.is, place.units)}
      {change}
    </Txt>
  );
}

const styles = StyleSheet.create({ right: { textAlign: 'right' } });
