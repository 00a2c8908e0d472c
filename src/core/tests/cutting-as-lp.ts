/**
 * Cutting as a mixed integer programme for a general solver (LP format): a section is begun by one piece and takes others no longer
 * beside it; each section lies on one roll (after Lodi, Martello and Vigo 2004, recalled from memory).
 */
import type { Piece, Roll } from '../mends/cutting/cutting';

/** `for`: least money, or least area of sections for that money. */
export function cuttingLp(
  given: readonly Piece[],
  sold: readonly Roll[],
  aim: { readonly cents: number } | 'money',
): string {
  const pieces = [...given].sort((a, b) => b.length - a.length);
  const rolls = sold.flatMap((roll) =>
    Array.from({ length: Math.min(roll.count ?? Infinity, pieces.length) }, () => roll),
  );
  const ids = pieces.map((_, at) => at);
  const terms = (all: readonly (readonly [number, string])[]): string =>
    all.map(([by, name]) => `${by < 0 ? '-' : '+'} ${Math.abs(by)} ${name}`).join(' ');
  const z = (section: number, roll: number) => `z_${section}_${roll}`;
  const x = (section: number, piece: number) => `x_${section}_${piece}`;
  const costs = rolls.map((roll, at) => [roll.cents, `u_${at}`] as const);
  const areas = ids.flatMap((section) =>
    rolls.map((roll, at) => [(pieces[section]?.length ?? 0) * roll.width, z(section, at)] as const),
  );
  const rows: string[] = [];
  for (const piece of ids) {
    const own = [
      ...rolls.map((_, roll) => [1, z(piece, roll)] as const),
      ...ids.filter((it) => it < piece).map((it) => [1, x(it, piece)] as const),
    ];
    rows.push(`${terms(own)} = 1`);
  }
  for (const section of ids) {
    const beside = ids.filter((it) => it > section);
    const wide = [
      ...beside.map((it) => [pieces[it]?.width ?? 0, x(section, it)] as const),
      ...rolls.map(
        (roll, at) => [(pieces[section]?.width ?? 0) - roll.width, z(section, at)] as const,
      ),
    ];
    rows.push(`${terms(wide)} <= 0`);
    rows.push(`${terms(rolls.map((_, roll) => [1, z(section, roll)] as const))} <= 1`);
    // Beside nothing that is not begun.
    for (const it of beside) {
      const begun = rolls.map((_, roll) => [-1, z(section, roll)] as const);
      rows.push(`${terms([[1, x(section, it)], ...begun])} <= 0`);
    }
  }
  rolls.forEach((roll, at) => {
    const long = ids.map((section) => [pieces[section]?.length ?? 0, z(section, at)] as const);
    rows.push(`${terms([...long, [-roll.length, `u_${at}`]])} <= 0`);
  });
  if (aim !== 'money') rows.push(`${terms(costs)} <= ${aim.cents}`);
  const binary = [
    ...rolls.map((_, at) => `u_${at}`),
    ...ids.flatMap((section) => rolls.map((_, roll) => z(section, roll))),
    ...ids.flatMap((section) => ids.filter((it) => it > section).map((it) => x(section, it))),
  ];
  return [
    'Minimize',
    ` obj: ${terms(aim === 'money' ? costs : areas)}`,
    'Subject To',
    ...rows.map((row, at) => ` c${at}: ${row}`),
    'Binary',
    ` ${binary.join('\n ')}`,
    'End',
  ].join('\n');
}
