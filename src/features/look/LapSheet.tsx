/** The lap at the width it is given, seasonal cover as it is on the day looked at. */
import { View } from 'react-native';
import { Lap } from '@/ui/drawings/Lap';
import { useWidth } from '@/ui/theme/use-width';
import type { Drawn } from './PlanSheet';

interface Props extends Drawn {
  readonly day: string;
  /** True: the whole lap fits the width. False: it slides. */
  readonly whole: boolean;
}

export function LapSheet({ guess, ...lap }: Props) {
  const { width, onLayout } = useWidth(guess);
  return (
    <View onLayout={onLayout}>
      <Lap {...lap} width={width} />
    </View>
  );
}
