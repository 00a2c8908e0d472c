/** Lengths as figures, one maker for each mark: a table reads as value, source, remark. All mm. */
import type { Figure } from './figure';
import type { SourceId } from './sources';

/** A figure in print, mm, recalled from memory. */
export function published(value: number, source: SourceId, note?: string): Figure {
  return { value, unit: 'mm', source, mark: 'published', ...(note && { note }) };
}

/** What people who do this work do; no printed source. */
export function practice(value: number, note?: string): Figure {
  return { value, unit: 'mm', source: 'trade', mark: 'common-practice', ...(note && { note }) };
}

/** A figure of our own, mm. */
export function assumed(value: number, note?: string): Figure {
  return { value, unit: 'mm', source: 'rookle', mark: 'assumption', ...(note && { note }) };
}
