/** The plan of a place by itself: nothing of it is judged. */
import { StyleSheet, View } from 'react-native';
import type { Place } from '@/core/place/place';
import { color } from '../theme/tokens';
import { SitePlan } from './SitePlan';

interface Props {
  readonly place: Place;
  readonly width: number;
  readonly tallest: number;
  readonly onPress?: () => void;
}

export function BarePlan({ place, width, tallest, onPress }: Props) {
  return (
    <View style={styles.sheet}>
      <SitePlan
        place={place}
        marks={noMarks}
        ways={noWays}
        width={width}
        tallest={tallest}
        selected={undefined}
        onSelect={() => onPress?.()}
      />
    </View>
  );
}

const noMarks = new Map<string, never>();
const noWays: readonly never[] = [];

const styles = StyleSheet.create({
  sheet: { backgroundColor: color.ground, alignItems: 'flex-start' },
});
