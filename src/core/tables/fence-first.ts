/** When a line is weak, leaking, or wants its battery changed. */
import { ours } from './assumptions';
import type { Figure } from './figure';

/** Less than this of what the line should give is a leak. */
export const arrivesAtLeast = ours(0.75, 'share', 'Testers and energizers differ by a quarter.');

/** An energizer that reads less than this of its plate wants looking after. */
export const ofPlateAtLeast = ours(0.75, 'share', 'Plates are kind, batteries half full.');

/** Less than this of the volts reaching a nose is the ground’s doing. */
export const throughGroundAtLeast = ours(0.7, 'share', 'A sound line over moist ground is 1.');

/** So few nights left, and the battery is changed. */
export const fewNights = ours(7, 'days', 'A week to see to it.');

/** Of what a line is worked out to give, the far end must read so much for a leak to be gone. */
export const ofWhatItGives = ours(0.9, 'share', 'Testers differ, energizers age.');

/** The earth test shorts the line until it reads less than this. */
export const shortedTo: Figure = {
  value: 2,
  unit: 'kV',
  source: 'trade',
  mark: 'common-practice',
  note: 'By makers’ instructions; some say 1.',
};

/** Wires joined by a clamp. */
export const clampOhms = ours(0.05, 'Ω', 'Clean and tight.');

/** Wire more than the walls are long, for ends and knots. */
export const endsAndKnots = ours(0.1, 'share', 'Of its length.');
