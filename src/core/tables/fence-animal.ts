/** The animal in the circuit: nose on the wire, paws on the ground. */
import { ours } from './assumptions';
import { ranging, type Figure } from './figure';

/** From nose to paws. */
export const bodyOhms: Figure = ranging(
  ours(
    1000,
    'Ω',
    'IEEE Std 80 takes 1,000 Ω for a person, and a cow has been measured at 240 to 525 Ω; nobody we recall has measured a fox.',
  ),
  500,
  2000,
);

/** A paw as a round plate on the ground: its radius. */
export const pawRadius: Figure = ranging(
  ours(15, 'mm', 'A fox’s; a bear’s is several times that.'),
  8,
  30,
);

/** Paws on the ground while the nose is on the wire. */
export const pawsDown = 4;

/** What an energizer and its earth resist together on a sound line: with it the tables’ volts are meant. */
export const soundSource: Figure = ours(
  250,
  'Ω',
  'An energizer of 200 Ω on an earth of 50 Ω: one rod of 1.83 m in moist ground.',
);
