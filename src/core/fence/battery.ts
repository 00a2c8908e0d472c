/** How long what feeds the energizer lasts: charge by resting volts, what is drawn, nights left with their band. */
import type { Energizer } from '../place/fence';
import type { StrandHours } from '../tables/strand-hours';
import {
  chargeOff,
  coldShare,
  dryCellCharge,
  efficiency,
  fullSunShare,
  hoursADay,
  plateLoad,
  pulseRate,
  pulseWidth,
  quiescent,
  restVolts,
  usableShare,
  type BatteryKind,
} from '../tables/energizers';
import { between } from './between';
import { sourceOfPlate } from './source';

/** A figure and what it may be. */
export interface Banded {
  readonly value: number;
  readonly band: readonly [low: number, high: number];
}

/** Nominal, V: what plates and batteries of fence energizers go by. */
const nominal = 12;

/** Joules of a pulse into 500 Ω, of the plate or by its volts there. */
function joulesOf(energizer: Energizer): number | undefined {
  if (energizer.joules !== undefined) return energizer.joules;
  const source = sourceOfPlate(energizer);
  if (!source) return undefined;
  const held = (source.open * 1000 * plateLoad.value) / (plateLoad.value + source.within);
  return (held ** 2 / plateLoad.value) * pulseWidth.value * 1e-6;
}

/**
 * Mean current drawn, mA: as the plate says, else `joules × rate ÷ (12 V × efficiency)` and what it draws at rest. Units that were
 * measured draw up to twice that. `undefined` where nothing on the plate tells.
 */
export function drawOf(energizer: Energizer): Banded | undefined {
  const { draws } = energizer;
  if (draws !== undefined) return { value: draws, band: about(draws) };
  const joules = joulesOf(energizer);
  if (joules === undefined) return undefined;
  const pulsing = (joules * pulseRate.value * 1000) / (nominal * efficiency.value);
  const [least] = quiescent.band ?? [quiescent.value];
  const value = pulsing + quiescent.value;
  return { value, band: [pulsing + least, value * 2] };
}

/** Share of its charge left by volts at rest, 0 to 1. */
export function chargeAt(kind: BatteryKind, rest: number): Banded {
  const value = between(restVolts[kind], rest);
  const off = chargeOff[kind].value;
  return { value, band: [Math.max(0, value - off), Math.min(1, value + off)] };
}

/** What is known of the day on which it is asked. */
export interface BatteryDay {
  /** Volts at rest, where they were read; else it is taken for full. */
  readonly rest?: number;
  /** Where it stands, °C; 15 where nobody says (assumption of ours). */
  readonly degrees?: number;
  /** Of daylight; 12 where nobody says where the place lies. */
  readonly daylight?: number;
}

/** What a full battery gives: Ah until it takes harm or drops off, in that cold. */
export function usableCharge({ battery, feed }: Energizer, degrees = 15): Banded | undefined {
  if (feed === 'dry-cells') {
    const { value, band = [value, value] } = dryCellCharge;
    const share = (battery?.charge ?? value) / value;
    return { value: value * share, band: [band[0] * share, band[1] * share] };
  }
  if (!battery) return undefined;
  const cold = battery.kind === 'lithium' ? 1 : between(coldShare, degrees);
  const value = battery.charge * usableShare[battery.kind].value * cold;
  return { value, band: about(value) };
}

/** What stands on a plate or a label is meant to within a tenth (assumption of ours). */
const about = (value: number): readonly [number, number] => [value * 0.9, value * 1.1];

/**
 * Nights until it wants changing. `Infinity`: its panel brings in more than is drawn. `undefined`: it runs from the mains, is off, or
 * too little is known of it. Half of a lead battery is kept back.
 */
export function nightsLeft(
  energizer: Energizer,
  on: StrandHours,
  { rest, degrees, daylight = 12 }: BatteryDay = {},
): Banded | undefined {
  const { feed, battery, panel } = energizer;
  const draw = drawOf(energizer);
  const full = usableCharge(energizer, degrees);
  const hours = hoursADay[on].value;
  if (feed === 'mains' || !draw || !full || hours === 0) return undefined;
  const left = (charge: number, usable: number): number => {
    if (!battery || feed === 'dry-cells') return usable;
    const kept = 1 - usableShare[battery.kind].value;
    return (usable * Math.max(0, charge - kept)) / (1 - kept);
  };
  const charge = battery && rest !== undefined ? chargeAt(battery.kind, rest) : whole;
  const [dim, bright] = fullSunShare.band ?? [fullSunShare.value, fullSunShare.value];
  const sun = (share: number) => (((panel ?? 0) * 1000) / nominal) * daylight * share;
  const nights = (ampHours: number, milliamps: number, gained: number) => {
    const aDay = milliamps * hours - gained;
    return aDay <= 0 ? Infinity : (ampHours * 1000) / aDay;
  };
  return {
    value: nights(left(charge.value, full.value), draw.value, sun(fullSunShare.value)),
    band: [
      nights(left(charge.band[0], full.band[0]), draw.band[1], sun(dim)),
      nights(left(charge.band[1], full.band[1]), draw.band[0], sun(bright)),
    ],
  };
}

/** Nobody has read it: taken for full, to within a tenth (assumption of ours). */
const whole: Banded = { value: 1, band: [0.9, 1] };
