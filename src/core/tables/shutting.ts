/** How often an evening round leaves a door open, until rounds are on record; how late is late. */
import { ours } from './assumptions';
import type { Figure } from './figure';

/** Who or what shuts a door. */
export const shutBys = ['hand', 'cord', 'light', 'nobody'] as const;
/** One of `shutBys`. */
export type ShutBy = (typeof shutBys)[number];

/** Why birds may not find in by themselves. */
export const learningReasons = ['new-birds', 'young-birds', 'moved-pen'] as const;
/** One of them. */
export type LearningReason = (typeof learningReasons)[number];

/** By what shuts it. Most stories of loss are a door left open once. */
export const missedBy: Readonly<Record<ShutBy, Figure>> = {
  hand: ours(0.02, 'share', 'Once in fifty evenings.'),
  cord: ours(0.02, 'share', 'Once in fifty evenings, pulled from outside.'),
  light: ours(
    0.01,
    'share',
    'Once in a hundred: half of these it stays open, half it shuts a bird out. The bird outside is reached by the same ways as an open door’s, so the open door is what is judged.',
  ),
  nobody: ours(0, 'share', 'Nobody shuts it; its habit says how it stands.'),
};

/** Evenings that the starting figure counts as. */
export const priorRounds = ours(
  50,
  'days',
  'The starting figure weighs as much as fifty evenings on record.',
);

/** Of the ways in which a door that shuts itself fails, the share in which it stays open. */
export const staysOpenShare = ours(0.5, 'share', 'It stays open as often as it shuts a bird out.');

/** So many evenings birds are looked for, by why. */
export const learningEvenings: Readonly<Record<LearningReason, Figure>> = {
  'new-birds': learned(
    7,
    'New birds learn where to sleep in about a week, shut in some days first.',
  ),
  'young-birds': learned(14, 'Young birds crowd at the door for a week or two.'),
  'moved-pen': learned(3, 'After a move some go to where the pen stood.'),
};

function learned(value: number, note: string): Figure {
  return { value, unit: 'days', source: 'trade', mark: 'common-practice', note };
}
