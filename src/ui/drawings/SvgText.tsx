/** Text inside a drawing, in the narrow face. */
import { memo } from 'react';
import { Text } from 'react-native-svg';
import { color, font } from '../theme/tokens';

interface Props {
  readonly x: number;
  readonly y: number;
  readonly children: string;
  readonly fill?: string;
  readonly size?: number;
  readonly anchor?: 'start' | 'middle' | 'end';
  readonly strong?: boolean;
}

/** Drawn anew only where it says something else or stands elsewhere. */
export const SvgText = memo(function SvgText({
  x,
  y,
  children,
  fill = color.ink2,
  size = 15,
  anchor = 'middle',
  strong = false,
}: Props) {
  return (
    <Text
      x={x}
      y={y}
      fill={fill}
      fontSize={size}
      fontFamily={font.narrow}
      fontWeight={strong ? '600' : '500'}
      textAnchor={anchor}
    >
      {children}
    </Text>
  );
});
