/** The lap at the width it is given, seasonal cover as it is on the day looked at. */
import { View } from 'react-native';
import { Lap } from '@/ui/drawings/Lap';
import type { LapsTogether } from '@/ui/drawings/use-laps-together';
import { useWidth } from '@/ui/theme/use-width';
import type { Drawn } from './SitePlanSheet';

interface Props extends Drawn {
  readonly day: string;
  /** True: the whole lap fits the width. False: it slides. */
  readonly whole: boolean;
  /** Where several slide as one. */
  readonly together?: LapsTogether;
}

export function LapSheet({ guess, ...lap }: Props) {
  const { width, onLayout } = useWidth(guess);
  return (
    <View onLayout={onLayout}>
      <Lap {...lap} width={width} />
    </View>
  );
}
