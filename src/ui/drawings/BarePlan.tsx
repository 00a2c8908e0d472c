/** The plan of a place by itself: nothing of it is judged, nothing of it touched. */
import { StyleSheet, View } from 'react-native';
import type { Place } from '@/core/place/place';
import { color } from '../theme/tokens';
import { SitePlan } from './SitePlan';

interface Props {
  readonly place: Place;
  readonly width: number;
  readonly tallest: number;
}

export function BarePlan({ place, width, tallest }: Props) {
  return (
    <View style={styles.sheet}>
      <SitePlan
        place={place}
        marks={noMarks}
        ways={noWays}
        width={width}
        tallest={tallest}
        selected={undefined}
      />
    </View>
  );
}

const noMarks = new Map<string, never>();
const noWays: readonly never[] = [];

const styles = StyleSheet.create({
  sheet: { backgroundColor: color.ground, alignItems: 'flex-start' },
});
