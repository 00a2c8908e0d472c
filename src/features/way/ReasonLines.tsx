/** Reading against figure, with where both come from. */
import { StyleSheet, View } from 'react-native';
import type { PartEffort } from '@/core/effort/reason';
import { attributeKey, type FoundPlace } from '@/core/place/apply-readings';
import type { Figure } from '@/core/tables/figure';
import { sources } from '@/core/tables/sources';
import { Txt } from '@/ui/controls/Txt';
import { dayWords } from '@/words/day-words';
import { markNames } from '@/words/names';
import { reasonWords } from '@/words/reason-words';

interface Props {
  readonly found: FoundPlace;
  readonly parts: readonly PartEffort[];
}

/** One line an animal: the widest reading at this spot is the one that decides. */
export function ReasonLines({ found, parts }: Props) {
  const perAnimal = [...new Map([...parts].reverse().map((part) => [part.animal, part])).values()];
  return (
    <View style={styles.lines}>
      {perAnimal.reverse().map((part) => (
        <View key={part.animal}>
          <Txt>{reasonWords(found.place, part)}</Txt>
          <Txt kind="small" tone="ink3">
            {[readingWords(found, part), figureOf(part) && sourceWords(figureOf(part))]
              .filter(Boolean)
              .join(' ')}
          </Txt>
        </View>
      ))}
    </View>
  );
}

function readingWords(found: FoundPlace, part: PartEffort): string {
  if (!part.attribute) return '';
  const from = found.provenance.get(attributeKey(part.item, part.attribute));
  return from ? `Read ${dayWords(from.walk.date)}, ${from.reading.how}.` : 'From the description.';
}

function figureOf({ reason }: PartEffort): Figure | undefined {
  return reason.kind === 'opening' ? reason.used : undefined;
}

export function sourceWords(figure: Figure | undefined): string {
  return figure ? `Figure: ${markNames[figure.mark]}; ${sources[figure.source]}.` : '';
}

const styles = StyleSheet.create({ lines: { gap: 6 } });
