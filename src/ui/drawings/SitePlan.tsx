/** The plan: where things are. Walls in the line code, ways in numbered, routes dotted from outside to the birds. */
import { uiText } from '@/words/screens/ui';
import { Fragment, useMemo } from 'react';
import { View } from 'react-native';
import Svg, { Line, Rect } from 'react-native-svg';
import type { BayId, Place } from '@/core/place/place';
import type { WayIn } from '@/core/routes/ways-in';
import type { BayMark } from '@/core/score/judge';
import { lineCode } from '../theme/line-code';
import { color } from '../theme/tokens';
import { MarkedLine } from './MarkedLine';
import type { BirdsIn } from './site-plan-zones';
import { stableSitePlanLayout } from './site-plan-layout';
import { type SitePlanLine } from './site-plan-line';
import { SitePlanDoors, SitePlanGround } from './SitePlanGround';
import { SitePlanRoute } from './SitePlanRoute';
import { SitePlanZones } from './SitePlanZones';
import { SvgText } from './SvgText';
import { WallTouch } from './WallTouch';
import { WorkTag, type Works } from './WorkTag';

interface Props {
  readonly place: Place;
  readonly marks: ReadonlyMap<BayId, BayMark>;
  readonly ways: readonly WayIn[];
  readonly width: number;
  readonly tallest: number;
  readonly selected: BayId | undefined;
  /** Absent: it is looked at, and its walls are no buttons. */
  readonly onSelect?: ((bay: BayId) => void) | undefined;
  /** Where the birds are in the hours that are judged; absent: where they sleep. */
  readonly birdsIn?: BirdsIn | undefined;
  /** Numbers of planned mends, by bay. */
  readonly works?: Works | undefined;
}

/** Id of the drawing in the page: what is saved as a picture is found by it. */
export const sitePlanDrawing = 'plan-drawing';

export function SitePlan({
  place,
  marks,
  ways,
  width,
  tallest,
  selected,
  onSelect,
  birdsIn,
  works,
}: Props) {
  const layout = useMemo(
    () =>
      stableSitePlanLayout(
        place,
        width,
        tallest,
        [...ways.flatMap((way) => way.bays), ...(works?.keys() ?? [])],
        birdsIn,
      ),
    [place, width, tallest, ways, works, birdsIn],
  );
  const lines = [...layout.walls, ...layout.partitions];
  return (
    <View style={{ width, height: layout.height }}>
      <Svg
        id={sitePlanDrawing}
        width={width}
        height={layout.height}
        role="img"
        aria-label={uiText.planOfNorthUpEvery(place.name)}
      >
        <Rect x={0} y={0} width={width} height={layout.height} fill={color.ground} />
        <SitePlanGround lines={layout.walls} />
        <SitePlanZones zones={layout.zones} />
        {lines.map((line) => (
          <Fragment key={line.bay}>
            {selected === line.bay && (
              <Line
                x1={line.from.x}
                y1={line.from.y}
                x2={line.to.x}
                y2={line.to.y}
                stroke={color.strand}
                strokeWidth={18}
              />
            )}
            <MarkedLine from={line.from} to={line.to} mark={marks.get(line.bay) ?? 'unread'} />
          </Fragment>
        ))}
        <SitePlanDoors lines={lines} />
        {layout.sides.map(({ name, at, anchor }, index) => (
          <SvgText key={index} x={at.x} y={at.y + 5} anchor={anchor}>
            {name}
          </SvgText>
        ))}
        {ways.map((way, index) => (
          <SitePlanRoute key={way.id} layout={layout} way={way} number={index + 1} />
        ))}
        {works &&
          lines.map(({ bay, middle, outward }) => {
            const number = works.get(bay);
            return (
              number && (
                <WorkTag
                  key={bay}
                  x={middle.x + 20 * outward.x}
                  y={middle.y + 20 * outward.y}
                  number={number}
                />
              )
            );
          })}
      </Svg>
      {onSelect &&
        lines.map((line) => (
          <WallTouch
            key={line.bay}
            bay={line.bay}
            says={`${line.name}: ${lineCode[marks.get(line.bay) ?? 'unread'].name}`}
            pressed={selected === line.bay}
            onSelect={onSelect}
            {...touchArea(line)}
          />
        ))}
    </View>
  );
}

/** Lies outside the wall rather than on it, so that two walls never fight over a corner. */
function touchArea({ middle: on, length, angle, outward }: SitePlanLine) {
  const thick = 34;
  const long = Math.max(length - 2, 24);
  const out = thick / 2 - 7;
  const middle = { x: on.x + outward.x * out, y: on.y + outward.y * out };
  return {
    left: middle.x - long / 2,
    top: middle.y - thick / 2,
    width: long,
    height: thick,
    angle,
  };
}
