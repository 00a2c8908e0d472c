/** The sentence a worried person came for. */
import { yardText } from '@/words/screens/yard';
import { StyleSheet, View } from 'react-native';
import { inDateOrder } from '@/core/records/apply-readings';
import { duskOf } from '@/core/place/dusk';
import type { Judgement } from '@/core/score/judge';
import type { Look } from '@/features/look/use-look';
import type { Walk } from '@/core/records/walk';
import type { Yard } from '@/store/records';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { headline, holdWords } from '@/words/headline';
import { count } from '@/words/names';

const tones = { open: 'open', unread: 'hours', holds: 'holds' } as const;

/** Walks that somebody walked. */
const onFoot: readonly Walk['kind'][] = ['lap', 'measure-again'];

export function Answer({
  yard,
  judgement,
  look,
}: {
  readonly yard: Yard;
  readonly judgement: Judgement;
  readonly look: Look;
}) {
  const { answer, tone, when, under } = headline(judgement);
  // What was said from memory is no walk, and one that has only been begun has seen nothing yet.
  const last = inDateOrder(
    yard.walks.filter(({ kind, readings }) => onFoot.includes(kind) && readings.length > 0),
  ).at(-1);
  const walked = last ? yardText.walked(last.date) : yardText.notWalkedYet;
  const toMeasure = yard.mends.filter((mend) => mend.state === 'done').length;
  return (
    <View style={styles.answer}>
      <Txt kind="small" tone="ink2">
        {yard.place.name} · {count(judgement.birds, 'bird')} · {walked}
        {darkWords(yard, look)}
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
        {holdWords(judgement.hold)}. {look.day !== look.today && yardText.lookedAtFor(look.day)}
      </Txt>
      {toMeasure > 0 && (
        <Txt kind="strong" tone="holds">
          {yardText.doneMeasureAgainToSee(toMeasure)}
        </Txt>
      )}
    </View>
  );
}

/** " · dark by 16:52": only where the keeper gave a position, and only for tonight. */
function darkWords({ place }: Yard, { day, today }: Look): string {
  const { position } = place.setting;
  const dusk =
    position && day === today ? duskOf(new Date(`${today}T12:00:00`), position) : undefined;
  return dusk ? yardText.darkBy(dusk.dark) : '';
}

const styles = StyleSheet.create({
  answer: { padding: space.l, gap: space.xs },
});
