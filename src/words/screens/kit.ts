/** What a first line takes, in words. */
import type { FirstLine, KitLine } from '@/core/fence/first-line';
import type { Place } from '@/core/place/place';
import { kitParts, type KitPart } from '@/core/tables/line-kit';
import { spoken } from '../language';
import { distanceWords, lengthWords } from '../length-words';
import { capital, count, listOf } from '../names';
import { moneyWords, timeWords } from '../plan-words';

const names: Readonly<Record<KitPart, readonly [one: string, many: string]>> = {
  energizer: ['energizer, listed', 'energizers, listed'],
  wire: ['fence wire', 'fence wire'],
  insulator: ['insulator', 'insulators'],
  handle: ['gate handle', 'gate handles'],
  rod: ['earth rod', 'earth rods'],
  lead: ['insulated lead', 'insulated leads'],
  sign: ['warning sign', 'warning signs'],
  tester: ['fence tester', 'fence testers'],
};

export const kitNames: Readonly<Record<KitPart, string>> = {
  ...(Object.fromEntries(kitParts.map((it) => [it, names[it][0]])) as Record<KitPart, string>),
  wire: 'A metre of fence wire',
};

const wiresWords = (wires: number) =>
  wires === 1 ? 'one wire' : wires === 2 ? 'two wires' : `${wires} wires`;

export const kitText = spoken('kit', {
  name: 'What a first line takes',
  title: (wires: number) => `What ${wiresWords(wires)} all round would take`,
  plan: 'Put it on the list of mends',
  planIt: (name: string) => `Put it on the list of mends: ${name}`,
  onTheList: (name: string, state: string) => `${name}: on the list, ${state}`,
  toPutRight: 'What would put it right',
  takes: (takes: readonly string[], minutes: number) =>
    [...takes, `about ${timeWords(minutes)}`].join('; '),
  inAll: (place: Place, { cents, minutes, length }: FirstLine, heights: readonly number[]) =>
    `${heights.length === 0 ? '' : `At ${listOf(heights.map((it) => lengthWords(it, place.units)))} above the ground. `}About ${moneyWords(place, cents)} and ${timeWords(minutes)}, for ${distanceWords(length, place.units)} of wall.`,
  line: ({ units }: Place, { part, amount }: KitLine) =>
    part === 'wire'
      ? `${distanceWords(amount, units)} of ${names.wire[0]}`
      : count(amount, ...names[part]),
  cost: (place: Place, cents: number) => moneyWords(place, cents),
  sums: (wires: number) =>
    `Round sums of ours; a kit with all of it may cost less. ${capital(wiresWords(wires))}, insulators every 2 m and at each post, at least three rods, signs at every way in. It holds once volts are read at its far end.`,
  harms:
    'Whom it can hurt: children and pets, until they know it; hedgehogs and tortoises that curl up under a wire lower than 150 mm (6 in): where they live, hang the lowest higher or switch it on by night only. Signs at every access; local rules decide how many.',
});
