/** Boards, battens and channel: sold by length, sawn to length. */
import type { Figure } from '../../tables/figure';

/** Width of what has none that matters, mm. */
export const barWidth = 1;

/** Whether a piece is of something cut to length only. */
export const isBar = ({ width }: { readonly width: number }): boolean => width === barWidth;

/** What a saw takes of a board at each cut, mm. */
export const kerf: Figure = {
  value: 3,
  unit: 'mm',
  source: 'trade',
  mark: 'common-practice',
  note: 'A hand or circular saw takes about 3 mm.',
};
