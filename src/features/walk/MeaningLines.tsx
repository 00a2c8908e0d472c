/** What the figure in hand means, as it is typed: who passes, who does not, what would stop them. */
import { walkText } from '@/words/screens/walk';
import { Txt } from '@/ui/controls/Txt';
import type { Place } from '@/core/place/place';
import { meaningOf } from '@/core/walk/what-it-means';
import { attributes } from '@/core/attributes';
import type { Question } from '@/core/walk/questions';
import { StyleSheet } from 'react-native';

interface Props {
  readonly place: Place;
  readonly question: Question;
  /** In the attribute's unit. */
  readonly value: number | undefined;
}

export function MeaningLines({ place, question, value }: Props) {
  if (value === undefined) {
    return (
      <Txt kind="small" tone="ink2" style={styles.right}>
        {walkText.typeWhatYouRead}
      </Txt>
    );
  }
  const { bears } = attributes[question.attribute];
  if (!bears) return null;
  const { letsBy, inDoubt, stopsAll } = meaningOf(place, question.item, question.attribute, value);
  const who = letsBy.map((part) => part.animal);
  const doubtful = inDoubt.map((part) => part.animal);
  return (
    <>
      <Txt kind="strong" tone={who.length > 0 ? 'open' : 'holds'} style={styles.right} live>
        {who.length > 0 ? walkText.getBy(bears, who) : walkText.nothingHere(bears)}
      </Txt>
      {doubtful.length > 0 && (
        <Txt kind="small" tone="hours" style={styles.right}>
          {walkText.inDoubtOverTheStricter(doubtful)}
        </Txt>
      )}
      {stopsAll && who.length > 0 && (
        <Txt kind="small" tone="ink2" style={styles.right}>
          {walkText.orLessStopsAndAll(stopsAll.used, place.units, [stopsAll.animal])}
        </Txt>
      )}
    </>
  );
}

const styles = StyleSheet.create({ right: { textAlign: 'right' } });
