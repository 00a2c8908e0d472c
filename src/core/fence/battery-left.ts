/** How long the battery of a described line lasts from a day on. */
import { daysBetween, daysLater } from '../schema/day';
import { daylightHours } from '../place/dusk';
import type { Place } from '../place/place';
import { isKnown } from '../place/possible';
import { nightsLeft, type Banded, type BatteryDay } from './battery';

/** Its nights, and the day on which it wants changing. */
export interface BatteryLeft {
  /** Nights left from today on; where nobody has read the battery, of a full one. `Infinity`: its panel carries it. */
  readonly nights: Banded | undefined;
  /** The same at freezing, of a battery that minds it. */
  readonly nightsInFrost: Banded | undefined;
  /** The day on which the battery was read. */
  readonly batteryRead: string | undefined;
  /** The day on which it wants changing; `undefined` where nobody has read it. */
  readonly changeOn: string | undefined;
}

/** `date`: today. `batteryRead`: the day of its last reading, from which it has been drawn on since. Without a line nothing is known of it. */
export function batteryLeft(
  { fence, setting }: Pick<Place, 'fence' | 'setting'>,
  date: string,
  batteryRead?: string,
): BatteryLeft {
  const energizer = fence?.line?.energizer;
  const day = batteryDay(fence, setting, date);
  const atReading = energizer && nightsLeft(energizer, fence.on, day);
  const inFrost = energizer && nightsLeft(energizer, fence.on, { ...day, degrees: 0 });
  const gone = batteryRead === undefined ? 0 : Math.max(0, daysBetween(batteryRead, date));
  // Of one that is used up nothing is left to freeze.
  const isColder =
    inFrost !== undefined && inFrost.value < (atReading?.value ?? 0) && inFrost.value - gone >= 1;
  return {
    nights: atReading && less(atReading, gone),
    nightsInFrost: isColder ? less(inFrost, gone) : undefined,
    batteryRead,
    changeOn:
      atReading && batteryRead !== undefined && Number.isFinite(atReading.value)
        ? daysLater(batteryRead, Math.floor(atReading.value))
        : undefined,
  };
}

const less = ({ value, band: [low, high] }: Banded, gone: number): Banded => ({
  value: Math.max(0, value - gone),
  band: [Math.max(0, low - gone), Math.max(0, high - gone)],
});

function batteryDay(
  fence: Place['fence'],
  { position }: Place['setting'],
  date: string,
): BatteryDay {
  const daylight = position && daylightHours(date, position);
  return {
    ...(isKnown<number>(fence?.rest) && { rest: fence.rest.is }),
    ...(daylight !== undefined && { daylight }),
  };
}
