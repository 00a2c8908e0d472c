/** The circumstances of a year, each once: scenario by month, as far as anything about the place tells them apart. */
import type { When } from '../../effort/when';
import { allBays } from '../../place/find';
import type { Place } from '../../place/place';
import { isWithin, type YearSpan } from '../../place/year-span';
import { scenarios, whenOf, type Scenario } from '../../score/scenario';
import { months } from '../../score/visits';

/** Circumstances that an animal may meet. */
export interface Case {
  readonly scenario: Scenario;
  /** The middle of one of its months. */
  readonly date: string;
  readonly when: When;
}

/** The same for one month of the year. */
export interface MonthCase extends Case {
  readonly days: number;
  /** Months in which an animal meets the same have the same key. */
  readonly key: string;
}

/** Every month of a year in use, each with the days it stands for. */
export function casesOfYear(place: Place, year: number): MonthCase[] {
  const spans = spansOf(place);
  return months.flatMap((month) => {
    const date = `${year}-${String(month).padStart(2, '0')}-15`;
    const days = new Date(Date.UTC(year, month, 0)).getUTCDate();
    const dress = spans.map((span) => (isWithin(span, date) ? '1' : '0')).join('');
    return scenarios.map((scenario): MonthCase => {
      const when = whenOf(place, scenario, date);
      const hours = when.line?.hoursOn ?? '';
      return { scenario, date, when, days, key: `${when.doors} ${when.birds} ${hours} ${dress}` };
    });
  });
}

/** Every span of the year in which some cover is on. */
function spansOf(place: Place): YearSpan[] {
  return allBays(place).flatMap(({ bay }) =>
    [
      ...bay.bands.flatMap(({ layers }) => layers),
      ...bay.openings.flatMap(({ cover }) => cover ?? []),
    ].flatMap(({ on }) => on ?? []),
  );
}
