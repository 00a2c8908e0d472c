/** Animal by animal: what it is expected to take as things stand, and with the plan made. */
import { planText } from '@/words/screens/plan';
import { StyleSheet, View } from 'react-native';
import type { AnimalChange, PlanAnswer } from '@/core/mends/plan/answer';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { animalName } from '@/words/headline';

/** Birds a year below which there is nothing to show. */
const least = 0.005;

export function PlanAnimals({ answer }: { readonly answer: PlanAnswer }) {
  const shown = answer.animals.filter(
    ({ before, nightBefore }) => before >= least || nightBefore === 'way-in',
  );
  const most = Math.max(...shown.map(({ before }) => before), least);
  if (shown.length === 0) return null;
  return (
    <Part title={planText.beforeAndAfterByAnimal}>
      <Txt kind="small" tone="ink2">
        {planText.birdsAYearEachAnimal}
      </Txt>
      {shown.map((it) => (
        <View key={it.animal} style={styles.animal}>
          <View style={styles.line}>
            <Txt kind="strong">{animalName(it.animal)}</Txt>
            <Txt>{changeWords(it)}</Txt>
          </View>
          <View style={styles.track}>
            <View style={[styles.before, { width: `${(100 * it.before) / most}%` }]} />
            <View style={[styles.after, { width: `${(100 * it.after) / most}%` }]} />
          </View>
        </View>
      ))}
    </Part>
  );
}

function changeWords({ before, after, nightBefore, nightAfter }: AnimalChange): string {
  return planText.fromTo(before, after, nightAfter === nightBefore ? 'way-in' : nightAfter);
}

const styles = StyleSheet.create({
  animal: { gap: space.xs },
  line: { flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'space-between', gap: space.s },
  track: { height: 10, backgroundColor: color.ground },
  before: { position: 'absolute', top: 0, height: 10, backgroundColor: color.hours },
  after: { position: 'absolute', top: 0, height: 10, backgroundColor: color.open },
});
