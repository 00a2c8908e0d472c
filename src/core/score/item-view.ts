/** One bay or one thing in it: attack by attack, which of the animals about get by it, which might, and which are held. */
import { bayEffort } from '../effort/bay-effort';
import type { PartEffort, StrandEffect } from '../effort/reason';
import { strandEffect } from '../effort/strand';
import { findItem, itemId } from '../place/find';
import type { ItemId } from '../place/place';
import { animals, type AnimalId } from '../tables/animals';
import { attacks, type Attack } from '../tables/attacks';
import type { Judgement } from './judge';

/** For every animal its easiest part by this attack, in exactly one of the three lists. */
export interface AttackView {
  readonly attack: Attack;
  /** Surely, from what was read; quickest first. */
  readonly letsBy: readonly PartEffort[];
  /** Held as far as it was read, but what is not read yet may let it by: as it stands at best. */
  readonly perhaps: readonly PartEffort[];
  readonly held: readonly PartEffort[];
}

/** All that is shown of one item. */
export interface ItemView {
  readonly attacks: readonly AttackView[];
  /** What the bay's strands do to tries on foot, as far as it is sure. */
  readonly strands: readonly { readonly animal: AnimalId; readonly effect: StrandEffect }[];
}

/** `undefined` where the place has no such item. A bay stands for all that is in it. */
export function itemView(
  { found, when, animals: judged }: Judgement,
  id: ItemId,
): ItemView | undefined {
  const item = findItem(found.place, id);
  if (!item) return undefined;
  const { bay } = item;
  const about = judged
    .filter(({ presence }) => presence === 'about')
    .map(({ animal }) => animals[animal]);
  const own = (part: PartEffort): boolean => item.kind === 'bay' || part.item === itemId(item);
  const ends = about.map((animal) => ({
    // A strand at its worst turns nothing back, one at its best as much as it can: only what is sure is shown.
    best: bayEffort(bay, animal, 'best', when).filter(own),
    worst: bayEffort(bay, animal, 'worst', when).filter(own),
  }));
  return {
    attacks: attacks
      .map((attack) => attackView(attack, ends))
      .filter(({ letsBy, perhaps, held }) => letsBy.length + perhaps.length + held.length > 0),
    strands:
      item.kind === 'bay' || item.kind === 'strand'
        ? about.flatMap((animal) => {
            const effect = strandEffect(bay, animal, 'worst', when.line);
            return effect ? [{ animal: animal.id, effect }] : [];
          })
        : [],
  };
}

interface Ends {
  readonly best: readonly PartEffort[];
  readonly worst: readonly PartEffort[];
}

function attackView(attack: Attack, ends: readonly Ends[]): AttackView {
  const view = { letsBy: [], perhaps: [], held: [] } as Record<
    keyof Omit<AttackView, 'attack'>,
    PartEffort[]
  >;
  for (const { best, worst } of ends) {
    // Parts stand lightest first.
    const [sure, possible] = [best, worst].map((parts) => parts.find((it) => it.attack === attack));
    if (sure && sure.minutes !== null) view.letsBy.push(sure);
    else if (possible && possible.minutes !== null) view.perhaps.push(sure ?? possible);
    else if (sure) view.held.push(sure);
  }
  view.letsBy.sort((a, b) => (a.minutes ?? 0) - (b.minutes ?? 0));
  return { attack, ...view };
}
