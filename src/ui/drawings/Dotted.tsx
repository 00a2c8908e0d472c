/** The way an animal goes: dots along a path, a solid head at its end. Drawn anew only where it runs otherwise. */
import { memo } from 'react';
import { G, Path } from 'react-native-svg';
import { color } from '../theme/tokens';

interface Props {
  /** Path data. */
  readonly along: string;
  readonly head: string;
}

export const Dotted = memo(function Dotted({ along, head }: Props) {
  return (
    <G>
      <Path
        d={along}
        fill="none"
        stroke={color.open}
        strokeWidth={3.5}
        strokeLinecap="round"
        strokeDasharray="0.1 7"
      />
      <Path d={head} fill={color.open} />
    </G>
  );
});
