/** Whether every set of possible values in a bay has come down to one: its best and worst are then the same. */
import { keptFor } from './kept';
import type { Bay } from './place';

/** Attributes that a bay may leave out count as unread where it does. */
export const isAllRead = keptFor((bay: Bay): boolean => {
  const { ground, panelPulled, largestHole, fixing, condition, roost } = bay;
  const stated = [panelPulled, largestHole, fixing, condition, roost];
  const onGround = ground
    ? [ground.gap, ground.gapLifted, ground.soil, ground.digging, ground.skirt]
    : [];
  const framed = ground?.weight ? [ground.pegs] : [];
  const doors = bay.openings.flatMap(({ gap, gapPulled }) => [gap, gapPulled]);
  const strands = bay.strands.map(({ touching }) => touching);
  return (
    [...stated, ...onGround, ...framed, ...doors, ...strands].every((it) => it !== undefined) &&
    !hasOpenSet(bay)
  );
});

/** An interval, a list or "any", anywhere in it. */
function hasOpenSet(value: unknown): boolean {
  if (typeof value !== 'object' || value === null) return false;
  if ('any' in value || 'oneOf' in value) return true;
  if ('from' in value && 'to' in value && !('layers' in value)) {
    return typeof value.from === 'number' && value.from !== value.to;
  }
  return Object.values(value).some(hasOpenSet);
}
