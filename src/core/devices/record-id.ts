/** Ids of the records a device gives: they follow from device and day, so that what is read twice is there once. Read apart nowhere else. */
import type { Device } from '../place/device';
import type { LogEntry } from '../records/sighting';

/** `date`: the day of its night, YYYY-MM-DD. `what`: where a night has several. */
export function recordId(device: Pick<Device, 'id'>, date: string, what?: string): string {
  return what === undefined ? `${device.id}-${date}` : `${device.id}-${date}-${what}`;
}

/** Whether a record of one night came from this device. With its day: of two devices one may be called as the other begins. */
export function isFrom(
  device: Pick<Device, 'id'>,
  { id, date }: Pick<LogEntry, 'id' | 'date'>,
): boolean {
  const own = recordId(device, date);
  return id === own || id.startsWith(`${own}-`);
}
