/** Mesh drawn as what it is. Cells are drawn coarser than scale, finer mesh always finer than coarser. */
import { Circle, Defs, Path, Pattern } from 'react-native-svg';
import type { MeshId } from '@/core/tables/meshes';
import { color } from '../theme/tokens';

/** Kinds drawn as one colour. */
const plain: Readonly<Partial<Record<MeshId | 'none', string>>> = {
  none: 'none',
  'solid-board': color.timber,
  sheet: color.ink3,
  canvas: color.hairline,
};

/** What a layer is filled with; drawings put `<MeshPatterns />` first. */
export function meshFill(mesh: MeshId | 'none' | undefined): string {
  return (mesh && plain[mesh]) ?? `url(#mesh-${mesh ?? 'unknown'})`;
}

/** One cell: its size, its lines, and how thick they are. */
type Cell = readonly [width: number, height: number, lines: string, thick: number, stroke?: string];

const rect = (width: number, height: number, thick: number): Cell => [
  width,
  height,
  `M0 0H${width}M0 0V${height}`,
  thick,
];
const hexagon = (w: number, h: number, thick: number): Cell => [
  w,
  h,
  `M0 0L${w / 2} ${h / 6}V${h / 2}L0 ${(h * 2) / 3}V${h}M${w} 0L${w / 2} ${h / 6}M${w / 2} ${h / 2}L${w} ${(h * 2) / 3}V${h}`,
  thick,
  color.hex,
];
const diamond = (size: number, thick: number, stroke: string = color.wire): Cell => [
  size,
  size,
  `M0 ${size / 2}L${size / 2} 0L${size} ${size / 2}L${size / 2} ${size}Z`,
  thick,
  stroke,
];

const cells: Readonly<Partial<Record<MeshId, Cell>>> = {
  'insect-screen': rect(1.5, 1.5, 0.3),
  'welded-3': rect(2, 2, 0.5),
  'welded-6': rect(3, 3, 0.6),
  'welded-13': rect(5, 5, 0.7),
  'welded-25': rect(9, 9, 1),
  'welded-25x50': rect(9, 18, 1.1),
  'welded-50x100': rect(16, 32, 1.3),
  'hex-25': hexagon(8, 12, 1),
  'hex-50': hexagon(14, 21, 1.2),
  'chain-link-50': diamond(12, 1.4),
  'chain-link': diamond(14, 1.4),
  'stock-wire': rect(22, 14, 1.2),
  'stock-panel': rect(26, 26, 2),
  // Courses of brick, every other one set over by half.
  masonry: [24, 14, 'M0 0.5H24M0 7.5H24M6 0.5V7.5M18 7.5V14', 1, color.timber],
  'plastic-netting': diamond(6, 0.6, color.ink3),
  'deer-netting': diamond(12, 0.6, color.ink3),
};

export function MeshPatterns() {
  return (
    <Defs>
      {Object.entries(cells).map(([id, [width, height, d, thick, stroke]]) => (
        <Net
          key={id}
          id={`mesh-${id}`}
          width={width}
          height={height}
          d={d}
          stroke={stroke ?? color.wire}
          thick={thick}
        />
      ))}
      <Pattern id="mesh-unknown" width={8} height={8} patternUnits="userSpaceOnUse">
        <Circle cx={4} cy={4} r={0.9} fill={color.ink3} />
      </Pattern>
      <Pattern id="soil" width={7} height={7} patternUnits="userSpaceOnUse">
        <Circle cx={1.5} cy={1.5} r={0.8} fill={color.timber} opacity={0.45} />
        <Circle cx={5} cy={5} r={0.8} fill={color.timber} opacity={0.45} />
      </Pattern>
    </Defs>
  );
}

interface NetProps {
  readonly id: string;
  readonly width: number;
  readonly height: number;
  readonly d: string;
  readonly stroke: string;
  readonly thick: number;
}

function Net({ id, width, height, d, stroke, thick }: NetProps) {
  return (
    <Pattern id={id} width={width} height={height} patternUnits="userSpaceOnUse">
      <Path d={d} fill="none" stroke={stroke} strokeWidth={thick} />
    </Pattern>
  );
}
