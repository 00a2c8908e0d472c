/** What a mend was reckoned to take: money by the metre, and time. */
import type { Mend } from '../../records/mend';
import type { Place } from '../../place/place';
import { catalogue } from '../catalogue';
import { costOf } from './cost';
import type { UnitPrices } from './shop';
import { weakOf } from './weak-of';

/** What planned mends come to: hundredths, minutes. */
export interface Planned {
  readonly cents: number;
  readonly minutes: number;
}

/** `undefined` where its bay has been taken away. */
export function plannedOf(found: Place, mend: Mend, unitPrices?: UnitPrices): Planned | undefined {
  if (mend.own) return { cents: mend.own.cents, minutes: mend.own.minutes };
  const weak = weakOf(found, mend);
  if (!weak || mend.kind === 'own') return undefined;
  const { takes, time } = catalogue[mend.kind];
  return { cents: costOf(takes(weak), unitPrices), minutes: time(weak).value };
}
