/** The place as it would be begun: it follows what is said. */
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Place } from '@/core/place/place';
import { SitePlan } from '@/ui/drawings/SitePlan';
import { color } from '@/ui/theme/tokens';

interface Props {
  readonly place: Place;
  readonly width: number;
  readonly tallest: number;
}

export function PlanSoFar({ place, width, tallest }: Props) {
  const marks = useMemo(() => new Map<string, never>(), []);
  return (
    <View style={styles.sheet}>
      <SitePlan
        place={place}
        marks={marks}
        ways={noWays}
        width={width}
        tallest={tallest}
        selected={undefined}
        onSelect={() => undefined}
      />
    </View>
  );
}

const noWays: readonly never[] = [];

const styles = StyleSheet.create({ sheet: { backgroundColor: color.ground } });
