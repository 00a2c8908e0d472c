/** What takes current off a line, by what touches it, dry and wet. All assumptions of ours: no general figures are printed. */
import { ours } from './assumptions';
import { ranging, type Figure } from './figure';
import type { Touching } from './shocking';

/** Whether rain or dew lies on what touches. Dew falls in the hours in which most come. */
export const surfaces = ['dry', 'wet'] as const;
/** Whether it is wet. */
export type Surface = (typeof surfaces)[number];

interface Leak {
  /** `metre`: so much of it to the metre of wire; `once`: at one spot of the bay. */
  readonly by: 'metre' | 'once';
  readonly ohms: Readonly<Record<Surface, Figure>>;
}

/** To earth, through what touches the wire. */
export const leakOhms: Readonly<Record<Exclude<Touching, 'nothing'>, Leak>> = {
  grass: alongside([100_000, 30_000, 300_000], [5000, 2000, 15_000]),
  weeds: alongside([20_000, 8000, 60_000], [1500, 600, 5000]),
  wood: once([100_000, 30_000, 1_000_000], [4000, 1500, 15_000]),
  insulator: once([20_000, 5000, 100_000], [1500, 500, 5000]),
  snow: alongside([30_000, 10_000, 100_000], [2000, 800, 8000]),
  mesh: once([300, 100, 1000], [300, 100, 1000]),
  ground: once([200, 80, 800], [80, 30, 200]),
};

/** Of one sound insulator. */
export const insulatorOhms: Readonly<Record<Surface, Figure>> = {
  dry: ranging(ours(10_000_000, 'Ω', 'Clean and whole.'), 1_000_000, 100_000_000),
  wet: ranging(ours(300_000, 'Ω', 'Clean and whole, in rain.'), 100_000, 1_000_000),
};

/** Wire hangs from an insulator so often. */
export const insulatorEvery: Figure = {
  value: 2000,
  unit: 'mm',
  source: 'trade',
  mark: 'common-practice',
  note: 'And one at every corner and every gate post.',
};

type Band = readonly [value: number, low: number, high: number];

function alongside(dry: Band, wet: Band): Leak {
  const of = ([value, low, high]: Band) =>
    ranging(
      ours(value, 'Ω·m', 'A metre of wire in it; twice as much of it leaks twice.'),
      low,
      high,
    );
  return { by: 'metre', ohms: { dry: of(dry), wet: of(wet) } };
}

function once(dry: Band, wet: Band): Leak {
  const of = ([value, low, high]: Band) => ranging(ours(value, 'Ω', 'At one spot.'), low, high);
  return { by: 'once', ohms: { dry: of(dry), wet: of(wet) } };
}
