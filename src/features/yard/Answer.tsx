/** The sentence a worried person came for. */
import { yardText } from '@/words/screens/yard';
import { StyleSheet, View } from 'react-native';
import { duskOf } from '@/core/place/dusk';
import type { Judgement } from '@/core/score/judge';
import type { Look } from '@/features/look/use-look';
import { isLookedAt, lastOnFoot } from '@/core/walk/on-foot';
import type { Yard } from '@/store/records';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { headline, holdWords } from '@/words/headline';
import { count } from '@/words/names';

const tones = { open: 'open', unread: 'hours', holds: 'holds' } as const;

export function Answer({
  yard,
  judgement,
  look,
}: {
  readonly yard: Yard;
  readonly judgement: Judgement;
  readonly look: Look;
}) {
  const last = lastOnFoot(yard.walks);
  const lookedAt = isLookedAt(yard.walks, judgement);
  const { answer, tone, when, under } = headline(judgement, lookedAt);
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
      {lookedAt && (
        <Txt kind="body" tone="ink2">
          {holdWords(judgement.hold)}. {yardText.holdIs}
        </Txt>
      )}
      {look.day !== look.today && (
        <Txt kind="body" tone="ink2">
          {yardText.lookedAtFor(look.day)}
        </Txt>
      )}
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
