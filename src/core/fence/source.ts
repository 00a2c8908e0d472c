/** An energizer as its plate has it: volts behind a resistance. */
import type { Energizer, Fence } from '../place/fence';
import type { Bound } from '../effort/bound';
import { bounds, type PossibleAmount } from '../place/possible';
import { mostVolts } from '../attributes/limits';
import { openAtMost, openOverLoaded, plateLoad, pulseWidth } from '../tables/energizers';

/** Volts with nothing connected, kV, behind so many Ω. */
export interface Source {
  readonly open: number;
  readonly within: number;
}

/**
 * `Ri = 500 · (V0/V500 − 1)`. Of joules alone, the volts at 500 Ω are those at which a pulse of usual width holds them:
 * `V500 = √(500 · J / width)`. `undefined` where the plate says none of it.
 */
export function sourceOfPlate({ open, loaded, joules }: Energizer): Source | undefined {
  const load = plateLoad.value;
  const at500 = loaded ?? (joules === undefined ? undefined : byJoules(joules));
  const full = open ?? (at500 === undefined ? undefined : openOf(at500));
  if (full === undefined) return undefined;
  const held = at500 === undefined ? full / openOverLoaded.value : Math.min(at500, full / 1.05);
  return { open: full, within: load * (full / held - 1) };
}

/** kV at 500 Ω. */
function byJoules(joules: number): number {
  return Math.sqrt((plateLoad.value * joules) / (pulseWidth.value * 1e-6)) / 1000;
}

function openOf(loaded: number): number {
  return Math.max(loaded * 1.05, Math.min(openAtMost.value, loaded * openOverLoaded.value));
}

/**
 * What was read of it with the line off beats its plate; without a plate it is taken for a usual one. `bound`: at the end of what the
 * reading leaves possible; absent: only a reading that leaves one figure counts.
 */
export function sourceOf({ open, line }: Fence, bound?: Bound): Source | undefined {
  const plate = line && sourceOfPlate(line.energizer);
  const read = open && openAt(open, bound);
  if (read === undefined) return plate;
  return { open: read, within: plate?.within ?? plateLoad.value * (openOverLoaded.value - 1) };
}

/** kV */
function openAt(open: PossibleAmount, bound: Bound | undefined): number | undefined {
  const [low, high] = bounds(open, [0, mostVolts]);
  if (bound === undefined) return low === high ? low : undefined;
  return bound === 'best' ? high : low;
}
