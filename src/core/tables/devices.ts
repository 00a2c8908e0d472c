/** Figures by which what devices say is read. */
import { ours } from './assumptions';

/** From this hour a door that opens opens for the day. */
export const morningFrom = ours(
  4,
  'hours',
  'Before it a door that opens opens in the night; after it, for the day.',
);

/** A night runs from noon to noon. */
export const noonFrom = ours(
  12,
  'hours',
  'What comes before noon belongs to the night that ended.',
);

/** From how sure on a camera's own word for an animal is taken. */
export const sureEnough = ours(0.6, 'share', 'Below it something was seen that nobody could name.');

/** Older than this, what a device said is no news of today. */
export const newsFor = ours(
  2,
  'days',
  'What is out of the ordinary is said on the yard as long as this.',
);
