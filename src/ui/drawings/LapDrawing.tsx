/** The lap as a picture: the wall unrolled to scale, bay after bay from the gate. */
import { uiText } from '@/words/screens/ui';
import type { ReactNode } from 'react';
import Svg, { G, Rect } from 'react-native-svg';
import type { BayId, Place } from '@/core/place/place';
import type { WayIn } from '@/core/routes/ways-in';
import type { BayMark } from '@/core/score/judge';
import { color } from '../theme/tokens';
import { LapBayDrawing } from './LapBayDrawing';
import { distanceLabelsOf, sideLabelsOf, skirtLabelsOf } from './lap-labels';
import type { LapLayout } from './lap-layout';
import { LapRoute } from './LapRoute';
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

/** Id of the whole lap in the page: what is saved as a picture is found by it. */
export const lapDrawing = 'lap-drawing';

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
    <Svg
      width={width}
      height={height}
      role="img"
      aria-label={says}
      {...(labels && { id: lapDrawing })}
    >
      <MeshPatterns />
      <Rect x={0} y={0} width={width} height={height} fill={color.ground} />
      <Rect x={0} y={ground} width={width} height={height - ground} fill={color.soil} />
      <Rect x={0} y={ground} width={width} height={height - ground} fill="url(#soil)" />
      {bays.map((box) => (
        <LapBayDrawing
          key={box.bay.id}
          box={box}
          ground={ground}
          mark={marks.get(box.bay.id)}
          selected={selected === box.bay.id}
        />
      ))}
      {labels && <Labels place={place} layout={layout} />}
      {ways.map((way, index) => (
        <LapRoute key={way.id} layout={layout} way={way} number={index + 1} />
      ))}
      {children}
    </Svg>
  );
}

function Labels({ place, layout }: { readonly place: Place; readonly layout: LapLayout }) {
  return (
    <G>
      {sideLabelsOf(layout).map(({ text, x, y }) => (
        <SvgText key={`${text} ${x}`} x={x} y={y} anchor="start" strong>
          {text}
        </SvgText>
      ))}
      {distanceLabelsOf(place, layout).map(({ text, x, y }) => (
        <SvgText key={text} x={x} y={y} size={14}>
          {text}
        </SvgText>
      ))}
      {skirtLabelsOf(place, layout).map(({ text, x, y }) => (
        <SvgText key={`${text} ${x}`} x={x} y={y} size={14} anchor="start">
          {text}
        </SvgText>
      ))}
    </G>
  );
}

export function lapSays(place: Place, length: number): string {
  return uiText.theOuterWallOfUnrolled(place.name, length, place.units);
}
