/** One bay of the lap: cover, posts, doors, sill, skirt, and the line that says how it stands. */
import { memo } from 'react';
import { G, Line, Path, Rect } from 'react-native-svg';
import type { BayMark } from '@/core/score/judge';
import { color } from '../theme/tokens';
import type { LapBox } from './lap-layout';
import { MarkedLine } from './MarkedLine';
import { meshFill } from './MeshPatterns';

interface Props {
  readonly box: LapBox;
  /** Where the ground is in the drawing, px. */
  readonly ground: number;
  readonly mark: BayMark | undefined;
  readonly selected: boolean;
}

const post = 6;

/** Drawn anew only where its own bay changed: a box stays the same object as long as its bay does. */
export const LapBayDrawing = memo(function LapBayDrawing({ box, ground, mark, selected }: Props) {
  const sill = Math.min(8, box.height / 8);
  // A raised bay does not reach the ground.
  const foot = box.y + box.height;
  return (
    <G>
      {box.bands.map(({ id, x, y, width, height, mesh }) => (
        <Rect key={id} x={x} y={y} width={width} height={height} fill={meshFill(mesh)} />
      ))}
      {box.bands.slice(1).map(({ id, x, y, width, height }) => (
        <Line
          key={id}
          x1={x}
          x2={x + width}
          y1={y + height}
          y2={y + height}
          stroke={color.timber}
          strokeWidth={2}
        />
      ))}
      <TopEdge box={box} />
      {box.openings.map(({ opening, x, y, width, height }) => (
        <Rect
          key={opening.id}
          x={x}
          y={y}
          width={width}
          height={height}
          fill={opening.kind === 'gate' || opening.kind === 'door' ? 'none' : color.ink2}
          stroke={color.ink}
          strokeWidth={2}
        />
      ))}
      <Rect
        x={box.x}
        y={box.y + box.height - sill}
        width={box.width}
        height={sill}
        fill={color.timber}
      />
      <Rect x={box.x - post / 2} y={box.y} width={post} height={box.height + 3} fill={color.ink2} />
      <Rect
        x={box.x + box.width - post / 2}
        y={box.y}
        width={post}
        height={box.height + 3}
        fill={color.ink2}
      />
      {box.slabs && (
        <Path
          d={`M${box.x} ${ground + 2}h${box.width}v11h${-box.width}z${joints(box, ground)}`}
          fill={color.paper}
          stroke={color.ink3}
          strokeWidth={1}
        />
      )}
      {box.skirt && (
        <Rect
          x={box.x + 1}
          y={ground + 4}
          width={box.width - 2}
          height={box.skirt.depth}
          fill={meshFill(box.skirt.mesh)}
          stroke={color.ink3}
          strokeWidth={1}
        />
      )}
      {box.apron > 0 && (
        <Path
          d={`M${box.x + 2} ${ground + 12}h${box.width - 4}`}
          stroke={color.wire}
          strokeWidth={5}
          strokeDasharray="2 1"
        />
      )}
      {box.strands.map(({ id, y }) => (
        <Path
          key={id}
          d={`M${box.x} ${y}h${box.width}M${box.x} ${y - 4}v8M${box.x + box.width} ${y - 4}v8`}
          stroke={color.strand}
          strokeWidth={2.5}
        />
      ))}
      {mark && (
        <MarkedLine
          from={{ x: box.x + post / 2, y: foot + 4 }}
          to={{ x: box.x + box.width - post / 2, y: foot + 4 }}
          mark={mark}
        />
      )}
      {selected && (
        <Rect
          x={box.x}
          y={box.y - 2}
          width={box.width}
          height={box.height + 8}
          fill="none"
          stroke={color.ink}
          strokeWidth={2.5}
          strokeDasharray="6 4"
        />
      )}
    </G>
  );
});

/** What the wall ends in: a roof as it is, or nothing, or an edge that leans out. */
function TopEdge({ box }: { readonly box: LapBox }) {
  const { x, y, width, roof } = box;
  const { kind } = box.bay.top;
  if (kind === 'open') return null;
  if (kind !== 'roof') {
    const out = kind === 'hood' ? 'v-9h7' : 'l9 -9';
    return (
      <Path
        d={`M${x} ${y}${out}M${x + width - 9} ${y}${out}`}
        fill="none"
        {...edge}
        strokeWidth={3}
      />
    );
  }
  if (roof === 'sheet') return <Rect x={x} y={y - 5} width={width} height={5} fill={color.ink} />;
  const dash = { netting: '1.5 4', mesh: '3 2', mixed: '10 3 3 3', unread: '0.5 6', open: '6 6' };
  return (
    <Path d={`M${x} ${y - 3}h${width}`} {...edge} strokeWidth={4} strokeDasharray={dash[roof]} />
  );
}

const edge = { stroke: color.ink } as const;

/** Joints between slabs, about a pace apart. */
function joints(box: LapBox, ground: number): string {
  const count = Math.max(1, Math.round(box.bay.width / 600));
  return Array.from(
    { length: count - 1 },
    (_, index) => `M${box.x + ((index + 1) * box.width) / count} ${ground + 2}v11`,
  ).join('');
}
