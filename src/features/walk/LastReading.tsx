/** What the last walk read here, and whether it got worse. */
import { StyleSheet } from 'react-native';
import { isKnown } from '@/core/place/possible';
import type { Place } from '@/core/place/place';
import type { Question } from '@/core/walk/questions';
import { Txt } from '@/ui/controls/Txt';
import { lengthWords } from '@/words/length-words';

interface Props {
  readonly place: Place;
  readonly last: number | undefined;
  readonly mm: number | undefined;
  /** What counts as better here. */
  readonly better: 'less' | 'more';
}

/** The length that stands in the record, mm. */
export function lastLength({ known }: Question): number | undefined {
  return isKnown<number>(known) && typeof known.is === 'number' ? known.is : undefined;
}

export function LastReading({ place, last, mm, better }: Props) {
  if (last === undefined) return null;
  const worse = mm !== undefined && (better === 'less' ? mm > last : mm < last);
  const change = mm === undefined || mm === last ? '' : worse ? ', now worse' : ', now better';
  return (
    <Txt kind="small" tone="ink2" style={styles.right}>
      Last: {lengthWords(last, place.units)}
      {change}
    </Txt>
  );
}

const styles = StyleSheet.create({ right: { textAlign: 'right' } });
