/** What the figure in hand means, as it is typed: who passes, who does not, what would stop them. */
import { Txt } from '@/ui/controls/Txt';
import type { Place } from '@/core/place/place';
import { meaningOf } from '@/core/walk/what-it-means';
import type { Question } from '@/core/walk/questions';
import { lengthWords } from '@/words/length-words';
import { animalList, capital } from '@/words/names';
import { StyleSheet } from 'react-native';

interface Props {
  readonly place: Place;
  readonly question: Question;
  readonly mm: number | undefined;
}

export function MeaningLines({ place, question, mm }: Props) {
  if (mm === undefined) {
    return (
      <Txt kind="small" tone="ink2" style={styles.right}>
        Type what you read.
      </Txt>
    );
  }
  const { letsBy, inDoubt, stopsAll } = meaningOf(place, question.item, question.attribute, mm);
  const who = letsBy.map((part) => part.animal);
  const digging = question.attribute.startsWith('skirt');
  const verb = digging ? 'dig under' : 'pass';
  const doubtful = inDoubt.map((part) => part.animal);
  return (
    <>
      <Txt kind="strong" tone={who.length > 0 ? 'open' : 'holds'} style={styles.right} live>
        {who.length > 0
          ? `${capital(animalList(who))} ${verb}`
          : digging
            ? 'Nothing here digs under'
            : 'Nothing here passes'}
      </Txt>
      {doubtful.length > 0 && (
        <Txt kind="small" tone="hours" style={styles.right}>
          {capital(animalList(doubtful))} in doubt: over the stricter figure
        </Txt>
      )}
      {stopsAll && who.length > 0 && (
        <Txt kind="small" tone="ink2" style={styles.right}>
          {lengthWords(stopsAll.used, place.units)} or less stops {animalList([stopsAll.animal])}{' '}
          and all the rest
        </Txt>
      )}
    </>
  );
}

const styles = StyleSheet.create({ right: { textAlign: 'right' } });
