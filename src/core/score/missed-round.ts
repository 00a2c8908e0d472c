/** The chance that the evening round leaves a door open: by who shuts it, moved by the rounds on record. */
import { isOfTheRound } from '../effort/doors';
import { allBays } from '../place/find';
import type { Opening, Place } from '../place/place';
import type { Figure } from '../tables/figure';

const missed = (value: number, note: string): Figure => ({
  value,
  unit: 'share',
  source: 'rookle',
  mark: 'assumption',
  note,
});

/** Until rounds are on record. Most stories of loss are a door left open once. */
export const missedBy: Readonly<Record<Opening['shutBy'], Figure>> = {
  hand: missed(0.02, 'Once in fifty evenings.'),
  cord: missed(0.02, 'Once in fifty evenings, pulled from outside.'),
  light: missed(
    0.01,
    'Once in a hundred: it stays open, or shuts a bird out. The bird outside is reached by the same ways as an open door’s, so the open door is what is judged.',
  ),
  nobody: missed(0, 'Nobody shuts it; its habit says how it stands.'),
};

/** Rounds that the starting figure counts as (assumption of ours). */
const priorRounds = 50;

/**
 * 0 where no door is shut in the evening. The likeliest to be missed decides; nights on which nobody shuts up are missed
 * for certain, the others by that chance.
 */
export function missedRoundChance(place: Place): number {
  const round = chanceOfOne(place);
  const unshut = Math.min(1, (place.routine?.nightsUnshut ?? 0) / nightsInYear);
  return round === 0 ? 0 : unshut + (1 - unshut) * round;
}

const nightsInYear = 365;

function chanceOfOne(place: Place): number {
  const chances = allBays(place)
    .flatMap(({ bay }) => bay.openings)
    .filter((opening) => isOfTheRound(opening) && opening.habit === 'every-night')
    .map((opening) => missedBy[opening.shutBy].value);
  const before = Math.max(0, ...chances);
  const rounds = place.routine?.rounds;
  if (before === 0 || !rounds) return before;
  return (before * priorRounds + rounds.missed) / (priorRounds + rounds.made);
}
