/**
 * A week of three devices, played: a scene of our own with its faults. The same every time, so that nobody's replay hangs on anybody
 * else's. Minutes are counted from the midnight on which the week begins.
 */
import type { DeviceReading } from '../../src/core/devices/device-reading';
import type { DeviceKind } from '../../src/core/place/device';

export const minutesInWeek = 7 * 24 * 60;

/** A device that is played. */
export interface Played {
  readonly id: string;
  readonly kind: DeviceKind;
  readonly name: string;
}

export const played: readonly Played[] = [
  { id: 'monitor', kind: 'fence-monitor', name: 'Monitor on the line' },
  { id: 'door', kind: 'door', name: 'Light door' },
  { id: 'camera', kind: 'camera', name: 'Camera at the wall' },
];

/** A moment of the week: day from 0, time of day. */
const at = (day: number, hour: number, minute = 0): number => (day * 24 + hour) * 60 + minute;

type WithoutTime<R> = R extends DeviceReading ? Omit<R, 'at' | 'kind'> : never;
type Event = readonly [minute: number, said: WithoutTime<DeviceReading>];

/** Wet grass on the line from the fourth night until it is mown, and again on the last afternoon. */
const leaks = [
  [at(3, 2), at(4, 17)],
  [at(6, 14), minutesInWeek],
] as const;
/** Out of reach of its receiver. */
const silent = [at(2, 3), at(2, 6)] as const;

/** Noise between 0 and 1 that is the same every time (an integer hash). */
function noise(minute: number): number {
  const mixed = Math.imul(minute ^ 0x9e3779b9, 0x85ebca6b);
  return ((mixed ^ (mixed >>> 13)) >>> 0) / 2 ** 32;
}

function voltsAt(minute: number): number {
  const isLeaking = leaks.some(([from, to]) => minute >= from && minute < to);
  const hour = (minute / 60) % 24;
  const dew = hour < 8 || hour > 21 ? 0.4 : 0;
  const whole = (isLeaking ? 2.6 : 7.1) - dew + 0.2 * noise(minute);
  return Math.round(whole * 100) / 100;
}

/** Falls by a tenth of a volt a day, and in the cold of the night. */
const batteryAt = (minute: number): number =>
  Math.round((12.9 - minute / 14_400 - (minute % 1440 < 420 ? 0.1 : 0)) * 100) / 100;

/** Opened each morning; shut each evening but the last, on which it jams and nobody comes. On the third it jams and is shut by hand. */
const doorEvents: readonly Event[] = Array.from({ length: 7 }, (_, day): Event[] => [
  [at(day, 7, 20 + (day % 3)), { did: 'opened', light: 42 }],
  ...(day === 2 || day === 6 ? [[at(day, 17, 6), { did: 'jammed', light: 4 }] as const] : []),
  ...(day === 6
    ? []
    : [[at(day, day === 2 ? 19 : 17, 6 + day), { did: 'shut', light: 3 }] as const]),
]).flat();

/** Each night it says at eleven that nothing came, unless something did. */
const cameraEvents: readonly Event[] = (
  [
    [at(0, 23), { saw: 'nothing', sure: 1 }],
    [at(1, 22, 14), { saw: 'red-fox', sure: 0.93 }],
    [at(1, 22, 16), { saw: 'red-fox', sure: 0.95 }],
    [at(2, 23), { saw: 'nothing', sure: 1 }],
    [at(3, 23), { saw: 'nothing', sure: 1 }],
    [at(4, 21, 50), { saw: 'red-fox', sure: 0.88 }],
    [at(5, 2, 31), { saw: 'unknown', sure: 0.4 }],
    [at(5, 23), { saw: 'nothing', sure: 1 }],
    [at(6, 20, 12), { saw: 'norway-rat', sure: 0.81 }],
    [at(6, 23, 40), { saw: 'red-fox', sure: 0.9 }],
  ] satisfies readonly Event[]
).toSorted(([a], [b]) => a - b);

/** What a device said from one minute to before another. `begins`: the midnight, ms. */
export function saidBetween(
  { kind }: Played,
  begins: number,
  from: number,
  to: number,
): DeviceReading[] {
  const stamp = (minute: number) => new Date(begins + minute * 60_000).toISOString();
  if (kind === 'fence-monitor') {
    return Array.from({ length: Math.max(0, to - from) }, (_, index) => from + index)
      .filter((minute) => minute < silent[0] || minute >= silent[1])
      .map((minute) => ({
        kind,
        at: stamp(minute),
        volts: voltsAt(minute),
        battery: batteryAt(minute),
      }));
  }
  const events = kind === 'door' ? doorEvents : cameraEvents;
  return events
    .filter(([minute]) => minute >= from && minute < to)
    .map(([minute, said]) => ({ kind, at: stamp(minute), ...said }) as DeviceReading);
}
