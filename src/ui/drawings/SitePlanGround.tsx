/** What lies and stands along the walls: buried skirts as strokes, aprons as strips, strands, doors. One path each: there are hundreds. */
import { G, Path } from 'react-native-svg';
import { color } from '../theme/tokens';
import type { SitePlanDoor, SitePlanLine } from './site-plan-line';

export function SitePlanGround({ lines }: { readonly lines: readonly SitePlanLine[] }) {
  return (
    <G>
      <Path
        d={lines
          .filter(({ apron }) => apron > 0)
          .map(apronOf)
          .join('')}
        fill={color.wire}
        opacity={0.35}
      />
      <Path
        d={lines
          .filter(({ buried }) => buried)
          .map(strokesOf)
          .join('')}
        stroke={color.wire}
        strokeWidth={1.5}
        opacity={0.8}
      />
      <Path
        d={lines
          .filter(({ hasStrand }) => hasStrand)
          .map(strandOf)
          .join('')}
        stroke={color.strand}
        strokeWidth={2}
      />
    </G>
  );
}

/** Doors for people stand open a little, as on any plan; what only birds or hands use is a bar in the wall. */
export function SitePlanDoors({ lines }: { readonly lines: readonly SitePlanLine[] }) {
  return (
    <G>
      <Path d={doorsOf(lines, true)} stroke={color.ink} strokeWidth={2.5} />
      <Path d={doorsOf(lines, false)} stroke={color.ink} strokeWidth={4} />
    </G>
  );
}

const leaves: ReadonlySet<SitePlanDoor['kind']> = new Set(['gate', 'door']);

function doorsOf(lines: readonly SitePlanLine[], isLeaf: boolean): string {
  return lines
    .flatMap(({ doors, outward }) =>
      doors.filter(({ kind }) => leaves.has(kind) === isLeaf).map((door) => leafOf(door, outward)),
    )
    .map(({ x1, y1, x2, y2 }) => `M${round(x1)} ${round(y1)}L${round(x2)} ${round(y2)}`)
    .join('');
}

function leafOf({ kind, from, to }: SitePlanDoor, outward: { x: number; y: number }) {
  if (!leaves.has(kind)) {
    const by = 6;
    const inward = (p: { x: number; y: number }) => ({
      x: p.x - outward.x * by,
      y: p.y - outward.y * by,
    });
    const [a, b] = [inward(from), inward(to)];
    return { x1: a.x, y1: a.y, x2: b.x, y2: b.y };
  }
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  const open = 0.5;
  return {
    x1: from.x,
    y1: from.y,
    x2: from.x + (to.x - from.x) * Math.cos(open) - outward.x * length * Math.sin(open),
    y2: from.y + (to.y - from.y) * Math.cos(open) - outward.y * length * Math.sin(open),
  };
}

function apronOf({ from, to, outward, apron }: SitePlanLine): string {
  const [x, y] = [outward.x * apron, outward.y * apron];
  return `M${round(from.x)} ${round(from.y)}L${round(to.x)} ${round(to.y)}L${round(to.x + x)} ${round(to.y + y)}L${round(from.x + x)} ${round(from.y + y)}Z`;
}

/** Short strokes into the ground outside a wall. */
function strokesOf({ from, to, length, outward }: SitePlanLine): string {
  const count = Math.floor(length / 8);
  return Array.from({ length: count }, (_, index) => {
    const share = (index + 0.5) / count;
    const x = from.x + (to.x - from.x) * share + outward.x * 8;
    const y = from.y + (to.y - from.y) * share + outward.y * 8;
    return `M${round(x)} ${round(y)}l${round(outward.x * 7)} ${round(outward.y * 7)}`;
  }).join('');
}

function strandOf({ from, to, outward }: SitePlanLine): string {
  const by = 12;
  return `M${round(from.x + outward.x * by)} ${round(from.y + outward.y * by)}L${round(to.x + outward.x * by)} ${round(to.y + outward.y * by)}`;
}

const round = (px: number) => Math.round(px * 10) / 10;
