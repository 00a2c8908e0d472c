/** Light, dusk, or as the device has it. Kept in this browser; it belongs to no place. */
import { storage, writeAll } from './storage';

export const appearanceKey = ['appearance'] as const;

const key = 'appearance';

export async function readAppearance(): Promise<string | null> {
  return storage.getItem(key);
}

export async function keepAppearance(appearance: string): Promise<void> {
  await writeAll({ [key]: appearance });
}
