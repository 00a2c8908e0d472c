/** A first line round a place: what it takes along the lap, what that costs and how long it takes, before a wire is strung. */
import { isFixed } from '../place/opening-cover';
import type { Bay } from '../place/place';
import { endsAndKnots } from '../tables/fence-first';
import { insulatorEvery } from '../tables/fence-leaks';
import { rodsAdvised } from '../tables/fence-ground';
import { lineKit, lineWork, signEvery, type KitPart } from '../tables/line-kit';

/** So much of one part; wire in mm, all else in pieces. */
export interface KitLine {
  readonly part: KitPart;
  readonly amount: number;
  /** Hundredths of the keeper's money. */
  readonly cents: number;
}

/** All of it. */
export interface FirstLine {
  readonly lines: readonly KitLine[];
  readonly cents: number;
  readonly minutes: number;
  /** Along the lap on the ground, mm. */
  readonly length: number;
}

/** `bays`: along which it runs. `wires`: one above the other. Lengths from the walls as they were measured; ends and knots take a tenth more. */
export function firstLine(bays: readonly Bay[], wires: number): FirstLine {
  const length = bays.reduce((sum, { width }) => sum + width, 0);
  const doors = bays.flatMap(({ openings }) => openings.filter((it) => !isFixed(it))).length;
  // One at each post, and as many between as the wire needs not to sag.
  const insulators = bays.reduce(
    (sum, { width }) => sum + Math.max(1, Math.ceil(width / insulatorEvery.value)),
    1,
  );
  const amounts: Readonly<Record<KitPart, number>> = {
    energizer: 1,
    wire: Math.ceil(length * wires * (1 + endsAndKnots.value)),
    insulator: (insulators + 2 * doors) * wires,
    handle: doors * wires,
    rod: rodsAdvised.value,
    lead: 1,
    sign: Math.max(2, Math.ceil(length / signEvery.value) + doors),
    tester: 1,
  };
  const lines = (Object.entries(amounts) as [KitPart, number][])
    .filter(([, amount]) => amount > 0)
    .map(([part, amount]): KitLine => ({
      part,
      amount,
      cents: Math.ceil((part === 'wire' ? amount / 1000 : amount) * lineKit[part].value),
    }));
  const minutes = lineWork.fixed.value + (length / 1000) * wires * lineWork.metre.value;
  return {
    lines,
    cents: lines.reduce((sum, { cents }) => sum + cents, 0),
    minutes: Math.round(minutes / 5) * 5,
    length,
  };
}
