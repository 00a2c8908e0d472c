/** The mends of the plan in the order of the work; each opens on how it is done. */
import { planText } from '@/words/screens/plan';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { leastOf, type Curve } from '@/core/mends/plan/curve';
import { inDays } from '@/core/mends/plan/days';
import { useRouterHere } from '@/features/frame/use-router-here';
import type { Yard } from '@/store/records';
import { useChanges } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { Chips } from '@/ui/controls/Chips';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { notSavedWords } from '@/words/not-saved-words';
import type { ShownCandidate } from '@/workers/plan-talk';
import { MendRow } from './MendRow';
import type { Shared } from './shared';

interface Props extends Shared {
  readonly yard: Yard;
  readonly chosen: readonly ShownCandidate[];
  readonly curve: Curve | undefined;
}

export function PlannedMends({ yard, chosen, curve, ...shared }: Props) {
  const router = useRouterHere();
  const { planAll } = useChanges();
  const [trouble, setTrouble] = useState<string>();
  const fresh = chosen.filter(({ inHand }) => !inHand);
  const takeOn = () => {
    planAll(fresh.map(({ mend }) => mend))
      .then(() => router.push('/mends'))
      .catch((error: unknown) => setTrouble(notSavedWords(error)));
  };
  const least = curve && leastOf(curve);
  const leastFirst = (least?.chosen ?? []).flatMap((id) => shared.candidates.get(id) ?? []);
  const [day, setDay] = useState<PerDay>('all');
  const shown = chosen.length > 0 ? chosen : leastFirst;
  const days = day === 'all' ? [shown] : inDays(shown, Number(day) * 60);
  return (
    <Part title={chosen.length > 0 ? planText.inThisOrder : planText.theLeastThatChangesAnything}>
      {chosen.length > 0 && (
        <Txt kind="small" tone="ink2">
          {planText.whatMakesTheNightsSafer}
        </Txt>
      )}
      {chosen.length > 1 && (
        <View role="group" aria-label={planText.hoursADay}>
          <Chips narrow options={perDay} value={day} onChoose={setDay} />
        </View>
      )}
      {days.map((jobs, at) => (
        <View key={jobs[0]?.id} style={styles.list}>
          {day !== 'all' && (
            <Txt kind="sub">
              {planText.day(
                at + 1,
                jobs.reduce((sum, it) => sum + it.minutes, 0),
              )}
            </Txt>
          )}
          {jobs.map((candidate) => (
            <MendRow
              key={candidate.id}
              {...shared}
              candidate={candidate}
              {...(chosen.length > 0 && { number: chosen.indexOf(candidate) + 1 })}
            />
          ))}
        </View>
      ))}
      {chosen.length === 0 && curve && leastFirst.length === 0 && (
        <Txt>{planText.noMendOfTheCatalogue}</Txt>
      )}
      {trouble && <Notice>{trouble}</Notice>}
      {fresh.length > 0 && <Button label={planText.putOnMyList(fresh.length)} onPress={takeOn} />}
    </Part>
  );
}

/** Hours of work a day. */
const perDay = [
  ['all', planText.asItComes],
  ['1', planText.hoursEach(1)],
  ['2', planText.hoursEach(2)],
  ['4', planText.hoursEach(4)],
] as const;
type PerDay = (typeof perDay)[number][0];

const styles = StyleSheet.create({ list: { gap: space.xs } });
