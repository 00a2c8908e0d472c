/** What tells that a reading is saved, beside the screen: nothing, a tremble or a click. Kept in this browser; it belongs to no place. */
import { storage, writeAll } from './storage';

export const signalKinds = ['none', 'vibration', 'sound'] as const;
export type Signal = (typeof signalKinds)[number];

export const signalKey = ['signal'] as const;

const key = 'signal';

export async function readSignal(): Promise<Signal> {
  const kept = await storage.getItem(key);
  return signalKinds.find((it) => it === kept) ?? 'none';
}

export async function keepSignal(signal: Signal): Promise<void> {
  await writeAll({ [key]: signal });
}
