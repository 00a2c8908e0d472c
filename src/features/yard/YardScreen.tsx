/** The yard: how many ways in tonight and for whom, then where, then the rest. */
import { yardText } from '@/words/screens/yard';
import { useDeferredValue, useMemo, useState } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import type { BayId } from '@/core/place/place';
import { isLookedAt } from '@/core/walk/on-foot';
import { openWalk } from '@/core/walk/open-walk';
import { DamagedNotice } from '@/features/frame/DamagedNotice';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { Column } from '@/ui/controls/Column';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { useOpened } from '@/ui/controls/use-opened';
import { wholeLapHeight } from '@/ui/drawings/lap-frame';
import { color, readableWidth, space } from '@/ui/theme/tokens';
import { useWide } from '@/ui/theme/use-wide';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { LapSheet } from '@/features/look/LapSheet';
import { SitePlanSheet } from '@/features/look/SitePlanSheet';
import { useAllScenarios } from '@/features/look/use-all-scenarios';
import { useLook } from '@/features/look/use-look';
import { Answer } from './Answer';
import { EveningCard } from './EveningCard';
import { ScenarioBar, ScenarioNote } from './ScenarioBar';
import { useBelow } from './use-below';
import { useYardKeys } from './use-yard-keys';
import { WayList } from './WayList';

/** What stands above the plan on a wide screen, px; the lap is below it. */
const abovePlan = 337;
/** Drawn smaller, walls that stand close could not be touched apart, px. */
const leastPlan = 330;

/** The column of ways in and animals on a wide screen, px. */
const listWidth = 384;

type Drawing = 'plan' | 'lap';

export function YardScreen({ yard }: { readonly yard: Yard }) {
  const look = useLook();
  const judgement = useJudgement(yard, look);
  const all = useAllScenarios(yard, look.day);
  // When the screen opens the sentence is painted first, then the plan, the ways in, the rest. When something changed sentence and
  // drawings come together; lists and figures follow in slices a touch can get in between.
  const stage = useOpened(3);
  const seen = useMemo(() => ({ yard, look, judgement, all }), [yard, look, judgement, all]);
  const later = useDeferredValue(stage > 1 ? seen : undefined, undefined);
  const below = useBelow(stage > 0);
  const [selected, setSelected] = useState<BayId>();
  const [touchedOn, setTouchedOn] = useState<Drawing>('plan');
  const onPlan = (bay: BayId) => {
    setSelected(bay);
    setTouchedOn('plan');
  };
  const onLap = (bay: BayId) => {
    setSelected(bay);
    setTouchedOn('lap');
  };
  const wide = useWide();
  const { height } = useWindowDimensions();
  const page = usePageWidth('full');
  const { marks, waysIn: ways, whereabouts } = judgement;
  const { place } = judgement.found;
  const room = height - abovePlan - wholeLapHeight(place, page);
  const touched = { place, marks, ways, selected };
  const plan = stage > 0 && (
    <SitePlanSheet
      {...touched}
      onSelect={onPlan}
      whereabouts={whereabouts}
      guess={wide ? page - listWidth : Math.min(page, readableWidth)}
      tallest={wide ? Math.min(Math.max(room, leastPlan), 520) : leastPlan}
    />
  );
  // Not before the plan: it would be seen to move.
  const note = stage > 0 && <ScenarioNote {...look} />;
  const lap = (
    <LapSheet
      {...touched}
      onSelect={onLap}
      day={look.day}
      guess={wide ? page : Math.min(page, readableWidth)}
      whole={wide}
    />
  );
  // What is touched is said where the finger is.
  const noteOn = (drawing: Drawing) =>
    below &&
    selected &&
    touchedOn === drawing && <below.BayNote judgement={judgement} bay={selected} look={look} />;
  const scenarioBar = <ScenarioBar look={look} judgement={judgement} all={later?.all} />;
  const wayList = later && <WayList judgement={later.judgement} look={later.look} />;
  const last = stage > 2 ? later : undefined;
  const outlook = last && below && <below.Outlook {...last} />;
  const whatCounts = last && below && <below.WhatCounts judgement={last.judgement} />;
  const animalList = last && below && (
    <below.AnimalList judgement={last.judgement} look={last.look} />
  );
  const settle = last && below && <below.SettleOffer yard={yard} />;
  const evening = look.day === look.today && <EveningCard yard={yard} place={place} />;
  // Before the first walk it is what there is to do: nothing else falls due yet.
  const lookedAt = isLookedAt(yard.walks, judgement);
  const due = last && below && lookedAt && look.day === look.today && (
    <below.DueCard yard={yard} place={place} />
  );
  const news = last && below && look.day === look.today && (
    <below.DeviceNewsCard yard={yard} place={place} />
  );
  // Before the first walk it is the next thing to do, and has its room from the start.
  const firstWalk = !lookedAt && !openWalk(yard.walks, 'lap') && (
    <View style={wide ? styles.settleBeside : styles.settle}>{settle}</View>
  );
  // These come after the first paint: on a phone they stand where they push nothing from under a finger.
  const cards = (
    <>
      {news}
      {due}
      {lookedAt && settle}
    </>
  );
  const damaged = yard.damaged && <DamagedNotice damaged={yard.damaged} placeId={yard.place.id} />;
  useYardKeys({ judgement, look, selected, onSelect: setSelected });
  if (wide) {
    return (
      <View style={styles.wide}>
        <View style={styles.columns}>
          <Column name={yardText.thePlace} style={styles.left}>
            <Answer yard={yard} judgement={judgement} look={look} />
            <View style={styles.cards}>
              {firstWalk}
              {evening}
              {cards}
            </View>
            {damaged}
            {scenarioBar}
            {plan}
            {note}
            {noteOn('plan')}
            {outlook}
            {whatCounts}
            {last && below && <below.KeyList />}
          </Column>
          <Column name={yardText.waysInAndAnimals} style={styles.right}>
            {wayList}
            {animalList}
          </Column>
        </View>
        <View style={[styles.foot, { minHeight: wholeLapHeight(place, page) }]}>
          {noteOn('lap')}
          {stage > 0 && lap}
        </View>
      </View>
    );
  }
  return (
    <Screen>
      <Answer yard={yard} judgement={judgement} look={look} />
      {firstWalk}
      {evening}
      {damaged}
      {scenarioBar}
      {plan}
      {note}
      {noteOn('plan')}
      {cards}
      {last && below && wayList}
      {last && (
        <>
          <View style={styles.lapHead}>
            <Txt kind="heading">{yardText.theLap}</Txt>
            <Txt kind="small" tone="ink2">
              {yardText.theOuterWallUnrolledFrom}
            </Txt>
          </View>
          {lap}
          {noteOn('lap')}
        </>
      )}
      {animalList}
      {outlook}
      {whatCounts}
    </Screen>
  );
}

const styles = StyleSheet.create({
  wide: { flex: 1, backgroundColor: color.field },
  columns: { flex: 1, flexDirection: 'row', minHeight: 0 },
  /** Three lines and what is round them: the first of them stands alone for a moment, in a line. */
  cards: { flexDirection: 'row', minHeight: 97 },
  settle: { minHeight: 72 },
  settleBeside: { flex: 1 },
  left: { flex: 1, minWidth: 0 },
  right: {
    flexGrow: 0,
    flexBasis: listWidth,
    width: listWidth,
    backgroundColor: color.paper,
    borderLeftWidth: 1,
    borderLeftColor: color.hairline,
  },
  lapHead: { paddingHorizontal: space.l, paddingTop: space.l, paddingBottom: space.s },
  foot: { borderTopWidth: 2, borderTopColor: color.ink },
});
