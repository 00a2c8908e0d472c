/** The sentence a worried person came for. */
import { StyleSheet, View } from 'react-native';
import { inDateOrder } from '@/core/place/apply-readings';
import type { Judgement } from '@/core/score/judge';
import type { Yard } from '@/store/records';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { dayWords } from '@/words/day-words';
import { headline, holdWords } from '@/words/headline';
import { count } from '@/words/names';

const tones = { open: 'open', unread: 'hours', holds: 'holds' } as const;

export function Answer({
  yard,
  judgement,
}: {
  readonly yard: Yard;
  readonly judgement: Judgement;
}) {
  const { answer, tone, when, under } = headline(judgement);
  // What was said from memory is no walk.
  const last = inDateOrder(yard.walks.filter(({ kind }) => kind !== 'said')).at(-1);
  const walked = last ? `walked ${dayWords(last.date)}` : 'not walked yet';
  const toMeasure = yard.mends.filter((mend) => mend.state === 'done').length;
  return (
    <View style={styles.answer}>
      <Txt kind="small" tone="ink2">
        {yard.place.name} · {count(judgement.birds, 'bird')} · {walked}
      </Txt>
      <Txt kind="title">
        <Txt kind="inherit" tone={tones[tone]}>
          {answer}
        </Txt>{' '}
        {when}
      </Txt>
      <Txt kind="body" tone="ink2">
        {under}
      </Txt>
      <Txt kind="body" tone="ink2">
        {holdWords(judgement.hold)} by night, every door as you leave it.
      </Txt>
      {toMeasure > 0 && (
        <Txt kind="strong" tone="holds">
          {count(toMeasure, 'mend')} done: measure again to see whether it holds.
        </Txt>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  answer: { padding: space.l, gap: space.xs },
});
