/** A plan in plain words: money, time, where a mend goes, and why another does not. */
import type { NightLeft, PlanAnswer, WhyNotWords } from '@/core/mends/plan/answer';
import type { Clash } from '@/core/mends/plan/clashes';
import type { StillBy } from '@/core/mends/plan/problem';
import { findBay, findItem } from '@/core/place/find';
import type { Mend } from '@/core/records/mend';
import type { SpotKind } from '@/core/place/spot';
import { currencyOf } from '@/core/place/currency';
import type { Place } from '@/core/place/place';
import { mendName } from './mend-words';
import { animalName } from './headline';
import { capital, listOf } from './names';

// Written out: the browser's own `Intl` takes a tenth of a second to start on a slow phone.
const signs: Readonly<Record<string, string>> = {
  EUR: '€',
  GBP: '£',
  USD: '$',
  CAD: '$',
  AUD: '$',
  NZD: '$',
};

/** "£12.40", "£120", "CHF 12.40": hundredths only where there are any. */
export function moneyWords(place: Pick<Place, 'setting'>, cents: number): string {
  return signed(place, (cents / 100).toFixed(cents % 100 === 0 ? 0 : 2));
}

/** "£120.00": for sums that stand under each other. */
export function moneyInColumn(place: Pick<Place, 'setting'>, cents: number): string {
  return signed(place, (cents / 100).toFixed(2));
}

function signed(place: Pick<Place, 'setting'>, sum: string): string {
  const currency = currencyOf(place);
  return `${signs[currency] ?? `${currency} `}${sum}`;
}

/** "35 min", "2 h", "2 h 5 min". */
export function timeWords(minutes: number): string {
  const rounded = Math.round(minutes);
  const [hours, rest] = [Math.floor(rounded / 60), rounded % 60];
  if (hours === 0) return `${rest} min`;
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}

/** What a plan spares of the losses there are, to the nearest twentieth: a ratio holds, however far out the figures are. */
export function sparedWords(before: number, after: number): string {
  if (before <= 0) return 'nothing to spare';
  const spared = 1 - after / before;
  if (spared >= 0.995) return 'nearly all losses spared';
  if (spared < 0.005) return 'hardly any loss spared';
  const of100 =
    spared < 0.05 || spared > 0.95 ? Math.round(100 * spared) : 5 * Math.round(20 * spared);
  return `about ${of100} in 100 losses spared`;
}

/** Birds a year: "11", "1.6", "0.02", "none". */
export function birdsWords(birds: number): string {
  if (birds < 0.005) return 'none';
  if (birds < 0.1) return birds.toFixed(2);
  return birds < 10 ? String(Math.round(birds * 10) / 10) : String(Math.round(birds));
}

/** "north 2", "nest lid", "run". */
export function whereWords(
  place: Place,
  { spot, bay, kind }: Pick<Mend, 'spot' | 'bay'> & { readonly kind?: Mend['kind'] },
): string {
  if (kind === 'first-line') return 'all round';
  const zone = place.zones.find(({ id }) => id === spot.item);
  if (zone) return zone.name;
  if (spot.kind === 'fence') return 'the electric fence';
  const item = findItem(place, spot.item);
  const own = findBay(place, bay)?.bay.name ?? bay;
  return item?.kind === 'opening' ? `${item.opening.name}, ${own}` : own;
}

/** "Board along the sill, north 2". */
export function mendTitle(place: Place, mend: Mend): string {
  return `${mendName(mend)}, ${whereWords(place, mend)}`;
}

const spotNames: Readonly<Record<SpotKind, string>> = {
  ground: 'under the sill',
  dig: 'by digging',
  mesh: 'through the cover',
  panel: 'where the panel pulls away',
  hole: 'through a hole',
  edges: 'round the edges',
  latch: 'by the latch',
  hinges: 'off its hinges',
  reach: 'within reach',
  top: 'over the top',
  frame: 'under the frame',
  timber: 'through the timber along the ground',
  bare: 'where nothing covers it',
  habit: 'standing open',
  strand: 'past the strand',
  fence: 'past the fence',
};

/** "by digging, south 3". */
export function bySpotWords(place: Place, { bay, spot }: StillBy): string {
  return `${whereWords(place, { bay, spot })}, ${spotNames[spot.kind]}`;
}

const nightLeft: Readonly<Record<NightLeft, string>> = {
  'way-in': '',
  'long-work': ', longer work than it gives itself left at night',
  'whole-night': ', a whole night’s work left',
  'shut-out': ', shut out at night',
};

/** After the losses by an animal; nothing where it has a way in. */
export const nightLeftWords = (left: NightLeft): string => nightLeft[left];

/** What cannot be done of what was asked, and what is done of it. */
export function clashWords(
  { kind, made, instead }: Clash,
  titleOf: (id: string) => string,
): string {
  return kind === 'must-and-wont'
    ? `${titleOf(made)}: both a must and not to be. It is in the plan.`
    : `${titleOf(made)} and ${titleOf(instead)} cannot both be made. The first is in the plan, the other is not.`;
}

/** A sentence. `titleOf` names a candidate by its id. */
export function whyNotWords(
  place: Place,
  why: WhyNotWords,
  titleOf: (id: string) => string,
): string {
  switch (why.kind) {
    case 'wont':
      return 'You will not have it.';
    case 'too-long':
      return 'It takes longer than you allow for one mend.';
    case 'little':
      return 'It would spare too few to be called a change.';
    case 'not-sold':
      return 'What it takes is not to be had in your shop, or in no size that does.';
    case 'nothing':
      return 'It would stop nothing that still gets in.';
    case 'instead':
      return `In its place: ${listOf(why.of.map(titleOf))}.`;
    case 'beside': {
      const [first, ...more] = why.at.map((it) => bySpotWords(place, it));
      if (first === undefined) return 'Alone it changes nothing.';
      const on = more.length > 0 ? `, then ${listOf(more)}` : '';
      return `It changes nothing while another way in stays open beside it. ${capital(animalName(why.animal))}: ${first}${on}.`;
    }
    case 'money':
      return `No money left for it. It would spare ${birdsWords(why.birds)} birds a year.`;
    case 'time':
      return `No time left for it. It would spare ${birdsWords(why.birds)} birds a year.`;
  }
}

/** "€66.25 in the shop (€55.97 by the metre)". */
export function moneyOfPlan(
  { cents, wholeCents = cents }: Pick<PlanAnswer, 'cents' | 'wholeCents'>,
  money: (cents: number) => string,
): string {
  return wholeCents === cents
    ? money(cents)
    : `${money(wholeCents)} in the shop (${money(cents)} by the metre)`;
}
