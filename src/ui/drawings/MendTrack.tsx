/**
 * How far a mend is, as a wall being made good: dotted where it has not got yet, dashed as far as it is on paper or in the shed, thick
 * and whole once it is done and holds, broken with end ticks where it is open again.
 */
import Svg, { Circle, Line } from 'react-native-svg';
import { mendStates, type MendState } from '@/core/records/mend';
import { color } from '../theme/tokens';

interface Props {
  readonly state: MendState;
  readonly width: number;
  readonly says: string;
  /** Never planned: it is not open again, it has not begun. */
  readonly isThoughtOf?: boolean;
}

const height = 34;
const inset = 16;

/** Where the station of a state stands, px from the left. */
export function stationAt(index: number, width: number): number {
  return inset + (index * (width - 2 * inset)) / (mendStates.length - 1);
}

export function MendTrack({ state, width, says, isThoughtOf = false }: Props) {
  const at = mendStates.indexOf(state);
  const here = stationAt(at, width);
  const end = stationAt(mendStates.length - 1, width);
  const y = height / 2;
  const isOpen = state === 'open' && !isThoughtOf;
  const tone = {
    open: color.open,
    planned: color.hours,
    bought: color.hours,
    done: color.holds,
    held: color.holds,
  }[state];
  return (
    <Svg width={width} height={height} role="img" aria-label={says}>
      {at < mendStates.length - 1 && (
        <Line
          x1={here}
          x2={end}
          y1={y}
          y2={y}
          stroke={color.wire}
          strokeWidth={2}
          strokeDasharray="1 6"
          strokeLinecap="round"
        />
      )}
      {at > 0 && (
        <Line
          x1={stationAt(0, width)}
          x2={here}
          y1={y}
          y2={y}
          stroke={tone}
          strokeWidth={state === 'held' ? 7 : 5}
          {...(!['done', 'held'].includes(state) && { strokeDasharray: '11 6' })}
        />
      )}
      {mendStates.map((it, index) => (
        <Circle
          key={it}
          cx={stationAt(index, width)}
          cy={y}
          r={3}
          fill={index <= at ? tone : color.wire}
        />
      ))}
      {isOpen ? (
        <>
          <Line x1={here - 9} x2={here - 9} y1={y - 9} y2={y + 9} stroke={tone} strokeWidth={4} />
          <Line x1={here + 9} x2={here + 9} y1={y - 9} y2={y + 9} stroke={tone} strokeWidth={4} />
        </>
      ) : (
        <Circle cx={here} cy={y} r={9} fill={color.paper} stroke={tone} strokeWidth={4} />
      )}
    </Svg>
  );
}
