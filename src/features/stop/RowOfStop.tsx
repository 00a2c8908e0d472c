/** One reading of a stop: its name, what it means, its figure, and what one tap says of it. Touched, it is read. */
import { Pressable, StyleSheet, View } from 'react-native';
import { attributes } from '@/core/attributes';
import { isKnown } from '@/core/place/possible';
import type { Place } from '@/core/place/place';
import type { ReadingValue } from '@/core/records/walk';
import type { StopRow } from '@/core/walk/stop-rows';
import { meaningOf } from '@/core/walk/what-it-means';
import { standing } from '@/features/walk/QuickReadings';
import { draftOf } from '@/store/drafts';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { answerWords } from '@/words/attributes';
import { readingWords } from '@/words/reading-words';
import { rowWords } from '@/words/row-words';
import { stopText } from '@/words/screens/stop';
import { walkText } from '@/words/screens/walk';
import { rowStyles } from './row-styles';

interface Props {
  readonly place: Place;
  readonly row: StopRow;
  /** The key that opens it, on a wide screen. */
  readonly letter: string | undefined;
  /** Digits typed on a wide screen go into it. */
  readonly isMarked?: boolean;
  /** Another reading has settled it: it would change nothing, and stays where it is. */
  readonly isIdle?: boolean;
  readonly quick: ReadingValue | undefined;
  readonly busy: boolean;
  readonly onRead: () => void;
  readonly onTick: () => void;
  readonly onQuick: () => void;
}

export function RowOfStop({
  place,
  row,
  letter,
  isMarked,
  isIdle = false,
  quick,
  busy,
  onRead,
  onTick,
  onQuick,
}: Props) {
  const { question, state, given } = row;
  const { attribute } = question;
  const name = rowWords(place, question);
  const value = given?.value ?? standing(question);
  const figure = value === undefined ? '–' : readingWords(place, { attribute, value });
  const who = value === undefined ? [] : letsBy(place, row, value);
  const { bears } = attributes[attribute];
  const isHalfTyped = draftOf(place.id, question.id) !== undefined;
  const means = (): string | undefined => {
    if (isHalfTyped) return stopText.halfTyped;
    if (isIdle) return stopText.changesNothing;
    if (state === 'hangs') return stopText.measureAnew;
    if (state === 'spared') return stopText.spared;
    if (value === undefined) return stopText.unread;
    if (!bears) return undefined;
    return who.length > 0 ? walkText.getBy(bears, who) : walkText.nothingHere(bears);
  };
  const meaning = means();
  const labelled = (): string => {
    if (isIdle) return stopText.openIdle(name);
    return value === undefined ? stopText.open(name) : stopText.read(name, figure);
  };
  return (
    <View role="listitem" style={[rowStyles.row, isMarked && rowStyles.marked]}>
      <Pressable role="button" aria-label={labelled()} onPress={onRead} style={rowStyles.touch}>
        {letter !== undefined && (
          <Txt kind="small" tone="ink2" style={styles.letter}>
            {letter}
          </Txt>
        )}
        <View style={rowStyles.words}>
          <Txt tone={isIdle ? 'ink2' : 'ink'}>{name}</Txt>
          {meaning !== undefined && (
            <Txt kind="small" tone={state === 'hangs' ? 'hours' : 'ink2'}>
              {meaning}
            </Txt>
          )}
        </View>
        <Txt kind="label" tone={who.length > 0 ? 'open' : 'ink'} style={styles.figure}>
          {figure}
        </Txt>
      </Pressable>
      {quick !== undefined && (
        <Button
          look="chip"
          label={quickWords(place, row, quick)}
          says={stopText.says(name, quickWords(place, row, quick))}
          disabled={busy}
          onPress={onQuick}
          style={styles.quick}
        />
      )}
      {state === 'as-before' && (
        <Button
          look="chip"
          label="✓"
          says={stopText.lookedAt(name)}
          disabled={busy}
          onPress={onTick}
          style={rowStyles.tick}
        />
      )}
      {state === 'read' && (
        <View style={styles.done}>
          <Txt kind="label" tone="holds">
            ✓
          </Txt>
        </View>
      )}
    </View>
  );
}

function quickWords(place: Place, { question }: StopRow, value: ReadingValue): string {
  if (value !== 'cannot-tell' && 'to' in value) return stopText.upTo(place, value);
  if (value !== 'cannot-tell' && 'is' in value && typeof value.is === 'string') {
    return answerWords(place, question.attribute, value.is)[0];
  }
  return readingWords(place, { attribute: question.attribute, value });
}

/** Who gets by, by this reading alone; of a range its wider end. */
function letsBy(place: Place, { question }: StopRow, value: ReadingValue) {
  const { attribute, item } = question;
  if (!attributes[attribute].bears || value === 'cannot-tell') return [];
  const amount = 'to' in value ? value.to : isKnown<number>(value) ? value.is : undefined;
  if (typeof amount !== 'number') return [];
  return meaningOf(place, item, attribute, amount).letsBy.map(({ animal }) => animal);
}

const styles = StyleSheet.create({
  letter: { width: 12, textAlign: 'center' },
  figure: { fontSize: 18, textAlign: 'right', maxWidth: 130, marginLeft: 'auto' },
  quick: {
    minWidth: 72,
    maxWidth: 150,
    marginLeft: 'auto',
    minHeight: 44,
    paddingHorizontal: space.s,
    marginVertical: space.xs,
  },
  done: {
    minWidth: 52,
    minHeight: 44,
    alignItems: 'center',
    justifyContent: 'center',
    borderRadius: 8,
    backgroundColor: color.ground,
  },
});
