/** Days of the year as people write them: 1 Nov · November 1 · 1.11. · 11-01. */

const months = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const longest = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

/** MM-DD; `undefined` where it is no day. Two numbers are read as day.month, with a dash as month-day. */
export function readYearDay(text: string): string | undefined {
  const typed = text.trim().toLowerCase();
  const named = /^(\d{1,2})\.?\s*([a-z]{3,9})\.?$|^([a-z]{3,9})\.?\s*(\d{1,2})$/.exec(typed);
  if (named) {
    const word = (named[2] ?? named[3] ?? '').slice(0, 3);
    return dayOf(months.indexOf(word) + 1, Number(named[1] ?? named[4]));
  }
  const dashed = /^(\d{1,2})-(\d{1,2})$/.exec(typed);
  if (dashed) return dayOf(Number(dashed[1]), Number(dashed[2]));
  const dotted = /^(\d{1,2})[./](\d{1,2})\.?$/.exec(typed);
  return dotted ? dayOf(Number(dotted[2]), Number(dotted[1])) : undefined;
}

function dayOf(month: number, day: number): string | undefined {
  const most = longest[month - 1];
  if (most === undefined || day < 1 || day > most) return undefined;
  return `${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
}
