/** A stretch of the year, both days included; it may run over the new year. */
import { dayOfYear } from '../schema/common';
import { named, object, type TypeOf } from '../schema/schema';

/** From a day of the year to another, across the turn of the year too. */
export const yearSpan = named(
  'yearSpan',
  object({ from: dayOfYear, to: dayOfYear }),
  'Days of the year, both included; may run over the new year.',
);
/** Days of the year from one to another, over the turn of the year where the second comes first. */
export interface YearSpan extends TypeOf<typeof yearSpan> {}

/** Whether a day lies in any of them; absent is all year. */
export function isWithinAny(
  spans: readonly YearSpan[] | undefined,
  date: string | undefined,
): boolean {
  return !spans || spans.some((span) => isWithin(span, date));
}

/** Whether a day (YYYY-MM-DD) lies in it. An absent span is all year; without a day every span counts as on. */
export function isWithin(span: YearSpan | undefined, date: string | undefined): boolean {
  if (!span || date === undefined) return true;
  const day = date.slice(5);
  return span.from <= span.to
    ? span.from <= day && day <= span.to
    : day >= span.from || day <= span.to;
}
