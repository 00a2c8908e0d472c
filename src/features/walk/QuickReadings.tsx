/** What can be said in one tap: still as the last walk found it, or the same as the bay before. Saved at once. */
import { walkText } from '@/words/screens/walk';
import { StyleSheet, View } from 'react-native';
import { isKnown, type Possible } from '@/core/place/possible';
import type { Place } from '@/core/place/place';
import type { Question } from '@/core/walk/questions';
import type { SameAs } from '@/core/walk/same-as';
import type { NewReading } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { space } from '@/ui/theme/tokens';
import { readingWords } from '@/words/reading-words';

export type Quick = Pick<NewReading, 'value' | 'how' | 'note'>;

interface Props {
  readonly place: Place;
  readonly question: Question;
  readonly sameAs: SameAs | undefined;
  /** Name of the bay that is as this one. */
  readonly sameAsName: string | undefined;
  readonly onQuick: (quick: Quick) => void;
  readonly busy: boolean;
}

/** The value that stands in the record, as a reading would say it. */
export function standing({ known }: Question): Quick['value'] | undefined {
  if (known === undefined || !(isKnown<never>(known) || 'from' in known)) return undefined;
  return known as Exclude<Possible, { any: true } | { oneOf: unknown }>;
}

export function QuickReadings({ place, question, sameAs, sameAsName, onQuick, busy }: Props) {
  const still = standing(question);
  const words = (value: Quick['value']) =>
    readingWords(place, { attribute: question.attribute, value });
  if (still === undefined && !sameAs) return null;
  return (
    <View style={styles.row}>
      {still !== undefined && (
        <Button
          look="key"
          label={walkText.still(words(still))}
          says={walkText.stillThat(words(still))}
          disabled={busy}
          onPress={() => onQuick({ value: still, how: 'measured' })}
          style={styles.key}
        />
      )}
      {sameAs && (
        <Button
          look="key"
          label={walkText.as(sameAsName ?? walkText.theLastBay, words(sameAs.reading.value))}
          disabled={busy}
          onPress={() => onQuick(asAt(sameAs, sameAsName))}
          style={styles.key}
        />
      )}
    </View>
  );
}

/** Said by comparison, not measured. */
export function asAt({ reading }: SameAs, name: string | undefined): Quick {
  return { value: reading.value, how: 'estimated', note: walkText.asAt(name) };
}

const styles = StyleSheet.create({
  row: { gap: space.xs, alignSelf: 'stretch' },
  key: { minHeight: 48, paddingHorizontal: space.s },
});
