/** The money a keeper pays in: what they say, or what their region pays in. */
import { landOf, type Land } from '../tables/regions';
import type { Place } from './place';

const ofLand: Readonly<Record<Land, string>> = {
  gb: 'GBP',
  ie: 'EUR',
  eu: 'EUR',
  na: 'USD',
  au: 'AUD',
  nz: 'NZD',
};

/** ISO 4217. */
export function currencyOf({ setting }: Pick<Place, 'setting'>): string {
  return setting.currency ?? ofLand[landOf[setting.region]];
}

/** The region's own is not written down. */
export function withCurrency(place: Place, currency: string): Place {
  const { currency: _before, ...others } = place.setting;
  const own = currency === ofLand[landOf[place.setting.region]] ? {} : { currency };
  return { ...place, setting: { ...others, ...own } };
}

/** Those a keeper may choose from; others can be told in a file. */
export const currencies = [
  'EUR',
  'GBP',
  'USD',
  'CAD',
  'AUD',
  'NZD',
  'CHF',
  'SEK',
  'NOK',
  'DKK',
  'PLN',
  'CZK',
] as const;
