/** The yard: how many ways in tonight and for whom, then where, then the rest. */
import { useState } from 'react';
import { ScrollView, StyleSheet, useWindowDimensions, View } from 'react-native';
import type { BayId } from '@/core/place/place';
import type { Judgement } from '@/core/score/judge';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { Lap } from '@/ui/drawings/Lap';
import { Legend } from '@/ui/drawings/Legend';
import { Plan } from '@/ui/drawings/Plan';
import { color, readableWidth, space } from '@/ui/theme/tokens';
import { useWide } from '@/ui/theme/use-wide';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWidth } from '@/ui/theme/use-width';
import { AnimalList } from './AnimalList';
import { Answer } from './Answer';
import { BayNote } from './BayNote';
import { WayList } from './WayList';
import { WhatCounts } from './WhatCounts';

/** What stands above and below the plan on a wide screen, so that the lap is whole at its foot, px. */
const aroundPlan = 470;

/** The column of ways in and animals on a wide screen, px. */
const listWidth = 384;

export function YardScreen({ yard }: { readonly yard: Yard }) {
  const judgement = useJudgement(yard);
  const [selected, setSelected] = useState<BayId>();
  const wide = useWide();
  const { height } = useWindowDimensions();
  const drawings = { judgement, selected, onSelect: setSelected };
  const note = selected && <BayNote judgement={judgement} bay={selected} />;
  if (wide) {
    return (
      <View style={styles.wide}>
        <View style={styles.columns}>
          <ScrollView style={styles.left} role="region" tabIndex={0} aria-label="The place">
            <Answer yard={yard} judgement={judgement} />
            <PlanSheet {...drawings} tallest={Math.min(Math.max(height - aroundPlan, 260), 520)} />
            {note}
            <WhatCounts judgement={judgement} />
          </ScrollView>
          <ScrollView
            style={styles.right}
            role="region"
            tabIndex={0}
            aria-label="Ways in and animals"
          >
            <WayList judgement={judgement} />
            <AnimalList judgement={judgement} />
          </ScrollView>
        </View>
        <View style={styles.foot}>
          <LapSheet {...drawings} whole />
        </View>
      </View>
    );
  }
  return (
    <Screen>
      <Answer yard={yard} judgement={judgement} />
      <PlanSheet {...drawings} tallest={330} />
      {note}
      <WayList judgement={judgement} />
      <View style={styles.lapHead}>
        <Txt kind="heading">The lap</Txt>
        <Txt kind="small" tone="ink2">
          The outer wall unrolled from the gate. Slide it; touch a bay.
        </Txt>
      </View>
      <LapSheet {...drawings} whole={false} />
      <AnimalList judgement={judgement} />
      <WhatCounts judgement={judgement} />
    </Screen>
  );
}

interface DrawingProps {
  readonly judgement: Judgement;
  readonly selected: BayId | undefined;
  readonly onSelect: (bay: BayId) => void;
}

function PlanSheet({ judgement, tallest, ...touch }: DrawingProps & { readonly tallest: number }) {
  const page = usePageWidth('full');
  const { width, onLayout } = useWidth(
    useWide() ? page - listWidth : Math.min(page, readableWidth),
  );
  const marks = judgement.marks;
  return (
    <View style={styles.sheet} onLayout={onLayout}>
      <Plan
        place={judgement.found.place}
        marks={marks}
        ways={judgement.waysIn}
        width={width}
        tallest={tallest}
        {...touch}
      />
      <View style={styles.legend}>
        <Legend marks={new Set(marks.values())} />
      </View>
    </View>
  );
}

function LapSheet({ judgement, whole, ...touch }: DrawingProps & { readonly whole: boolean }) {
  const { width, onLayout } = useWidth(usePageWidth(whole ? 'full' : 'readable'));
  return (
    <View onLayout={onLayout}>
      <Lap
        place={judgement.found.place}
        marks={judgement.marks}
        ways={judgement.waysIn}
        width={width}
        whole={whole}
        {...touch}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  wide: { flex: 1, backgroundColor: color.field },
  columns: { flex: 1, flexDirection: 'row', minHeight: 0 },
  left: { flex: 1, minWidth: 0 },
  right: {
    flexGrow: 0,
    flexBasis: listWidth,
    width: listWidth,
    backgroundColor: color.paper,
    borderLeftWidth: 1,
    borderLeftColor: color.hairline,
  },
  sheet: { backgroundColor: color.ground },
  legend: { paddingHorizontal: space.l, paddingBottom: space.m },
  lapHead: { paddingHorizontal: space.l, paddingTop: space.l, paddingBottom: space.s },
  foot: { borderTopWidth: 2, borderTopColor: color.ink },
});
