/** An energizer as its plate has it: volts behind a resistance. */
import type { Energizer, Fence } from '../place/fence';
import { isKnown } from '../place/possible';
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

/** What was read of it with the line off beats its plate; without a plate it is taken for a usual one. */
export function sourceOf({ open, line }: Fence): Source | undefined {
  const plate = line && sourceOfPlate(line.energizer);
  if (!isKnown<number>(open)) return plate;
  return { open: open.is, within: plate?.within ?? plateLoad.value * (openOverLoaded.value - 1) };
}
