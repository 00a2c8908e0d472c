/** Whether far less money would do nearly as well. It keeps its room while that is worked out. */
import { StyleSheet, View } from 'react-native';
import type { PlanAnswer } from '@/core/mends/plan/answer';
import type { Curve } from '@/core/mends/plan/curve';
import { enoughInstead } from '@/core/mends/plan/enough';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { moneyWords } from '@/words/plan-words';
import { planText } from '@/words/screens/plan';
import { limited, type Shared } from './shared';

interface Props extends Shared {
  readonly answer: PlanAnswer;
  readonly curve: Curve | undefined;
}

export function LessPart({ place, limits, setLimits, candidates, answer, curve }: Props) {
  const { before, after, cents, wholeCents = cents } = answer;
  const enough = curve && enoughInstead(curve, { cents: wholeCents, after });
  const money = moneyWords(place, enough?.cents ?? 0);
  const ids = enough?.chosen ?? [];
  const minutes = ids.reduce((sum, id) => sum + (candidates.get(id)?.minutes ?? 0), 0);
  return (
    <View style={styles.less}>
      <Txt tone={enough ? 'ink' : 'ink2'} room={2} style={styles.words}>
        {!curve
          ? planText.lookingForLess
          : !enough
            ? planText.lessWouldNotDo
            : ids.length === 0
              ? planText.hardlyAny(enough.after - after)
              : planText.lessWouldDo(money, minutes, before, enough.after)}
      </Txt>
      {enough && ids.length > 0 && (
        <Button
          look="key"
          label={planText.planFor(money)}
          onPress={() => setLimits(limited(limits, 'cents', enough.cents))}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  less: { flexDirection: 'row', alignItems: 'center', gap: space.m, minHeight: 52 },
  words: { flex: 1, minWidth: 0 },
});
