/** Ground, runs and houses as seen from above: how a run is covered, where birds sleep. */
import { uiText } from '@/words/screens/ui';
import isSame from 'fast-deep-equal';
import { memo } from 'react';
import { G, Path, Polygon } from 'react-native-svg';
import type { Point } from '@/core/place/outline';
import { isInside } from '@/core/place/polygon';
import { color } from '../theme/tokens';
import type { SitePlanZone, RoofKind } from './site-plan-zones';
import { SvgText } from './SvgText';

/** One cell of the hatch over a run: nothing over an open one, denser the more it keeps out. */
const hatches: Readonly<
  Record<RoofKind, { readonly step: number; readonly lines: string } | null>
> = {
  open: null,
  unread: null,
  netting: { step: 12, lines: 'M0 6L6 0L12 6L6 12Z' },
  mesh: { step: 9, lines: 'M0 0H9M0 0V9' },
  mixed: { step: 9, lines: 'M0 0H9' },
  sheet: { step: 6, lines: 'M0 6L6 0' },
};

export function SitePlanZones({ zones }: { readonly zones: readonly SitePlanZone[] }) {
  return (
    <G>
      {zones.map((zone) =>
        zone.kind === 'run' ? (
          <RunZone key={zone.id} zone={zone} />
        ) : zone.kind === 'under-house' ? (
          <Polygon
            key={zone.id}
            points={polygon(zone.points)}
            fill={color.ground}
            stroke={color.ink3}
            strokeWidth={1}
            strokeDasharray="3 4"
          />
        ) : (
          <HouseZone key={zone.id} zone={zone} />
        ),
      )}
    </G>
  );
}

/** Zones are drawn anew only where they look otherwise: the hatch alone has hundreds of strokes. */
const RunZone = memo(function RunZone({ zone }: { readonly zone: SitePlanZone }) {
  const { points, roof, birds, middle } = zone;
  return (
    <G>
      <Polygon points={polygon(points)} fill={color.field} />
      {hatches[roof] && (
        <Path
          d={hatchIn(points, hatches[roof])}
          fill="none"
          stroke={color.hairline}
          strokeWidth={0.8}
        />
      )}
      {birds > 0 && (
        <SvgText x={middle.x} y={middle.y + 6} fill={color.ink} size={16} strong>
          {uiText.birds(birds)}
        </SvgText>
      )}
    </G>
  );
}, isSame);

/** The cell again and again over every row of the figure, cut to it by even-odd spans; figures of a few corners only. */
function hatchIn(
  points: readonly Point[],
  { step, lines }: { step: number; lines: string },
): string {
  const xs = points.map(({ x }) => x);
  const ys = points.map(({ y }) => y);
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const [top, low] = [Math.min(...ys), Math.max(...ys)];
  const cells: string[] = [];
  for (let y = top; y + step <= low + 0.5; y += step) {
    for (let x = left; x + step <= right + 0.5; x += step) {
      const corners = [
        { x: x + 1, y: y + 1 },
        { x: x + step - 1, y: y + 1 },
        { x: x + 1, y: y + step - 1 },
        { x: x + step - 1, y: y + step - 1 },
      ];
      if (corners.every((corner) => isInside(points, corner))) {
        cells.push(shifted(lines, x, y));
      }
    }
  }
  return cells.join('');
}

const shifted = (lines: string, x: number, y: number): string => {
  const r = (n: number) => Math.round(n * 10) / 10;
  return lines.replace(
    /([MLHV])([\d.]+)(?: ([\d.]+))?/g,
    (_, letter: string, a: string, b?: string) => {
      if (letter === 'H') return `H${r(Number(a) + x)}`;
      if (letter === 'V') return `V${r(Number(a) + y)}`;
      return `${letter}${r(Number(a) + x)} ${r(Number(b) + y)}`;
    },
  );
};

const HouseZone = memo(function HouseZone({ zone }: { readonly zone: SitePlanZone }) {
  const { points, middle, birds, name } = zone;
  const xs = points.map(({ x }) => x);
  const ys = points.map(({ y }) => y);
  const [w, h] = [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)];
  const room = roomIn(points, w, h);
  const shown = [...name].length * 7.5 + 26 > w ? 'house' : name;
  return (
    <G>
      <Polygon points={polygon(drawnIn(points, middle))} fill={color.house} />
      {zone.kind === 'nest-box' ? null : room.words ? (
        <>
          <SvgText
            x={middle.x}
            y={middle.y + (birds > 0 ? -2 : 6)}
            fill={color.onHouse}
            size={16}
            strong
          >
            {shown}
          </SvgText>
          {birds > 0 && (
            <SvgText x={middle.x} y={middle.y + 16} fill={color.onHouse} size={14}>
              {uiText.birds(birds)}
            </SvgText>
          )}
        </>
      ) : (
        room.number &&
        birds > 0 && (
          <SvgText x={middle.x} y={middle.y + 5} fill={color.onHouse} size={14} strong>
            {String(birds)}
          </SvgText>
        )
      )}
    </G>
  );
}, isSame);

/** Whether its name and birds fit into a house, or at least the number of birds; standing askew it holds less. */
function roomIn(house: readonly Point[], w: number, h: number) {
  const [a, b, c] = house;
  const side = (from?: Point, to?: Point): number =>
    from && to ? Math.hypot(to.x - from.x, to.y - from.y) : 0;
  const shorter = Math.min(side(a, b), side(b, c));
  const isStraight = Math.abs(Math.min(w, h) - shorter) < 1;
  return { words: isStraight ? w >= 62 && h >= 48 : shorter >= 84, number: shorter >= 34 };
}

/** Its corners, drawn in clear of the lines of its walls. */
function drawnIn(corners: readonly Point[], middle: Point): Point[] {
  const inset = 11;
  return corners.map(({ x, y }) => {
    const [dx, dy] = [middle.x - x, middle.y - y];
    const share = Math.min(0.9, inset / Math.max(Math.hypot(dx, dy), 1));
    return { x: x + dx * share, y: y + dy * share };
  });
}

const polygon = (points: readonly Point[]) => points.map(({ x, y }) => `${x},${y}`).join(' ');
