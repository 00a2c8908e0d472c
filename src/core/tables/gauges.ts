/** Everyday things held against a gap where there is no tape: an estimate, kept as the range it is, mm. */
import { ranging, type Figure } from './figure';
import { assumed } from './millimetres';

/** An everyday thing that gaps are tried with. */
export const gaugeIds = ['coin', 'finger', 'egg', 'fist'] as const;
/** One of `gaugeIds`. */
export type GaugeId = (typeof gaugeIds)[number];

/** How wide a gap is that the thing just goes into. Its band is what is recorded. */
export const gauges: Readonly<Record<GaugeId, Figure>> = {
  finger: ranging(assumed(17, 'A grown person’s forefinger at its last joint.'), 14, 20),
  coin: ranging(assumed(24, 'A common coin, face on: most lie between 22 and 27 mm.'), 22, 27),
  egg: ranging(assumed(44, 'A hen’s egg across, medium to large.'), 40, 48),
  fist: ranging(assumed(90, 'A grown person’s fist across the knuckles.'), 75, 105),
};
