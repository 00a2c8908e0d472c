/** The plan: what to mend first for the money and hours there are, and why not the rest. */
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PlanAnswer } from '@/core/mends/plan/answer';
import { readyFor, withMends } from '@/core/mends/plan/with-mends';
import { judge } from '@/core/score/judge';
import type { AnimalId } from '@/core/tables/animals';
import { LapSheet } from '@/features/look/LapSheet';
import { PlanSheet } from '@/features/look/PlanSheet';
import { lookParams, useLook } from '@/features/look/use-look';
import { usePlanLimits } from '@/store/plan-limits';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Columns } from '@/ui/controls/Columns';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWide } from '@/ui/theme/use-wide';
import { birdsWords, moneyWords, timeWords } from '@/words/plan-words';
import { moneyOfPlan } from '@/words/plan-text';
import { count } from '@/words/names';
import { usePlan } from '@/workers/use-plan';
import type { ShownCandidate } from '@/workers/plan-talk';
import { CurvePart } from './CurvePart';
import { LimitsPart } from './LimitsPart';
import { OthersPart } from './OthersPart';
import { OwnMendPart } from './OwnMendPart';
import { PlanAnimals } from './PlanAnimals';
import { PlannedMends } from './PlannedMends';
import { ShutOutPart } from './ShutOutPart';
import { TonightPart } from './TonightPart';

export function PlanScreen({ yard }: { readonly yard: Yard }) {
  const { place } = yard;
  const look = useLook();
  const { limits, setLimits } = usePlanLimits(place.id);
  const [animal, setAnimal] = useState<AnimalId>();
  const told = usePlan(yard, look.today, limits, animal);
  const { opened, answer, curve, shutOut, working, failed, stop } = told;
  const candidates = useMemo(() => new Map(opened?.candidates.map((it) => [it.id, it])), [opened]);
  const chosen = (answer?.chosen ?? []).flatMap((id) => candidates.get(id) ?? []);
  const shared = { place, limits: limits ?? {}, setLimits, candidates };
  return (
    <Columns
      names={['The plan', 'Drawing and curve']}
      head={
        <View style={styles.head}>
          <BackLink href="/mends" name="Mends" />
          <Headline yard={yard} answer={answer} />
          {failed && (
            <Notice>The plan could not be worked out in this browser. Nothing was changed.</Notice>
          )}
          {working && (
            <View style={styles.working}>
              <Txt kind="small" tone="ink2" live>
                {working.nodes === 0
                  ? 'Working it out …'
                  : `Working it out: ${working.nodes} sets looked at …`}
              </Txt>
              {working.nodes > 0 && (
                <Button look="plain" label="Stop; take the best so far" onPress={stop} />
              )}
            </View>
          )}
        </View>
      }
      left={
        <>
          {limits && <LimitsPart {...shared} curve={curve} />}
          {answer && opened && (
            <>
              <PlannedMends {...shared} yard={yard} answer={answer} chosen={chosen} />
              <PlanAnimals answer={answer} />
              <ShutOutPart
                {...shared}
                lives={place.setting.lives}
                animal={animal}
                onAnimal={setAnimal}
                shutOut={shutOut?.animal === animal ? shutOut : undefined}
              />
              <OthersPart {...shared} answer={answer} harmful={opened.harmful} />
              <OwnMendPart place={place} spots={opened.ownSpots} />
              <TonightPart place={place} stopgaps={opened.stopgaps} />
              <View style={styles.foot}>
                <Txt kind="small" tone="ink2">
                  Prices that are not in your price book are round sums of ours. The sum in the shop
                  is that of whole rolls, boards and packs; of a single mend, by the metre. Rookle
                  ranks and explains; it promises nothing.
                </Txt>
              </View>
            </>
          )}
        </>
      }
      right={
        <>
          {answer && <Drawn yard={yard} chosen={chosen} />}
          {curve && <CurvePart {...shared} curve={curve} />}
        </>
      }
    />
  );
}

function Headline({
  yard,
  answer,
}: {
  readonly yard: Yard;
  readonly answer: PlanAnswer | undefined;
}) {
  const { place } = yard;
  if (!answer) return <Txt kind="title">The plan</Txt>;
  const { chosen, birdsBefore, birdsAfter, minutes, least } = answer;
  const money = (cents: number) => moneyWords(place, cents);
  if (chosen.length === 0) {
    const title = answer.before < 0.005 ? 'Nothing needs mending' : 'No mend within that';
    return (
      <>
        <Txt kind="title">{title}</Txt>
        {least && (
          <Txt kind="strong">{moneyOfPlan(least, money)} is the least that changes anything.</Txt>
        )}
      </>
    );
  }
  const proved = answer.bound >= answer.after - 1e-6;
  return (
    <>
      <Txt kind="title">
        {count(chosen.length, 'mend')}: {birdsWords(birdsBefore)} → {birdsWords(birdsAfter)} birds a
        year
      </Txt>
      <Txt kind="strong">
        {moneyOfPlan(answer, money)} and {timeWords(minutes)} of work.
      </Txt>
      <Txt tone="ink2">
        {proved
          ? 'No other set of these mends leaves fewer to be taken, for that money and time.'
          : `Stopped early: the best set there is spares at most ${gapWords(answer)} more.`}
      </Txt>
      {answer.overspent && <Notice>What must be made takes more than you allow.</Notice>}
    </>
  );
}

/** What is proved of a plan that was stopped: by how much of its losses another could be better. */
function gapWords({ after, bound }: PlanAnswer): string {
  return `${Math.max(1, Math.ceil((100 * (after - bound)) / after))} % of what is left`;
}

/** The place as it would stand with the plan made, the mends numbered in the order of the work. */
function Drawn({
  yard,
  chosen,
}: {
  readonly yard: Yard;
  readonly chosen: readonly ShownCandidate[];
}) {
  const router = useRouter();
  const look = useLook();
  const wide = useWide();
  const page = usePageWidth('full');
  const guess = wide ? page / 2 : page;
  const { found, whereabouts } = useJudgement(yard);
  const mends = useMemo(() => chosen.map(({ mend }) => mend), [chosen]);
  const after = useMemo(() => {
    const place = withMends(readyFor(found.place, mends), mends);
    return judge(place, [], { scenario: 'night-shut', log: yard.sightings, date: look.today });
  }, [found.place, mends, yard.sightings, look.today]);
  const works = useMemo(() => {
    const numbers = new Map<string, string>();
    mends.forEach(({ bay }, index) => {
      const before = numbers.get(bay);
      numbers.set(bay, before ? `${before}+${index + 1}` : String(index + 1));
    });
    return numbers;
  }, [mends]);
  const drawn = {
    place: found.place,
    marks: after.marks,
    ways: after.waysIn,
    selected: undefined,
    onSelect: (item: string) =>
      router.push({ pathname: '/item/[item]', params: { item, ...lookParams(look) } }),
    guess,
    works,
  };
  return (
    <View role="group" aria-label="With the plan made" style={styles.drawn}>
      <View style={styles.head}>
        <Txt kind="heading">With the plan made</Txt>
        <Txt tone="ink2">
          On a night with everything shut: {count(after.waysIn.length, 'way in', 'ways in')} left
          {after.slowWays.length > 0 && `, ${count(after.slowWays.length, 'slow way')}`}. Square
          numbers are the mends, in the order of the work.
        </Txt>
      </View>
      <PlanSheet {...drawn} whereabouts={whereabouts} tallest={wide ? 400 : 330} />
      <LapSheet {...drawn} day={look.today} whole={false} />
    </View>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  working: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.m },
  foot: { padding: space.l },
  drawn: { backgroundColor: color.paper },
});
