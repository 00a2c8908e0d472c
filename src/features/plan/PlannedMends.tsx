/** The mends of the plan in the order of the work; each opens on how it is done. */
import { planText } from '@/words/screens/plan';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { leastOf, type Curve } from '@/core/mends/plan/curve';
import { useRouterHere } from '@/features/frame/use-router-here';
import type { Yard } from '@/store/records';
import { useChanges } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
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
  return (
    <Part title={chosen.length > 0 ? planText.inThisOrder : planText.theLeastThatChangesAnything}>
      {chosen.length > 0 && (
        <Txt kind="small" tone="ink2">
          {planText.whatMakesTheNightsSafer}
        </Txt>
      )}
      <View style={styles.list}>
        {(chosen.length > 0 ? chosen : leastFirst).map((candidate, index) => (
          <MendRow
            key={candidate.id}
            {...shared}
            candidate={candidate}
            {...(chosen.length > 0 && { number: index + 1 })}
          />
        ))}
      </View>
      {chosen.length === 0 && curve && leastFirst.length === 0 && (
        <Txt>{planText.noMendOfTheCatalogue}</Txt>
      )}
      {trouble && <Notice>{trouble}</Notice>}
      {fresh.length > 0 && <Button label={planText.putOnMyList(fresh.length)} onPress={takeOn} />}
    </Part>
  );
}

const styles = StyleSheet.create({ list: { gap: space.xs } });
