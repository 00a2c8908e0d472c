/** Sums of money and other plain amounts, as they are typed. */

/** So many of what is kept make one of what is typed; a whole number of them. `undefined` where it is no amount. */
export function amountFrom(text: string, times = 1, most = 100_000): number | undefined {
  const value = Number(text.trim().replace(',', '.'));
  const isAmount = text.trim() !== '' && Number.isFinite(value) && value >= 0 && value <= most;
  return isAmount ? Math.round(value * times) : undefined;
}

/** Hundredths. */
export const centsFrom = (text: string): number | undefined => amountFrom(text, 100);
