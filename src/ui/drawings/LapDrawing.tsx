/** The lap as a picture: the wall unrolled to scale, bay after bay from the gate. */
import type { ReactNode } from 'react';
import Svg, { G, Rect } from 'react-native-svg';
import type { BayId, Place } from '@/core/place/place';
import type { WayIn } from '@/core/routes/ways-in';
import type { BayMark } from '@/core/score/judge';
import { distanceWords, lengthWords } from '@/words/length-words';
import { color } from '../theme/tokens';
import { Badge } from './Badge';
import { LapBayDrawing } from './LapBayDrawing';
import type { LapLayout } from './lap-layout';
import { MeshPatterns } from './MeshPatterns';
import { SvgText } from './SvgText';

interface Props {
  readonly place: Place;
  readonly layout: LapLayout;
  readonly marks: ReadonlyMap<BayId, BayMark>;
  readonly ways: readonly WayIn[];
  readonly selected: BayId | undefined;
  readonly says: string;
  /** Names of sides above, metres below. */
  readonly labels: boolean;
  readonly children?: ReactNode;
}

export function LapDrawing({
  place,
  layout,
  marks,
  ways,
  selected,
  says,
  labels,
  children,
}: Props) {
  const { width, height, ground, bays } = layout;
  return (
    <Svg width={width} height={height} role="img" aria-label={says}>
      <MeshPatterns />
      <Rect x={0} y={0} width={width} height={height} fill={color.ground} />
      <Rect x={0} y={ground} width={width} height={height - ground} fill={color.soil} />
      <Rect x={0} y={ground} width={width} height={height - ground} fill="url(#soil)" />
      {bays.map((box) => (
        <LapBayDrawing
          key={box.bay.id}
          box={box}
          layout={layout}
          mark={marks.get(box.bay.id)}
          selected={selected === box.bay.id}
        />
      ))}
      {labels && <Labels place={place} layout={layout} />}
      {ways.map((way, index) => {
        const box = bays.find((it) => it.bay.id === way.id);
        return (
          box && <Badge key={way.id} x={box.x + box.width / 2} y={ground + 26} number={index + 1} />
        );
      })}
      {children}
    </Svg>
  );
}

function Labels({ place, layout }: { readonly place: Place; readonly layout: LapLayout }) {
  const { bays, sides, ground, height, scale } = layout;
  const first = bays[0];
  if (!first) return null;
  const metre = place.units === 'metric' ? 1000 : 304.8;
  const each = place.units === 'metric' ? 2 : 5;
  const length = bays.reduce((sum, box) => sum + box.bay.width, 0);
  const marks = Array.from(
    { length: Math.floor(length / metre / each) + 1 },
    (_, index) => index * each,
  );
  // A depth is written where it begins, not under every bay.
  const skirts = bays.filter(
    (box, index) => box.skirt && box.skirt.mm !== bays[index - 1]?.skirt?.mm,
  );
  return (
    <G>
      {sides.map(({ name, x }) => (
        <SvgText key={`${name} ${x}`} x={x + 6} y={17} anchor="start" strong>
          {name}
        </SvgText>
      ))}
      {marks.map((at) => (
        <SvgText key={at} x={first.x + at * metre * scale} y={height - 5} size={14}>
          {place.units === 'metric' ? `${at} m` : `${at} ft`}
        </SvgText>
      ))}
      {skirts.map(({ bay, x, skirt }) => (
        <SvgText
          key={bay.id}
          x={x + 10}
          y={ground + (skirt?.depth ?? 0) + 18}
          size={14}
          anchor="start"
        >
          {`skirt ${lengthWords(skirt?.mm ?? 0, place.units)}`}
        </SvgText>
      ))}
    </G>
  );
}

export function lapSays(place: Place, length: number): string {
  return `The outer wall of ${place.name} unrolled from the gate, ${distanceWords(length, place.units)}.`;
}
