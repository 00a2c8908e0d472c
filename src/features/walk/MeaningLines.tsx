/** What the figure in hand means, as it is typed: who passes, who does not, what would stop them. */
import { Txt } from '@/ui/controls/Txt';
import type { Place } from '@/core/place/place';
import { meaningOf } from '@/core/walk/what-it-means';
import type { Question, QuestionKind } from '@/core/walk/questions';
import { lengthWords } from '@/words/length-words';
import { animalList, capital } from '@/words/names';
import { StyleSheet } from 'react-native';

interface Props {
  readonly place: Place;
  readonly question: Question;
  readonly mm: number | undefined;
}

/** What animals do where the reading lets them, of several and of one; some readings alone say nothing. */
const verbs: Readonly<
  Partial<Record<QuestionKind, readonly [many: string, one: string] | 'says nothing'>>
> = {
  'skirt-depth': ['dig under', 'digs under'],
  'skirt-outward': ['dig under', 'digs under'],
  'frame-weight': ['lift it', 'lifts it'],
  pegs: ['lift it', 'lifts it'],
  roost: ['reach in', 'reaches in'],
  'strand-height': 'says nothing',
  'strand-stand-off': 'says nothing',
  volts: 'says nothing',
  check: 'says nothing',
};

export function MeaningLines({ place, question, mm }: Props) {
  if (mm === undefined) {
    return (
      <Txt kind="small" tone="ink2" style={styles.right}>
        Type what you read.
      </Txt>
    );
  }
  const verb = verbs[question.kind] ?? (['pass', 'passes'] as const);
  if (verb === 'says nothing') return null;
  const { letsBy, inDoubt, stopsAll } = meaningOf(place, question.item, question.attribute, mm);
  const who = letsBy.map((part) => part.animal);
  const doubtful = inDoubt.map((part) => part.animal);
  return (
    <>
      <Txt kind="strong" tone={who.length > 0 ? 'open' : 'holds'} style={styles.right} live>
        {who.length > 0 ? `${capital(animalList(who))} ${verb[0]}` : `Nothing here ${verb[1]}`}
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
