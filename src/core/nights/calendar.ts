/** Days counted, and the night that a moment belongs to. */
import type { Position } from '../place/place';

const dayMs = 86_400_000;

/**
 * The day whose evening and night a moment belongs to: from noon to noon. By the sun where the place says where it lies, so that neither
 * a phone abroad nor a change of clocks moves it; else by the clock of the phone, `offset` minutes east of Greenwich.
 */
export function nightOf(at: Date, position: Position | undefined, offset: number): string {
  const east = position ? (position.longitude / 360) * dayMs : offset * 60_000;
  return new Date(at.getTime() + east - dayMs / 2).toISOString().slice(0, 10);
}

/** From this hour on a night is told from its morning; before it, somebody is late to bed (assumption of ours). */
const morningFrom = 3;

/** Whether a moment lies in the morning of its night, by the same clock. */
export function isMorning(at: Date, position: Position | undefined, offset: number): boolean {
  const east = position ? (position.longitude / 360) * dayMs : offset * 60_000;
  const hour = new Date(at.getTime() + east).getUTCHours();
  return hour >= morningFrom && hour < 12;
}
