/** The number of a planned mend: a square tag, where ways in have round ones. */
import { G, Rect } from 'react-native-svg';
import { color } from '../theme/tokens';
import { SvgText } from './SvgText';

interface Props {
  readonly x: number;
  readonly y: number;
  readonly number: string;
}

export function WorkTag({ x, y, number }: Props) {
  const width = Math.max(26, 12 + 10 * number.length);
  return (
    <G>
      <Rect x={x - width / 2} y={y - 13} width={width} height={26} rx={3} fill={color.holds} />
      <SvgText x={x} y={y + 5.5} fill={color.onHolds} size={16} strong>
        {number}
      </SvgText>
    </G>
  );
}

/** Mends in one bay share a tag: "1", "2+5". */
export type Works = ReadonlyMap<string, string>;
