/**
 * Cutting bars as a set partition for a general solver (LP format): every choice of pieces that fits a bar is one variable, and each piece
 * is in one of those taken (after Gilmore and Gomory 1961, recalled from memory).
 */
import type { Roll } from '../mends/cutting/cutting';

/** `stock`: each once. For about ten pieces. */
export function barsLp(
  lengths: readonly number[],
  sold: readonly Roll[],
  stock: readonly Roll[],
): string {
  const rolls = [...sold, ...stock];
  const ways = rolls.flatMap((roll, at) =>
    Array.from({ length: 2 ** lengths.length - 1 }, (_, before) => before + 1)
      .map((set) => ({ set, roll, at, name: `x_${at}_${set}` }))
      .filter(
        ({ set }) =>
          lengths.reduce((sum, it, bit) => sum + (set & (1 << bit) ? it : 0), 0) <= roll.length,
      ),
  );
  const sum = (names: readonly string[]): string => names.map((name) => `+ ${name}`).join(' ');
  const pieces = lengths.map((_, bit) => ways.filter(({ set }) => set & (1 << bit)));
  const once = stock.map((_, at) => ways.filter((way) => way.at === sold.length + at));
  return [
    'Minimize',
    ` obj: ${ways.map(({ roll, name }) => `+ ${roll.cents} ${name}`).join(' ')}`,
    'Subject To',
    ...pieces.map((own, at) => ` p${at}: ${sum(own.map(({ name }) => name))} = 1`),
    ...once
      .filter((own) => own.length > 0)
      .map((own, at) => ` s${at}: ${sum(own.map(({ name }) => name))} <= 1`),
    'Binary',
    ` ${ways.map(({ name }) => name).join('\n ')}`,
    'End',
  ].join('\n');
}
