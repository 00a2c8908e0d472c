/** Energizers by what stands on their plate, what they draw, and what feeds them. */
import { ours } from './assumptions';
import type { StrandHours } from './strand-hours';
import { ranging, type Figure } from './figure';

/** What feeds an energizer; `solar`: a panel with a battery of its own. */
export const feeds = ['mains', 'battery-12', 'dry-cells', 'solar'] as const;
/** One of `feeds`. */
export type Feed = (typeof feeds)[number];

/** The load at which a plate gives volts and joules. */
export const plateLoad: Figure = { value: 500, unit: 'Ω', source: 'iec', mark: 'published' };

/** No energizer may give more into that load. */
export const mostJoules: Figure = { value: 5, unit: 'J', source: 'iec', mark: 'published' };

/** As long as a pulse would last at its full volts: volts follow from joules by it. */
export const pulseWidth: Figure = ranging(
  ours(20, 'µs', '0.1 J then gives 1.6 kV into 500 Ω, 1 J gives 5 kV. By plates that give both.'),
  12,
  50,
);

/** What it gives with nothing on it, where only joules are known, is at most so much. */
export const openAtMost: Figure = ranging(ours(9, 'kV', 'Makers stay below 10 kV.'), 7, 10);

/** Volts with nothing on the wire by those at 500 Ω, where the plate gives one of the two. */
export const openOverLoaded: Figure = ranging(
  ours(1.4, 'share', 'So an energizer resists 200 Ω within.'),
  1.2,
  2.5,
);

/** Pulses in a second; one is the most that is allowed. */
export const pulseRate: Figure = ranging(
  ours(0.75, 'pulses a second', 'Once in 1.3 seconds; IEC allows one a second.'),
  0.5,
  1,
);

/** Share of what it draws that reaches the wire. */
export const efficiency: Figure = ranging(ours(0.62, 'share', 'Of good ones.'), 0.4, 0.7);

/** Drawn whether it pulses or not. */
export const quiescent: Figure = ranging(
  ours(10, 'mA', 'Units that were measured draw 1.3 to 2 times what follows from their joules.'),
  5,
  20,
);

/** Chemistry of a 12 V battery. */
export const batteryKinds = ['lead-acid', 'agm', 'lithium'] as const;
/** One of `batteryKinds`. */
export type BatteryKind = (typeof batteryKinds)[number];

/** Share of its rated charge that may be drawn before it takes harm or drops off. */
export const usableShare: Readonly<Record<BatteryKind, Figure>> = {
  'lead-acid': practice(0.5, 'share', 'Below half, a lead battery ages fast.'),
  agm: practice(0.5, 'share', 'Below half, a lead battery ages fast.'),
  lithium: practice(0.85, 'share', 'It cuts itself off when empty.'),
};

/** Volts after two hours at rest, and the share of charge left; between two, by straight line. */
export const restVolts: Readonly<
  Record<BatteryKind, readonly (readonly [volts: number, charge: number])[]>
> = {
  'lead-acid': [
    [11.8, 0],
    [12.0, 0.25],
    [12.2, 0.5],
    [12.4, 0.75],
    [12.7, 1],
  ],
  agm: [
    [11.9, 0],
    [12.1, 0.25],
    [12.3, 0.5],
    [12.5, 0.75],
    [12.8, 1],
  ],
  lithium: [
    [12.0, 0],
    [12.9, 0.2],
    [13.1, 0.4],
    [13.2, 0.7],
    [13.4, 1],
  ],
};

/** By how much a charge told by resting volts may be off. */
export const chargeOff: Readonly<Record<BatteryKind, Figure>> = {
  'lead-acid': ours(0.1, 'share', 'A tester’s tenth of a volt, and rest that was too short.'),
  agm: ours(0.1, 'share', 'A tester’s tenth of a volt, and rest that was too short.'),
  lithium: ours(0.25, 'share', 'Its volts hardly move between full and nearly empty.'),
};

/** On so many days it is read before anything is said of how a battery comes along. */
export const leastForTrend: Figure = ours(3, 'days', 'Two make a line of any two slips.');

/** Where that table comes from. */
export const fullAtRest: Figure = practice(
  12.7,
  'V',
  'Lead battery, two hours after it was last charged or used: 12.4 V three quarters, 12.2 V half, 12.0 V a quarter. AGM about 0.1 V more; lithium (LiFePO₄) 13.4 V.',
);

/** Share of its rated charge that a lead battery gives at these °C; between two, by straight line. */
export const coldShare: readonly (readonly [degrees: number, share: number])[] = [
  [-20, 0.55],
  [0, 0.8],
  [25, 1],
];

/** At freezing. */
export const chargeAtFreezing: Figure = practice(
  0.8,
  'share',
  'Of the rated charge; about 0.55 at −20 °C.',
);

/** Charge in a set of dry cells in a row: as much as one of them, by a light load. */
export const dryCellCharge: Figure = {
  ...practice(15, 'Ah', 'D cells, alkaline: 12 to 18 at a light load.'),
  band: [12, 18],
};

/** Share of the day's sun that a panel turns into charge through a day, in hours of full sun for an hour of daylight. */
export const fullSunShare: Figure = ranging(
  ours(0.25, 'share', 'Sun low, cloud, dirt and shade. Snow on the panel: nothing.'),
  0.1,
  0.45,
);

/** Hours of a day in which a clock leaves it on. */
export const hoursADay: Readonly<Record<StrandHours, Figure>> = {
  always: ours(24, 'hours', 'All day.'),
  'nights-and-away': ours(18, 'hours', 'Nights, and half of the days.'),
  nights: ours(12, 'hours', 'A night on the average of the year.'),
  never: ours(0, 'hours', 'Off.'),
};

function practice(value: number, unit: Figure['unit'], note: string): Figure {
  return { value, unit, source: 'trade', mark: 'common-practice', note };
}
