/**
 * How long what is bought takes to work out: a first cutting of 200 pieces; all that can be mended of a demo place at
 * the till, with usual prices and with ones of nothing, missing and huge.
 */
import { tamarackBank } from '../demo/tamarack-bank';
import { cheapestCutting, quick } from '../src/core/mends/cutting/cheapest-cutting';
import type { Piece } from '../src/core/mends/cutting/cutting';
import { buildProblem } from '../src/core/mends/plan/build-problem';
import { tillOf } from '../src/core/mends/plan/till';
import { firstShop, type OwnPrice, type Shop } from '../src/core/mends/shopping/shop';
import { soldByDefault } from '../src/core/mends/shopping/sold';
import { materials } from '../src/core/mends/catalogue/prices';
import { applyReadings } from '../src/core/records/apply-readings';
import { meshRolls } from '../src/core/tests/mesh-rolls';

export interface ShoppingCost {
  /** A first cutting of 200 pieces from six rolls, ms. */
  readonly cutMs: number;
  /** All that can be mended of the second demo place priced at once, ms: as shops ask, for nothing, with half of it not to be had, for sums beyond all measure. */
  readonly usualMs: number;
  readonly freeMs: number;
  readonly missingMs: number;
  readonly hugeMs: number;
}

/** Of sizes as they come: the next of each by a step that shares no factor with how many there are. */
const pieces = Array.from({ length: 200 }, (_, at): Piece => ({
  id: `p${at}`,
  length: 200 + ((at * 137) % 300) * 10,
  width: [150, 250, 300, 600, 700, 850][(at * 5) % 6] ?? 150,
}));

export function shoppingCost(): ShoppingCost {
  const { place, walks } = tamarackBank;
  const found = applyReadings(place, walks).place;
  const session = buildProblem(found, { year: 2026 });
  const all = session.candidates.map((_, index) => index);
  const shop = firstShop(found);
  const at = (prices: readonly OwnPrice[]): Shop => ({ ...shop, prices: [...prices] });
  const ownPrices = (cents: number): OwnPrice[] =>
    materials.flatMap((material) =>
      soldByDefault(material, found.setting.region).map((it) => ({
        id: it.id,
        material,
        size: it.size,
        cents,
        seen: '2026-11-01',
      })),
    );
  const priced = (of: Shop): number => timed(() => tillOf(session, of).cost(all));
  priced(shop);
  return {
    cutMs: timed(() => cheapestCutting(pieces, meshRolls, quick)),
    usualMs: priced(shop),
    freeMs: priced(at(ownPrices(0))),
    missingMs: priced(
      at(ownPrices(100).map((it, index) => (index % 2 === 0 ? { ...it, none: true } : it))),
    ),
    hugeMs: priced(at(ownPrices(1e12))),
  };
}

function timed(work: () => unknown): number {
  const start = performance.now();
  work();
  return Math.round(performance.now() - start);
}
