/** A sum of money as it is typed. */

/** Hundredths; `undefined` where it is no sum. */
export function centsOf(text: string): number | undefined {
  const value = Number(text.trim().replace(',', '.'));
  const isSum = text.trim() !== '' && Number.isFinite(value) && value >= 0 && value <= 100_000;
  return isSum ? Math.round(value * 100) : undefined;
}

export const wrongSum = 'Write it like 12 or 12.50.';
