/** What fence wire is made of, and what a metre of it resists. */
import type { Figure } from './figure';

/** A kind of fence wire; polywire by its filaments of 0.2 mm stainless steel, the others by their thickness, mm. */
export const fenceWires = [
  'polywire-3',
  'polywire-6',
  'polywire-9',
  'polywire-copper',
  'steel-1.6',
  'steel-2',
  'steel-2.5',
  'aluminium-2.5',
] as const;
/** One of `fenceWires`. */
export type FenceWire = (typeof fenceWires)[number];

/** Of one metre. */
export const wireOhms: Readonly<Record<FenceWire, Figure>> = {
  'polywire-3': worked(7.6, [6, 10]),
  'polywire-6': worked(3.8, [3, 5]),
  'polywire-9': worked(2.5, [2, 3.3]),
  'polywire-copper': {
    ...worked(0.2, [0.1, 0.3]),
    source: 'trade',
    mark: 'common-practice',
    note: 'Copper mixed in: 0.1 to 0.3 Ω a metre as makers give it.',
  },
  'steel-1.6': worked(0.085, [0.07, 0.095]),
  'steel-2': worked(0.054, [0.045, 0.061]),
  'steel-2.5': worked(0.035, [0.029, 0.039]),
  'aluminium-2.5': worked(0.0057, [0.0052, 0.0063]),
};

function worked(value: number, band: readonly [number, number]): Figure {
  return {
    value,
    unit: 'Ω/m',
    band,
    source: 'resistivity',
    mark: 'published',
    note: 'Direct current. A pulse runs in the skin of steel and meets somewhat more.',
  };
}
