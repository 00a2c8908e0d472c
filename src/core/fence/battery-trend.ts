/** How a battery has come along by its readings: what it loses a night here, and how long that leaves. */
import { daysBetween } from '../schema/day';
import { chargeOff, leastForTrend, usableShare, type BatteryKind } from '../tables/energizers';
import { chargeAt } from './battery';

/** Volts at rest on a day. */
export interface RestReading {
  /** YYYY-MM-DD */
  readonly date: string;
  readonly volts: number;
}

/** The way its charge has gone since it was last charged. */
export interface BatteryTrend {
  /** How many readings it is of, the last ones. */
  readonly readings: number;
  /** The day of the first of them. */
  readonly from: string;
  /** Share of its charge lost a night; 0 where it has not fallen. */
  readonly perNight: number;
  /** From `today` on, until what is kept back; `Infinity` where it has not fallen. */
  readonly nights: number;
}

/**
 * A straight line through the readings since it was last charged (least squares), once there are three on three days. `undefined` before that.
 * `readings`: in order of their days. A rise by more than a reading is off counts as charging.
 */
export function batteryTrend(
  kind: BatteryKind,
  readings: readonly RestReading[],
  today: string,
): BatteryTrend | undefined {
  const points = readings.map(({ date, volts }) => ({ date, charge: chargeAt(kind, volts).value }));
  const charged = points.findLastIndex(
    ({ charge }, index) => charge - (points[index - 1]?.charge ?? charge) > chargeOff[kind].value,
  );
  const since = points.slice(Math.max(0, charged));
  const [first] = since;
  const days = new Set(since.map(({ date }) => date));
  if (!first || days.size < leastForTrend.value) return undefined;
  const at = since.map(({ date, charge }) => ({ x: daysBetween(first.date, date), y: charge }));
  const mean = (of: 'x' | 'y') => at.reduce((sum, it) => sum + it[of], 0) / at.length;
  const [x, y] = [mean('x'), mean('y')];
  const slope =
    at.reduce((sum, it) => sum + (it.x - x) * (it.y - y), 0) /
    at.reduce((sum, it) => sum + (it.x - x) ** 2, 0);
  const perNight = Math.max(0, -slope);
  const now = y + slope * (daysBetween(first.date, today) - x);
  const left = Math.max(0, now - (1 - usableShare[kind].value));
  return {
    readings: since.length,
    from: first.date,
    perNight,
    nights: perNight > 0 ? left / perNight : Infinity,
  };
}
