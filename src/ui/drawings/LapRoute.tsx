/** Where a way in meets the lap: a dotted arrow from outside to the spot that gives way, with its number. */
import { G } from 'react-native-svg';
import type { WayIn } from '@/core/routes/ways-in';
import { Badge } from './Badge';
import { Dotted } from './Dotted';
import { boxOf, type LapBox, type LapLayout } from './lap-layout';

interface Props {
  readonly layout: LapLayout;
  readonly way: WayIn;
  readonly number: number;
}

export function LapRoute({ layout, way, number }: Props) {
  const box = boxOf(layout, way.id);
  if (!box) return null;
  const { x, y } = lapSpot(box, layout, way);
  const foot = { x: box.x + box.width / 2, y: layout.ground + 26 };
  const tip = y > layout.ground - reachesGround ? layout.ground - 2 : y;
  const isFar = foot.y - tip > leastArrow;
  return (
    <G>
      {isFar && (
        <Dotted
          along={`M${foot.x} ${foot.y - 14}L${x} ${tip + 9}`}
          head={`M${x} ${tip}l6 11h-12z`}
        />
      )}
      <Badge x={foot.x} y={foot.y} number={number} />
    </G>
  );
}

/** What lies so near the ground is shown by the number alone, px. */
const reachesGround = 14;
const leastArrow = 40;

/** The spot by which its quickest gets through: a door or lid, a band of mesh, the top edge, or the ground line. */
export function lapSpot(
  box: LapBox,
  { ground }: Pick<LapLayout, 'ground'>,
  { by }: WayIn,
): { readonly x: number; readonly y: number } {
  const middle = box.x + box.width / 2;
  const part = by[0]?.route.steps[0].by;
  if (!part) return { x: middle, y: ground };
  const door = box.openings.find(
    ({ opening }) =>
      opening.id === part.item || opening.latches.some((latch) => latch.id === part.item),
  );
  if (door) return { x: door.x + door.width / 2, y: door.y + door.height / 2 };
  if (['climb', 'jump', 'fly'].includes(part.attack)) return { x: middle, y: box.y };
  const at = box.bay.bands.findIndex(({ layers }) => layers.some(({ id }) => id === part.item));
  const band = box.bands[at];
  return band ? { x: middle, y: band.y + band.height / 2 } : { x: middle, y: ground };
}
