/** The plan: what to mend first for the money and hours there are, and why not the rest. */
import { planText } from '@/words/screens/plan';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PlanAnswer } from '@/core/mends/plan/answer';
import { leastOf, type Curve } from '@/core/mends/plan/curve';
import { readyFor, withMends } from '@/core/mends/plan/with-mends';
import { judge } from '@/core/score/judge';
import type { AnimalId } from '@/core/tables/animals';
import { LapSheet } from '@/features/look/LapSheet';
import { SitePlanSheet } from '@/features/look/SitePlanSheet';
import { numbersOf } from '@/features/look/WorksSheet';
import { lookParams, useLook } from '@/features/look/use-look';
import { usePlanLimits } from '@/store/plan-limits';
import { UndoBar } from '@/features/edit/UndoBar';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Columns } from '@/ui/controls/Columns';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWide } from '@/ui/theme/use-wide';
import { clashWords, mendTitle, moneyWords } from '@/words/plan-words';
import { usePlan } from '@/workers/use-plan';
import type { ShownCandidate } from '@/workers/plan-talk';
import { CurvePart } from './CurvePart';
import { LessPart } from './LessPart';
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
  const wide = useWide();
  const { limits, setLimits } = usePlanLimits(place.id);
  const [animal, setAnimal] = useState<AnimalId>();
  const told = usePlan(yard, look.today, limits, animal);
  const { opened, answer, curve, shutOut, working, failed, stop } = told;
  const candidates = useMemo(() => new Map(opened?.candidates.map((it) => [it.id, it])), [opened]);
  const chosen = (answer?.chosen ?? []).flatMap((id) => candidates.get(id) ?? []);
  const shared = { place, limits: limits ?? {}, setLimits, candidates };
  return (
    <Columns
      names={[planText.thePlan, planText.drawingAndCurve]}
      head={
        <View style={styles.head}>
          <BackLink href="/mends" name={planText.mends} />
          <View style={[styles.answer, { minHeight: answerRoom[wide ? 'wide' : 'phone'] }]}>
            <Headline yard={yard} answer={answer} curve={curve} candidates={candidates} />
            {answer && answer.chosen.length > 0 && !failed && (
              <LessPart {...shared} answer={answer} curve={curve} />
            )}
            {failed && <Notice>{planText.thePlanCouldNotBe}</Notice>}
            {working && (
              <View style={styles.working}>
                <Txt kind="small" tone="ink2" live>
                  {working.nodes === 0
                    ? planText.workingItOut
                    : planText.workingItOutSetsLooked(working.nodes)}
                </Txt>
                {working.nodes > 0 && (
                  <Button look="plain" label={planText.stopTakeTheBestSo} onPress={stop} />
                )}
              </View>
            )}
          </View>
          <UndoBar placeId={place.id} />
        </View>
      }
      left={
        <>
          {limits && <LimitsPart {...shared} curve={curve} />}
          {answer && opened && (
            <>
              <PlannedMends {...shared} yard={yard} chosen={chosen} curve={curve} />
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
                  {planText.pricesThatAreNotIn}
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
          {answer && !curve && !failed && (
            <Part title={planText.whatMoreMoneyBrings}>
              <Txt tone="ink2">{planText.eachSumIsWorkedOut}</Txt>
            </Part>
          )}
        </>
      }
    />
  );
}

function Headline({
  yard,
  answer,
  curve,
  candidates,
}: {
  readonly yard: Yard;
  readonly answer: PlanAnswer | undefined;
  readonly curve: Curve | undefined;
  readonly candidates: ReadonlyMap<string, ShownCandidate>;
}) {
  const { place } = yard;
  if (!answer) return <Txt kind="title">{planText.thePlan}</Txt>;
  const { chosen, before, after, minutes } = answer;
  const titleOf = (id: string) => {
    const it = candidates.get(id);
    return it ? mendTitle(place, it.mend) : id;
  };
  const clashes = answer.clashes.map((it) => (
    <Notice key={`${it.made} ${it.instead}`}>{clashWords(it, titleOf)}</Notice>
  ));
  const money = (cents: number) => moneyWords(place, cents);
  if (chosen.length === 0) {
    const least = curve && leastOf(curve);
    const title = before < 0.005 ? planText.nothingNeedsMending : planText.noMendWithinThat;
    return (
      <>
        <Txt kind="title">{title}</Txt>
        {least && <Txt kind="strong">{planText.isTheLeastThatChanges(money(least.cents))}</Txt>}
        {!curve && before >= 0.005 && (
          <Txt tone="ink2" live>
            {planText.theLeastIsBeingLookedFor}
          </Txt>
        )}
        {clashes}
      </>
    );
  }
  return (
    <>
      <Txt kind="title">{planText.lossesSpared(chosen.length, before, after)}</Txt>
      <Txt kind="strong">{planText.andOfWork(answer, money, minutes)}</Txt>
      <Txt tone="ink2">{planText.expectedBirds(before, after)}</Txt>
      <Txt tone="ink2">
        {answer.isProved
          ? planText.noOtherSetOfThese
          : planText.stoppedEarlyTheBestSet(gapWords(answer))}
      </Txt>
      {answer.overspent && <Notice>{planText.whatMustBeMadeTakes}</Notice>}
      {clashes}
    </>
  );
}

/** What is proved of a plan that was stopped: by how much of its losses another could be better. */
function gapWords({ after, bound }: PlanAnswer): string {
  return planText.ofWhatIsLeft(Math.max(1, Math.ceil((100 * (after - bound)) / after)));
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
  const works = useMemo(() => numbersOf(mends), [mends]);
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
    <View role="group" aria-label={planText.withThePlanMade} style={styles.drawn}>
      <View style={styles.head}>
        <Txt kind="heading">{planText.withThePlanMade}</Txt>
        <Txt tone="ink2">{planText.onAShutNight(after.waysIn.length, after.slowWays.length)}</Txt>
      </View>
      <SitePlanSheet {...drawn} whereabouts={whereabouts} tallest={wide ? 400 : 330} />
      <LapSheet {...drawn} day={look.today} whole={false} />
    </View>
  );
}

/** What the answer mostly takes, px: what is set below it is not to move when it comes. */
const answerRoom = { phone: 334, wide: 288 } as const;

const styles = StyleSheet.create({
  answer: { gap: space.s },
  head: { padding: space.l, gap: space.s },
  working: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.m },
  foot: { padding: space.l },
  drawn: { backgroundColor: color.paper },
});
