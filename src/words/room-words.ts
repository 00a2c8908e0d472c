/** Room for the birds, in words: what each has, and what the schools ask. */
import type { Units } from '@/core/place/place';
import type { Enough, Room } from '@/core/room/room-for-birds';
import type { RoomKind, School } from '@/core/tables/room';
import { lengthWords } from './length-words';
import { capital, listOf } from './names';

export const roomNames: Readonly<Record<RoomKind, string>> = {
  floor: 'floor',
  run: 'run',
  perch: 'perch',
  nests: 'nests',
  vents: 'vents',
};

export const schoolNames: Readonly<Record<School, string>> = {
  extension: 'advisers to small keepers',
  code: 'rules for flocks that lay for sale',
};

const enoughWords: Readonly<Record<Enough, string>> = {
  enough: 'enough',
  'for-some': 'enough for some',
  short: 'too little',
  unsaid: 'not said',
};

const squareFoot = 0.092903;

/** An amount of one kind of room: m² or square feet, a length, birds to a nest, a share. */
function amountOf(kind: RoomKind, amount: number, units: Units): string {
  switch (kind) {
    case 'floor':
    case 'run':
      return units === 'metric'
        ? `${Math.round(amount * 100) / 100} m²`
        : `${Math.round((amount / squareFoot) * 10) / 10} sq ft`;
    case 'perch':
      return lengthWords(Math.round(amount), units);
    case 'nests':
      return amount === 0 ? 'no nest' : `a nest to ${Math.round((1 / amount) * 10) / 10}`;
    case 'vents':
      return `${Math.round(amount * 100)} % of the floor`;
  }
}

/** "Hut, floor: 0.14 m² a bird, enough for some". */
export function roomHead({ zone, kind, each, is }: Room, units: Units): string {
  const a = kind === 'floor' || kind === 'run' || kind === 'perch' ? ' a hen' : '';
  const has = each === undefined ? '' : `${amountOf(kind, each, units)}${a}, `;
  const what = zone.name === roomNames[kind] ? zone.name : `${zone.name}, ${roomNames[kind]}`;
  return `${capital(what)}: ${has}${enoughWords[is]}`;
}

/** "Advisers to small keepers ask for 0.28 m², rules for flocks that lay for sale 0.11 m²." */
export function roomAskedWords({ kind, asked }: Room, units: Units): string {
  const parts = asked.map(
    ({ school, least }, index) =>
      `${schoolNames[school]}${index === 0 ? ' ask for' : ''} ${amountOf(kind, least, units)}`,
  );
  return `${capital(listOf(parts))}.`;
}

/** What a change leaves less of, in one sentence; nothing, where it leaves no less. */
export function roomLostWords(lost: readonly Room[], units: Units): string | undefined {
  if (lost.length === 0) return undefined;
  return `It leaves the birds less room: ${listOf(lost.map((it) => roomHead(it, units)))}.`;
}
