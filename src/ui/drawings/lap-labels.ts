/** What is written on the lap: sides above, skirts and distances below; nothing on top of anything else. */
import { uiText } from '@/words/screens/ui';
import type { Place } from '@/core/place/place';
import type { LapBox, LapLayout } from './lap-layout';
import { letter } from './site-plan-labels';

export interface LapLabel {
  readonly text: string;
  readonly x: number;
  readonly y: number;
}

/** Least room between two labels of a row, px. */
const gap = 8;
/** Between two names of sides: each begins at its corner besides. */
const sideGap = 4;

const widthOf = (text: string): number => [...text].length * letter;

/** Names of sides, each cut to the room until the next; where there is room for three letters only, none. */
export function sideLabelsOf({ sides, width }: LapLayout): LapLabel[] {
  return sides.flatMap(({ name, x }, index) => {
    const room = (sides[index + 1]?.x ?? width) - x - 6 - sideGap;
    const letters = [...name];
    const fits = Math.floor(room / letter);
    if (fits < 4 && fits < letters.length) return [];
    const text = letters.length <= fits ? name : `${letters.slice(0, fits - 1).join('')}…`;
    return [{ text, x: x + 6, y: 17 }];
  });
}

/** Rows of skirt labels under the ground, and how far one stands below the other, px. */
export const skirtRows = 2;
export const skirtRow = 16;

/**
 * Depth and width of skirts, written where they begin, under the deepest of them; one that has no room in either row is left to
 * the bay's own page.
 */
export function skirtLabelsOf(place: Place, { bays, ground, width }: LapLayout): LapLabel[] {
  const free = Array.from({ length: skirtRows }, () => -Infinity);
  const deepest = Math.max(8, ...bays.map(({ skirt }) => skirt?.depth ?? 0));
  return bays.flatMap((box, index) => {
    const text = skirtWords(place, box);
    const before = bays[index - 1];
    if (text === '' || (before && skirtWords(place, before) === text)) return [];
    // Never off the page: the last bay's begins before it where it must.
    const x = Math.max(0, Math.min(box.x + 10, width - widthOf(text) - gap));
    const row = free.findIndex((from) => from <= x);
    if (row < 0) return [];
    free[row] = x + widthOf(text) + gap;
    return [{ text, x, y: ground + deepest + 18 + row * skirtRow }];
  });
}

function skirtWords({ units }: Place, { skirt, apron }: LapBox): string {
  return [
    ...(skirt ? [uiText.skirt(skirt.mm, units)] : []),
    ...(apron > 0 ? [uiText.apron(apron, units)] : []),
  ].join(', ');
}

/** Distances from the gate, as close as they can be read. */
export function distanceLabelsOf({ units }: Place, { bays, height, scale }: LapLayout): LapLabel[] {
  const [first] = bays;
  if (!first) return [];
  const unit = units === 'metric' ? 1000 : 304.8;
  const steps = units === 'metric' ? [2, 5, 10, 20, 50] : [5, 10, 20, 50, 100, 200];
  const nearest = 46;
  const each = steps.find((it) => it * unit * scale >= nearest) ?? 500;
  const end = Math.max(...bays.map(({ x, width }) => x + width)) - first.x;
  const count = Math.floor(end / (each * unit * scale)) + 1;
  return Array.from({ length: count }, (_, index) => ({
    text: `${index * each} ${units === 'metric' ? 'm' : 'ft'}`,
    x: first.x + index * each * unit * scale,
    y: height - 5,
  }));
}
