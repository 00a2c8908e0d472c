/** The stand-ins that this server plays, where it plays any. */
import { deviceKinds } from '@/core/place/device';
import { readDocument } from '@/core/devices/read-document';
import type { DeviceReading } from '@/core/devices/device-reading';
import { id, text } from '@/core/schema/common';
import { list, object, oneOf, type TypeOf } from '@/core/schema/schema';
import { validatorOf } from '@/core/schema/validator';
import { now } from '@/store/ids';

const playedSchema = object({ id, kind: oneOf(deviceKinds), name: text });
/** A stand-in, as the server lists it. */
export interface Played extends TypeOf<typeof playedSchema> {}

const validator = validatorOf(list(playedSchema));

export const minutesInWeek = 7 * 24 * 60;

/** None where there is no server, or it plays none. */
export async function listPlayed(): Promise<readonly Played[]> {
  const answer = await fetch('/api/devices').catch(() => undefined);
  if (!answer?.ok) return [];
  try {
    return await validator.validate(await answer.json(), { strict: true });
  } catch {
    return [];
  }
}

/** Throws where the server cannot be reached, or says what is none of it. `begins`: ISO 8601; minutes of its week. */
export async function playedBetween(
  device: string,
  begins: string,
  from: number,
  to: number,
): Promise<readonly DeviceReading[]> {
  const part = new URLSearchParams({ begins, from: String(from), to: String(to) });
  const answer = await fetch(`/api/devices/${encodeURIComponent(device)}?${part}`);
  if (!answer.ok) throw new Error('not to be had');
  const read = readDocument(await answer.text(), now());
  if (!read || 'problem' in read) throw new Error('the server said what is no document');
  return read.readings;
}
