/** Lengths as the keeper's units have them. */
import type { AttributeId } from '@/core/attributes';
import { unitOf } from '@/core/attributes';
import type { Units } from '@/core/place/place';

const sixteenths = 16;

/** Fractions that have a sign of their own. */
export const fractionSigns: Readonly<Record<string, string>> = {
  '1/8': '⅛',
  '1/4': '¼',
  '3/8': '⅜',
  '1/2': '½',
  '5/8': '⅝',
  '3/4': '¾',
  '7/8': '⅞',
};

/** "34 mm", "11.66 mm"; "1⅜ in" and "1 5/16 in", to the nearest sixteenth. */
export function lengthWords(mm: number, units: Units): string {
  if (units === 'metric') return `${trim(mm)} mm`;
  return `${inches(mm)} in`;
}

/** Thickness of wire: "1.04 mm"; "0.041 in", since a sixteenth says nothing of it. */
export function wireWords(mm: number, units: Units): string {
  return units === 'metric' ? lengthWords(mm, units) : `${(mm / 25.4).toFixed(3)} in`;
}

/** The figure alone, for where the unit stands apart. */
export function lengthFigure(mm: number, units: Units): string {
  return units === 'metric' ? trim(mm) : inches(mm);
}

/** What an attribute reads, in its own unit: a length as the keeper's units have it, a weight in kg, a potential in kV. */
export function amountWords(value: number, attribute: AttributeId, units: Units): string {
  const unit = unitOf(attribute);
  return unit === 'mm' ? lengthWords(value, units) : `${trim(value)} ${unit}`;
}

/** Metres or feet for longer things. */
export function distanceWords(mm: number, units: Units): string {
  if (units === 'metric') return `${(mm / 1000).toFixed(1)} m`;
  const total = Math.round(mm / 25.4);
  const feet = Math.floor(total / 12);
  const rest = total % 12;
  return rest === 0 ? `${feet} ft` : `${feet} ft ${rest} in`;
}

export function unitName(units: Units): string {
  return units === 'metric' ? 'mm' : 'in';
}

function trim(mm: number): string {
  return String(Math.round(mm * 100) / 100);
}

function inches(mm: number): string {
  const parts = Math.round((mm / 25.4) * sixteenths);
  const whole = Math.floor(parts / sixteenths);
  const rest = parts % sixteenths;
  if (rest === 0) return String(whole);
  const divisor = greatestCommonDivisor(rest, sixteenths);
  const fraction = `${rest / divisor}/${sixteenths / divisor}`;
  const sign = fractionSigns[fraction];
  if (sign) return whole === 0 ? sign : `${whole}${sign}`;
  return whole === 0 ? fraction : `${whole} ${fraction}`;
}

function greatestCommonDivisor(a: number, b: number): number {
  return b === 0 ? a : greatestCommonDivisor(b, a % b);
}
