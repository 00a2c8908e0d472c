/** What the last walk read here, and whether it got worse. */
import { walkText } from '@/words/screens/walk';
import { StyleSheet } from 'react-native';
import { isKnown } from '@/core/place/possible';
import type { Place } from '@/core/place/place';
import { isBetter } from '@/core/walk/better';
import type { Question } from '@/core/walk/questions';
import { Txt } from '@/ui/controls/Txt';

interface Props {
  readonly place: Place;
  readonly question: Question;
  readonly last: number | undefined;
  /** In the attribute's unit, as `last` is. */
  readonly value: number | undefined;
}

/** The amount that stands in the record, in the attribute's unit. */
export function lastAmount({ known }: Question): number | undefined {
  return isKnown<number>(known) && typeof known.is === 'number' ? known.is : undefined;
}

export function LastReading({ place, question, last, value }: Props) {
  if (last === undefined) return null;
  return (
    <Txt kind="small" tone="ink2" style={styles.right}>
      {walkText.last(last, question.attribute, place.units, changeSince(question, last, value))}
    </Txt>
  );
}

/** Whether it got worse, as the attribute's order has it. */
function changeSince(
  { attribute }: Question,
  last: number,
  now: number | undefined,
): 'better' | 'worse' | 'same' {
  const better = now === undefined ? undefined : isBetter(attribute, now, last);
  if (better === undefined) return 'same';
  return better ? 'better' : 'worse';
}

const styles = StyleSheet.create({ right: { textAlign: 'right' } });
