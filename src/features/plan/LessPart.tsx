/** Whether far less money would do nearly as well. It keeps its room while that is worked out. */
import { StyleSheet, View } from 'react-native';
import type { PlanAnswer } from '@/core/mends/plan/answer';
import type { Curve } from '@/core/mends/plan/curve';
import { enoughInstead } from '@/core/mends/plan/enough';
import type { Limits } from '@/core/mends/plan/limits';
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
  const found = curve && enoughInstead(curve, { cents: wholeCents, after });
  const minutes = (found?.chosen ?? []).map((id) => candidates.get(id)?.minutes ?? 0);
  // After another limit the curve is that of the last for a while.
  const enough = found && isWithin(limits, found.chosen, minutes) ? found : undefined;
  const isKnown = curve !== undefined && enough === found;
  if (!enough || enough.chosen.length === 0) {
    const known = enough ? planText.hardlyAny(enough.after - after) : planText.lessWouldNotDo;
    return (
      <View style={styles.less}>
        <Txt tone="ink2" style={styles.words}>
          {isKnown ? known : planText.lookingForLess}
        </Txt>
      </View>
    );
  }
  const money = moneyWords(place, enough.cents);
  const work = minutes.reduce((sum, it) => sum + it, 0);
  return (
    <View style={styles.less}>
      <Txt style={styles.words}>{planText.lessWouldDo(money, work, before, enough.after)}</Txt>
      <Button
        look="key"
        label={planText.planFor(money)}
        onPress={() => setLimits(limited(limits, 'cents', enough.cents))}
      />
    </View>
  );
}

/** `minutes`: of each. */
function isWithin(limits: Limits, ids: readonly string[], minutes: readonly number[]): boolean {
  const { minutes: most = Infinity, longest = Infinity, must = [], wont = [] } = limits;
  return (
    minutes.reduce((sum, it) => sum + it, 0) <= most &&
    minutes.every((it) => it <= longest) &&
    must.every((id) => ids.includes(id)) &&
    !wont.some((id) => ids.includes(id))
  );
}

const styles = StyleSheet.create({
  less: { flexDirection: 'row', alignItems: 'center', gap: space.m, minHeight: 52 },
  words: { flex: 1, minWidth: 0 },
});
