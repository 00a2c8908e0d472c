/**
 * The line along the lap: below, its walls to scale; above, the volts as the height of a line, what reaches an animal as the ground under it.
 * A square was read, a ring is worked out.
 */
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import type { FenceView } from '@/core/fence/fence-view';
import type { ViewedBay } from '@/core/fence/viewed-bay';
import type { BayId } from '@/core/place/place';
import { isFixed } from '@/core/place/opening-cover';
import { kv } from '@/words/fence-words';
import { fenceText } from '@/words/screens/fence';
import { color } from '../theme/tokens';
import { lookOf } from './fence-lines';
import { SvgText } from './SvgText';
import { WallTouch } from './WallTouch';

interface Props {
  readonly view: Pick<FenceView, 'path' | 'bays' | 'needed'>;
  readonly width: number;
  readonly selected?: BayId | undefined;
  readonly onSelect?: ((bay: BayId) => void) | undefined;
  /** Chance that the leak is in each bay, in their order: drawn in the wall. */
  readonly suspects?: readonly number[];
}

/** px */
const [above, rise, wall, below, margin] = [26, 96, 34, 44, 34];
const height = above + rise + wall + below;
const foot = above + rise;
/** A bay this wide has room for its name. */
const named = 52;
/** kV that the scale reaches at least. */
const leastTop = 8;

export function FenceLap({ view, width, selected, onSelect, suspects }: Props) {
  const { bays, path, needed } = view;
  const widths = bays.map(({ bay }) => bay.width);
  const all = widths.reduce((sum, it) => sum + it, 0);
  const scale = (width - 2 * margin) / Math.max(all, 1);
  const top = Math.max(leastTop, needed, ...bays.map(({ volts }) => volts));
  const y = (volts: number) => foot - (volts / top) * rise;
  const spans = widths.map((it, index) => {
    const from = margin + widths.slice(0, index).reduce((sum, each) => sum + each, 0) * scale;
    return { from, to: from + it * scale, middle: from + (it * scale) / 2 };
  });
  const at = (index: number) => spans[index] ?? { from: 0, to: 0, middle: 0 };
  // Where the line runs over what is asked for, its name stands under it, and the other way round.
  const isOver = bays.every(({ volts }) => volts >= needed);
  const live = path.bays.map(({ isLive }) => isLive);
  return (
    <View style={{ width, height }}>
      <Svg
        width={width}
        height={height}
        role="img"
        aria-label={fenceText.drawingSays(bays, path, needed)}
      >
        {needed > 0 && (
          <Line
            x1={margin}
            x2={width - margin}
            y1={y(needed)}
            y2={y(needed)}
            stroke={color.ink3}
            strokeWidth={1}
            strokeDasharray="2 4"
          />
        )}
        {bays.map(({ bay, reaching }, index) => {
          const { from, to } = at(index);
          const isChosen = bay.id === selected;
          return (
            <G key={bay.id}>
              <Rect
                x={from}
                y={y(reaching)}
                width={to - from}
                height={foot - y(reaching)}
                fill={color.strand}
                fillOpacity={0.28}
              />
              <Rect
                x={from + 1}
                y={foot}
                width={to - from - 2}
                height={wall}
                fill={color.ground}
                stroke={isChosen ? color.ink : color.wire}
                strokeWidth={isChosen ? 3 : 1}
              />
              <Suspect share={suspects?.[index] ?? 0} from={from} to={to} />
              {bay.openings.some((it) => !isFixed(it)) && (
                <Rect
                  x={(from + to) / 2 - 5}
                  y={foot + 8}
                  width={10}
                  height={wall - 8}
                  fill={color.field}
                  stroke={color.ink2}
                  strokeWidth={1.5}
                />
              )}
            </G>
          );
        })}
        {bays.slice(1).map((it, index) => (
          <Stretch
            key={it.bay.id}
            from={[at(index).middle, y(bays[index]?.volts ?? 0)]}
            to={[at(index + 1).middle, y(it.volts)]}
            look={lookOf(Math.min(it.reaching, bays[index]?.reaching ?? 0), needed)}
            isWhole={live[index] === live[index + 1]}
          />
        ))}
        {bays.map((it, index) => (
          <Mark key={it.bay.id} bay={it} x={at(index).middle} y={y(it.volts)} />
        ))}
        {needed > 0 && (
          <SvgText x={width / 2} y={y(needed) + (isOver ? 16 : -5)} size={14}>
            {fenceText.needed(kv(needed))}
          </SvgText>
        )}
        <Feed x={at(path.feed).middle} />
        <Names bays={bays} spans={spans} selected={selected} />
      </Svg>
      {onSelect &&
        bays.map(({ bay, volts }, index) => (
          <WallTouch
            key={bay.id}
            bay={bay.id}
            says={fenceText.bayVolts(bay.name, kv(volts))}
            pressed={bay.id === selected}
            left={at(index).from}
            top={above}
            width={at(index).to - at(index).from}
            height={rise + wall}
            onSelect={onSelect}
          />
        ))}
    </View>
  );
}

type Point = readonly [x: number, y: number];

function Stretch({
  from,
  to,
  look,
  isWhole,
}: {
  readonly from: Point;
  readonly to: Point;
  readonly look: ReturnType<typeof lookOf>;
  readonly isWhole: boolean;
}) {
  if (!isWhole) return null;
  return (
    <Line
      x1={from[0]}
      y1={from[1]}
      x2={to[0]}
      y2={to[1]}
      stroke={look.stroke}
      strokeWidth={look.width}
      {...(look.dash !== undefined && { strokeDasharray: look.dash })}
    />
  );
}

function Mark({ bay, x, y }: { readonly bay: ViewedBay; readonly x: number; readonly y: number }) {
  return bay.isRead ? (
    <>
      <Rect x={x - 5} y={y - 5} width={10} height={10} fill={color.ink} />
      <SvgText x={x} y={y - 10} size={14} strong fill={color.ink}>
        {kv(bay.volts)}
      </SvgText>
    </>
  ) : (
    <Circle cx={x} cy={y} r={4} fill={color.field} stroke={color.ink} strokeWidth={1.5} />
  );
}

/** How likely the leak is here: the wall fills up. */
function Suspect({ share, from, to }: { share: number; from: number; to: number }) {
  const least = 0.005;
  if (share < least) return null;
  const filled = Math.max(3, share * (wall - 4));
  return (
    <Rect
      x={from + 3}
      y={foot + wall - 2 - filled}
      width={to - from - 6}
      height={filled}
      fill={color.open}
      fillOpacity={0.75}
    />
  );
}

/** Where the energizer is joined on. */
function Feed({ x }: { readonly x: number }) {
  return (
    <Path
      d={`M${x + 3} ${foot + wall + 2}l-7 9h6l-3 8 8-10h-6z`}
      fill={color.strand}
      stroke={color.ink}
      strokeWidth={1}
    />
  );
}

interface Span {
  readonly from: number;
  readonly to: number;
  readonly middle: number;
}

/** Names where there is room; else of the one chosen, the first and the last. */
function Names({
  bays,
  spans,
  selected,
}: {
  readonly bays: readonly ViewedBay[];
  readonly spans: readonly Span[];
  readonly selected: BayId | undefined;
}) {
  const chosen = bays.findIndex(({ bay }) => bay.id === selected);
  const isShown = (index: number, { from, to }: Span) =>
    to - from >= named ||
    (chosen >= 0 ? index === chosen : index === 0 || index === bays.length - 1);
  return spans.map((span, index) => {
    const name = bays[index]?.bay.name;
    if (name === undefined || !isShown(index, span)) return null;
    const anchor =
      span.to - span.from >= named || (index > 0 && index < bays.length - 1)
        ? 'middle'
        : index === 0
          ? 'start'
          : 'end';
    const x = anchor === 'middle' ? span.middle : anchor === 'start' ? span.from : span.to;
    return (
      <SvgText key={index} x={x} y={height - 6} size={14} anchor={anchor}>
        {name}
      </SvgText>
    );
  });
}
