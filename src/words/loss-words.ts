/** Expected losses in words: "0.4", "2 to 5"; before anybody said how it has gone, a rank and a range instead of a figure. */
import { hasLived, type Lived } from '@/core/score/experience';
import type { Losses, Span } from '@/core/score/losses';
import { lossRankOf, type LossRank } from '@/core/tables/losing';
import { count } from './names';

/** One decimal below ten, none above. */
export function lossWords({ low, high }: Span): string {
  const [a, b] = [figure(low), figure(high)];
  return a === b ? a : `${a} to ${b}`;
}

const figure = (birds: number): string =>
  birds < 10 ? String(Math.round(birds * 10) / 10) : String(Math.round(birds));

export const lossRankNames: Readonly<Record<LossRank, string>> = {
  'next-to-none': 'Next to none',
  ordinary: 'As flocks commonly lose',
  'more-than-most': 'More than most flocks lose',
  many: 'Many',
  most: 'Most of the flock',
};

/** The rank of what is expected, by the middle of what is unread. */
export function lossRankWords({ birds }: Pick<Losses, 'birds'>, flock: number): string {
  const share = flock === 0 ? 0 : (birds.low + birds.high) / 2 / flock;
  return lossRankNames[lossRankOf(share)];
}

/** "under 1", "0 to 3": a range that promises no more than it knows. */
export function bandWords({ low, high }: Span): string {
  if (high < 0.05) return 'none to speak of';
  if (high < 1) return `under ${high < 0.5 ? '0.5' : '1'}`;
  const [least, most] = [Math.floor(low), Math.ceil(high)];
  return least === most ? String(least) : `${least} to ${most}`;
}

/** What stands large: a figure where there is experience to go by, else the range. */
export function lossFigure(losses: Pick<Losses, 'birds' | 'band' | 'lived'>): string {
  return hasLived(losses.lived) && isToldOf(losses.lived)
    ? lossWords(losses.birds)
    : bandWords(losses.band);
}

/** Whether the keeper has said how it has gone, or logged a loss: time alone since the first walk is little to go by. */
function isToldOf({ years, lost, losses }: Lived): boolean {
  return years >= 0.5 || lost > 0 || losses.length > 0;
}

/** "More than most flocks lose, 0 to 3 of 12 a year." */
export function lossSentence(losses: Losses, flock: number): string {
  return `${lossRankWords(losses, flock)}, ${lossesOfFlock(losses, flock)}.`;
}

/** "about 1 to 1.4 of 12 a year (0 to 3)": a middle only where there is experience to go by. */
export function lossesOfFlock(losses: Losses, flock: number): string {
  return isToldOf(losses.lived)
    ? `about ${lossWords(losses.birds)} of ${flock} a year (${bandWords(losses.band)})`
    : `${bandWords(losses.band)} of ${flock} a year`;
}

/** What it goes by: the tables alone, or how it has gone here as well. */
export function livedWords({ lived, byTables }: Losses): string {
  if (!isToldOf(lived)) {
    return `By the tables${lived.years > 0 ? ', and that nothing was logged since the first walk' : ' alone'}. They may be out by several times: how long it has been kept like this, and what was lost, would say more.`;
  }
  const lost = lived.lost + lived.losses.reduce((sum, { birds }) => sum + birds, 0);
  const kept = lived.years >= 0.1 ? ` in ${yearsWords(lived.years)} kept like this` : '';
  return `${lost === 0 ? 'No bird' : count(lost, 'bird')} lost${kept}; by the tables alone it would be ${lossWords(byTables)}.`;
}

function yearsWords(years: number): string {
  if (years < 1) return count(Math.max(1, Math.round(years * 12)), 'month');
  const rounded = years < 10 ? Math.round(years * 2) / 2 : Math.round(years);
  return count(rounded, 'year');
}
