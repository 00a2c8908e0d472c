/** What is left of rolls, sheets and boards when all is cut, as far as it is of use for another mend. */
import { ours } from '../../tables/assumptions';
import type { Cutting } from '../cutting/cutting';
import { isBar, kerf } from './bars';
import type { MaterialCutting, Offcut } from './shop';

/** Shorter or narrower than this is waste. */
export const leastOffcut = {
  length: ours(300, 'mm', 'A patch wants no less.'),
  width: ours(150, 'mm', 'A strip along a seam wants no less.'),
};

/** `nameFor`: an id for the nth of them. */
export function offcutsOf(
  { material, cutting }: MaterialCutting,
  nameFor: (at: number) => string,
): Offcut[] {
  return leftOf(cutting).map((it, at) => ({ id: nameFor(at), material, ...it }));
}

function leftOf({ rolls }: Cutting): Pick<Offcut, 'length' | 'width'>[] {
  return rolls
    .flatMap(({ roll, sections }) => {
      const end = sections.reduce((sum, it) => Math.max(sum, it.from + it.length), 0);
      const beside = sections.map(({ length, strips }) => ({
        length,
        width: roll.width - strips.reduce((sum, it) => sum + it.width, 0),
      }));
      // Boards are reckoned a saw's cut longer than they are.
      const saw = isBar(roll) ? kerf.value : 0;
      return [{ length: roll.length - end - saw, width: roll.width }, ...beside];
    })
    .filter(({ length, width }) => {
      const isWide = isBar({ width }) || width >= leastOffcut.width.value;
      return length >= leastOffcut.length.value && isWide;
    });
}

/** Stock once these are cut: what was used is gone, what is left of it and of what was bought is there. */
export function stockAfter(
  offcuts: readonly Offcut[],
  cuttings: readonly MaterialCutting[],
  nameFor: (at: number) => string,
): Offcut[] {
  const used = new Set(cuttings.flatMap(({ cutting }) => cutting.rolls.map(({ roll }) => roll.id)));
  const fresh = cuttings.flatMap((it) => offcutsOf(it, () => ''));
  return [
    ...offcuts.filter(({ id }) => !used.has(id)),
    ...fresh.map((it, at) => ({ ...it, id: nameFor(at) })),
  ];
}
