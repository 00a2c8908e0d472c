/** A stretch of wall in the line code: whole, dashed, broken with end ticks, dotted. */
import { memo } from 'react';
import { G, Line } from 'react-native-svg';
import type { Point } from '@/core/place/outline';
import type { BayMark } from '@/core/score/judge';
import { lineCode } from '../theme/line-code';

interface Props {
  readonly from: Point;
  readonly to: Point;
  readonly mark: BayMark;
}

const tick = 9;

function DrawnLine({ from, to, mark }: Props) {
  const code = lineCode[mark];
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const along = { x: (to.x - from.x) / length, y: (to.y - from.y) / length };
  if (code.ticks) {
    // The gap is the sign: a short stub at either end, each closed by a tick across.
    const stub = Math.min(10, length / 4);
    const ends = [
      { at: from, way: 1 },
      { at: to, way: -1 },
    ];
    return (
      <G stroke={code.stroke} strokeWidth={code.width}>
        {ends.map(({ at, way }) => {
          const x = at.x + along.x * stub * way;
          const y = at.y + along.y * stub * way;
          return (
            <G key={way}>
              <Line x1={at.x} y1={at.y} x2={x} y2={y} />
              <Line
                x1={x - along.y * tick}
                y1={y + along.x * tick}
                x2={x + along.y * tick}
                y2={y - along.x * tick}
              />
            </G>
          );
        })}
      </G>
    );
  }
  return (
    <Line
      x1={from.x}
      y1={from.y}
      x2={to.x}
      y2={to.y}
      stroke={code.stroke}
      strokeWidth={code.width}
      strokeLinecap={mark === 'unread' ? 'round' : mark === 'holds' ? 'square' : 'butt'}
      {...(code.dash && { strokeDasharray: code.dash })}
    />
  );
}

/** Drawn anew only where it runs otherwise or stands otherwise. */
export const MarkedLine = memo(
  DrawnLine,
  (a, b) => a.mark === b.mark && isSamePoint(a.from, b.from) && isSamePoint(a.to, b.to),
);

const isSamePoint = (a: Point, b: Point): boolean => a.x === b.x && a.y === b.y;
