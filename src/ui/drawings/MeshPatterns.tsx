/** Mesh drawn as what it is. Cells are drawn coarser than scale, finer mesh always finer than coarser. */
import { Circle, Defs, Path, Pattern } from 'react-native-svg';
import type { MeshId } from '@/core/tables/meshes';
import { color } from '../theme/tokens';

/** What a layer is filled with; drawings put `<MeshPatterns />` first. */
export function meshFill(mesh: MeshId | 'none' | undefined): string {
  if (mesh === 'none') return 'none';
  if (mesh === 'solid-board') return color.timber;
  return `url(#mesh-${mesh ?? 'unknown'})`;
}

const square = (pitch: number) => `M0 0H${pitch}M0 0V${pitch}`;
const hexCell = (w: number, h: number) =>
  `M0 0L${w / 2} ${h / 6}V${h / 2}L0 ${(h * 2) / 3}V${h}M${w} 0L${w / 2} ${h / 6}M${w / 2} ${h / 2}L${w} ${(h * 2) / 3}V${h}`;

export function MeshPatterns() {
  return (
    <Defs>
      <Net id="mesh-welded-3" width={2} height={2} d={square(2)} stroke={color.wire} thick={0.5} />
      <Net id="mesh-welded-6" width={3} height={3} d={square(3)} stroke={color.wire} thick={0.6} />
      <Net id="mesh-welded-13" width={5} height={5} d={square(5)} stroke={color.wire} thick={0.7} />
      <Net id="mesh-welded-25" width={9} height={9} d={square(9)} stroke={color.wire} thick={1} />
      <Net
        id="mesh-welded-25x50"
        width={9}
        height={18}
        d="M0 0H9M0 0V18"
        stroke={color.wire}
        thick={1.1}
      />
      <Net
        id="mesh-welded-50x100"
        width={16}
        height={32}
        d="M0 0H16M0 0V32"
        stroke={color.wire}
        thick={1.3}
      />
      <Net id="mesh-hex-25" width={8} height={12} d={hexCell(8, 12)} stroke={color.hex} thick={1} />
      <Net
        id="mesh-hex-50"
        width={14}
        height={21}
        d={hexCell(14, 21)}
        stroke={color.hex}
        thick={1.2}
      />
      <Net
        id="mesh-chain-link"
        width={14}
        height={14}
        d="M0 7L7 0L14 7L7 14Z"
        stroke={color.wire}
        thick={1.4}
      />
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
