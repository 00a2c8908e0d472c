/**
 * One roll, sheet or board to scale, as it is crosscut and slit: pieces numbered, waste hatched, what is left whole at the end. A long
 * roll goes on in a second row where the page ends.
 */
import { uiText } from '@/words/screens/ui';
import { StyleSheet, View } from 'react-native';
import Svg, { Defs, G, Line, Path, Pattern, Rect } from 'react-native-svg';
import type { CutRoll, Section } from '@/core/mends/cutting/cutting';
import { isBar } from '@/core/mends/shopping/bars';
import { color, space } from '../theme/tokens';
import { SvgText } from './SvgText';

interface Props {
  readonly cut: CutRoll;
  /** Of a piece, as it stands in the list beside. */
  readonly numberOf: (piece: string) => string;
  /** What is written on a piece where there is room. */
  readonly labelOf: (length: number, width: number) => string;
  readonly leftOf: (length: number) => string;
  readonly width: number;
  readonly says: string;
}

/** Boards have no width that matters: they are drawn as high as this, px. */
const boardHeight = 40;
const tallest = 150;
const leastHeight = 46;
/** The end of a roll that nothing is cut from, drawn no longer than this share of the page. */
const longestEnd = 0.3;

export function CuttingDrawing(props: Props) {
  const { cut, width, says } = props;
  const { roll, sections } = cut;
  const isBoard = isBar(roll);
  const longest = Math.max(...sections.map(({ length }) => length));
  const used = sections.reduce((sum, it) => Math.max(sum, it.from + it.length), 0);
  const end = roll.length - used;
  // As much on a row as leaves the roll wide enough to read, and no less than its longest section.
  const onRow = isBoard
    ? roll.length
    : Math.max(longest, Math.min(roll.length, (roll.width * width) / leastHeight));
  const scale = Math.min((width - 2) / onRow, isBoard ? Infinity : tallest / roll.width);
  const rows = rowsOf(sections, onRow);
  return (
    <View role="img" aria-label={says} style={styles.rows}>
      {rows.map((row, at) => (
        <Row key={at} {...props} row={row} end={at === rows.length - 1 ? end : 0} scale={scale} />
      ))}
    </View>
  );
}

function rowsOf(sections: readonly Section[], onRow: number): Section[][] {
  const rows: Section[][] = [];
  for (const section of sections) {
    const row = rows.at(-1);
    const first = row?.[0];
    if (row && first && section.from + section.length - first.from <= onRow) row.push(section);
    else rows.push([section]);
  }
  return rows;
}

interface RowProps extends Props {
  readonly row: readonly Section[];
  readonly end: number;
  readonly scale: number;
}

function Row({ cut, numberOf, labelOf, leftOf, width, row, end, scale }: RowProps) {
  const isBoard = isBar(cut.roll);
  const across = isBoard ? boardHeight : scale;
  const height = cut.roll.width * across;
  const start = row[0]?.from ?? 0;
  const cutTo = row.reduce((sum, it) => Math.max(sum, it.from + it.length), 0);
  const used = (cutTo - start) * scale;
  const room = width - 2 - used;
  const endWidth = Math.min(end * scale, room, isBoard ? Infinity : width * longestEnd);
  const isBroken = end * scale > endWidth + 1;
  return (
    <Svg width={width} height={height + 4} aria-hidden>
      <Defs>
        <Pattern id="cut-waste" width={7} height={7} patternUnits="userSpaceOnUse">
          <Path d="M0 7L7 0" stroke={color.wire} strokeWidth={1} />
        </Pattern>
      </Defs>
      <G x={1} y={2}>
        {row.map((section) => {
          const x = (section.from - start) * scale;
          const wide = section.length * scale;
          return (
            <G key={section.from} x={x}>
              <Rect
                width={wide}
                height={height}
                fill="url(#cut-waste)"
                stroke={color.ink}
                strokeWidth={1}
              />
              {section.strips.map((strip) => (
                <Piece
                  key={strip.piece}
                  y={strip.across * across}
                  width={strip.length * scale}
                  height={strip.width * across}
                  number={numberOf(strip.piece)}
                  label={labelOf(strip.length, strip.width)}
                />
              ))}
              <Line
                x1={wide}
                x2={wide}
                y1={-2}
                y2={height + 2}
                stroke={color.openText}
                strokeWidth={2}
                strokeDasharray="5 3"
              />
            </G>
          );
        })}
        {endWidth > 6 && (
          <G x={used}>
            <Path
              d={endPath(endWidth, height, isBroken)}
              fill={color.field}
              stroke={color.wire}
              strokeWidth={1.5}
            />
            {endWidth > 64 && (
              <SvgText x={endWidth / 2} y={height / 2 + 5} size={14}>
                {uiText.left(leftOf(end))}
              </SvgText>
            )}
          </G>
        )}
      </G>
    </Svg>
  );
}

/** Whole to its end, or broken off where it goes on. */
function endPath(width: number, height: number, isBroken: boolean): string {
  if (!isBroken) return `M0 0H${width}V${height}H0`;
  const [a, b] = [height / 3, (2 * height) / 3];
  return `M0 0H${width}L${width - 7} ${a}L${width} ${b}L${width - 7} ${height}H0`;
}

interface PieceProps {
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly number: string;
  readonly label: string;
}

function Piece({ y, width, height, number, label }: PieceProps) {
  const hasLabel = width > 110 && height > 34;
  return (
    <G y={y}>
      <Rect
        width={width}
        height={height}
        fill={color.ground}
        stroke={color.ink}
        strokeWidth={1.5}
      />
      {width > 12 && height > 12 && (
        <SvgText
          x={width / 2}
          y={height / 2 + (hasLabel ? -1 : 5)}
          size={Math.min(17, height - 2)}
          fill={color.ink}
          strong
        >
          {number}
        </SvgText>
      )}
      {hasLabel && (
        <SvgText x={width / 2} y={height / 2 + 15} size={13}>
          {label}
        </SvgText>
      )}
    </G>
  );
}

const styles = StyleSheet.create({ rows: { gap: space.xs } });
