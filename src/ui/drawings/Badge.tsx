/** The number of a way in. */
import { memo } from 'react';
import { Circle, G } from 'react-native-svg';
import { color } from '../theme/tokens';
import { SvgText } from './SvgText';

export const Badge = memo(function Badge({
  x,
  y,
  number,
}: {
  readonly x: number;
  readonly y: number;
  readonly number: number;
}) {
  return (
    <G>
      <Circle cx={x} cy={y} r={14} fill={color.open} />
      <SvgText x={x} y={y + 5.5} fill={color.onOpen} size={17} strong>
        {String(number)}
      </SvgText>
    </G>
  );
});
