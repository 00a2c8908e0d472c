/** The plan at the width it is given, with the birds where they are in the hours judged and the line code below. */
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import type { BayId, Place } from '@/core/place/place';
import type { WayIn } from '@/core/routes/ways-in';
import type { BayMark } from '@/core/score/judge';
import type { Whereabouts } from '@/core/score/scenario';
import { Legend } from '@/ui/drawings/Legend';
import { SitePlan } from '@/ui/drawings/SitePlan';
import { isLimitedByHeight } from '@/ui/drawings/site-plan-layout';
import { birdsAbout } from '@/ui/drawings/site-plan-zones';
import type { Works } from '@/ui/drawings/WorkTag';
import { color, space } from '@/ui/theme/tokens';
import { useWidth } from '@/ui/theme/use-width';

/** What plan and lap of one state of the place share. */
export interface Drawn {
  readonly place: Place;
  readonly marks: ReadonlyMap<BayId, BayMark>;
  readonly ways: readonly WayIn[];
  readonly selected: BayId | undefined;
  readonly onSelect: (bay: BayId) => void;
  /** Width until it is known, px. */
  readonly guess: number;
  /** Numbers of planned mends, by bay. */
  readonly works?: Works | undefined;
}

interface Props extends Drawn {
  readonly whereabouts: readonly Whereabouts[];
  readonly tallest: number;
}

export function SitePlanSheet({ guess, whereabouts, ...plan }: Props) {
  const { width, onLayout } = useWidth(guess);
  const birdsIn = useMemo(() => birdsAbout(whereabouts), [whereabouts]);
  const { place, tallest } = plan;
  const beside = useMemo(
    () => width > 2 * legendWidth && isLimitedByHeight(place, width - legendWidth, tallest),
    [place, width, tallest],
  );
  return (
    <View style={[styles.sheet, beside && styles.beside]} onLayout={onLayout}>
      <SitePlan {...plan} width={beside ? width - legendWidth : width} birdsIn={birdsIn} />
      <View style={beside ? styles.standing : styles.legend}>
        <Legend marks={new Set(plan.marks.values())} standing={beside} />
      </View>
    </View>
  );
}

/** Of the line code where it stands beside the plan, px. */
const legendWidth = 200;

const styles = StyleSheet.create({
  sheet: { backgroundColor: color.ground },
  beside: { flexDirection: 'row', alignItems: 'center' },
  standing: { width: legendWidth, paddingRight: space.l },
  legend: { paddingHorizontal: space.l, paddingBottom: space.m },
});
