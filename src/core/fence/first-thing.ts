/** What to do first about a line: the nearest reason why it gives an animal less than it should. */
import type { Opening } from '../place/bay';
import type { Fence, FenceLine } from '../place/fence';
import type { BayId } from '../place/place';
import { isKnown } from '../place/possible';
import {
  arrivesAtLeast,
  fewNights,
  ofPlateAtLeast,
  throughGroundAtLeast,
} from '../tables/fence-first';
import { touching, type Touching } from '../tables/shocking';
import type { Banded } from './battery';
import { isUnhooked, type LinePath } from './line-path';
import { readVolts } from './read-volts';
import type { SolvedLine } from './solved-line';
import type { Source } from './source';
import type { ViewedBay } from './viewed-bay';

/** Earth rods that the earth test asks for beside those there are; `none-would-do`: not even fifty of them. */
export type RodsMissing = number | 'none-would-do';

/** What to do first. */
export type FirstThing =
  | { readonly kind: 'flat' }
  | { readonly kind: 'handle-off'; readonly opening: Opening; readonly bay: BayId }
  /** Nobody has put a tester to it. */
  | { readonly kind: 'unread' }
  /** Weak by itself, the line off it: kV read, kV on its plate. */
  | { readonly kind: 'energizer'; readonly read: number; readonly plate: number }
  /** Known to touch, and it costs volts. */
  | { readonly kind: 'touching'; readonly bay: BayId; readonly touched: Touching }
  /** Less arrives than the line should give: where is it? */
  | { readonly kind: 'leak'; readonly read: number; readonly expected: number }
  /** By the plate its earth would be too poor; nobody has read the stake. */
  | { readonly kind: 'earth-unread'; readonly missing: RodsMissing }
  | { readonly kind: 'rods'; readonly missing: RodsMissing }
  /** Volts enough on the wire; the ground keeps them from the paws. */
  | { readonly kind: 'dry' }
  /** The energizer is too small for this line. */
  | { readonly kind: 'weak'; readonly least: number }
  | { readonly kind: 'battery'; readonly nights: number }
  | { readonly kind: 'sound' };

interface Viewed {
  readonly path: LinePath;
  readonly source: Source | undefined;
  readonly bays: readonly ViewedBay[];
  readonly needed: number;
  readonly rodsMissing: RodsMissing | undefined;
  readonly stakeRead: number | undefined;
  readonly nights: Banded | undefined;
  readonly batteryRead: string | undefined;
}

/** Faults that are seen come before those to be looked for, both before what only weakens the line. */
export function firstThing(
  fence: Fence & { readonly line: FenceLine },
  viewed: Viewed,
  solved: SolvedLine | undefined,
): FirstThing {
  const { path, bays, needed, nights, batteryRead } = viewed;
  const { open, battery, line } = fence;
  if (isKnown<string>(battery) && battery.is === 'flat') return { kind: 'flat' };
  for (const { bay } of path.bays) {
    const opening = bay.openings.find(isUnhooked);
    if (opening) return { kind: 'handle-off', opening, bay: bay.id };
  }
  const read = readVolts(path, fence);
  if (read.size === 0) return { kind: 'unread' };
  const plate = line.energizer.open;
  if (isKnown<number>(open) && plate !== undefined && open.is < plate * ofPlateAtLeast.value) {
    return { kind: 'energizer', read: open.is, plate };
  }
  const weakest = bays.reduce<ViewedBay | undefined>(
    (least, it) => (least && least.reaching <= it.reaching ? least : it),
    undefined,
  );
  const isWeak = weakest !== undefined && weakest.reaching < needed;
  const leak = leakOf(read, solved);
  const onTheWay = isWeak && weakest.reaching < weakest.volts * throughGroundAtLeast.value;
  if (onTheWay && !leak && weakest.volts >= needed * throughGroundAtLeast.value)
    return { kind: 'dry' };
  if (isWeak || leak) {
    const worst = worstTouched(bays);
    if (worst) return worst;
  }
  if (leak) return leak;
  if (isWeak && weakest.volts >= needed) {
    const earth = poorEarth(viewed);
    return earth && earth.missing !== 'none-would-do' ? earth : { kind: 'dry' };
  }
  if (isWeak) return { kind: 'weak', least: weakest.volts };
  if (nights && batteryRead !== undefined && nights.band[0] < fewNights.value)
    return { kind: 'battery', nights: nights.value };
  return poorEarth(viewed) ?? { kind: 'sound' };
}

/** Rods are driven by what the stake reads, not by the plate. */
function poorEarth({ rodsMissing: missing, stakeRead }: Viewed) {
  if (!missing) return undefined;
  return { kind: stakeRead === undefined ? 'earth-unread' : 'rods', missing } as const;
}

function leakOf(
  read: ReadonlyMap<number, readonly [low: number, high: number]>,
  solved: SolvedLine | undefined,
): FirstThing | undefined {
  for (const [index, [, high]] of read) {
    const expected = solved?.bays[index]?.volts;
    if (expected !== undefined && expected > 0 && high < expected * arrivesAtLeast.value) {
      return { kind: 'leak', read: high, expected };
    }
  }
  return undefined;
}

function worstTouched(bays: readonly ViewedBay[]): FirstThing | undefined {
  const order = (it: ViewedBay) => touching.indexOf(it.touched ?? 'nothing');
  const [worst] = [...bays].sort((a, b) => order(b) - order(a));
  const touched = worst?.touched;
  return worst && touched !== undefined && touched !== 'nothing'
    ? { kind: 'touching', bay: worst.bay.id, touched }
    : undefined;
}
