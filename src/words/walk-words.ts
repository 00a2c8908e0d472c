/** Words of the walk itself: its parts, its stops, what it is for, how long it takes. */
import { findBay } from '@/core/place/find';
import type { Place } from '@/core/place/place';
import type { WalkPurpose } from '@/core/records/walk';
import type { Question } from '@/core/walk/questions';
import type { WalkSection } from '@/core/attributes/attribute';
import type { Stop } from '@/core/walk/stops';
import { sortOf } from './attributes';
import { capital, count, listOf } from './names';

export const sectionNames: Readonly<Record<WalkSection, string>> = {
  distance: 'From a distance',
  lap: 'Outside lap, from the gate',
  overhead: 'Overhead',
  fence: 'The electric fence',
  inside: 'Inside the run',
  house: 'The house',
  shut: 'Shut and count',
};

/** "Front 2", "The fence", "House, overhead". */
export function stopName(
  place: Place,
  { bay, section, name }: Pick<Stop, 'bay' | 'section' | 'name'>,
): string {
  if (bay !== undefined) return findBay(place, bay)?.bay.name ?? bay;
  if (name === undefined) return sectionNames[section].toLowerCase();
  return section === 'overhead' ? `${name}, overhead` : name;
}

export const purposeNames: Readonly<Record<WalkPurpose, readonly [name: string, note: string]>> = {
  full: ['The whole walk', 'every stop that applies here'],
  settle: ['What settles it', 'only the readings that could still change the answer'],
  weak: ['What was weak', 'ways in, slow ways, and what nobody has read'],
  storm: ['After storm or snow', 'pull tests, edges, roof, doors, strand'],
  loss: ['After a loss', 'ways by which something gets in, fresh sign, heads'],
  moved: ['The pen has moved', 'ground all round, pegs, strand, square'],
  fence: ['Along the line', 'volts, handles, stake, and what touches'],
  earth: ['The earth test', 'the ground today, volts on the stake, on again'],
  battery: ['The battery test', 'volts at rest, on again'],
};

/** Kinds named before it says “and more”. */
const most = 5;

/** "Leaves out 84 readings: mesh, skirts, soil and roosts." */
export function leavesOut(
  all: readonly Question[],
  asked: readonly Question[],
): string | undefined {
  const ids = new Set(asked.map(({ id }) => id));
  const left = all.filter(({ id }) => !ids.has(id));
  if (left.length === 0) return undefined;
  const kinds = [...new Set(left.flatMap((it) => sortOf(it) ?? []))];
  const partly = new Set(asked.flatMap((it) => sortOf(it) ?? []));
  const wholly = kinds.filter((name) => !partly.has(name));
  const named =
    wholly.length > 0
      ? `: ${listOf(wholly.length > most ? [...wholly.slice(0, most), 'more'] : wholly)}`
      : '';
  return `Leaves out ${count(left.length, 'reading')}${named}.`;
}

/** A caution that belongs to the place one stands at. */
export function sectionCaution(section: WalkSection, place: Place): string | undefined {
  if (section === 'overhead') {
    return 'A ladder stands one out for four up, on firm ground, with someone to hold it. Never on the roof itself.';
  }
  if (section === 'fence') {
    return 'Off at the energizer before hands go near. A listed energizer only, by its instructions and local rules; never two on one line, never mains.';
  }
  if (section === 'inside' || section === 'house') {
    return 'Droppings and dust: gloves, and a mask where it is dry. Several birds dead without wounds is disease until proved otherwise: ask the vet or the authority.';
  }
  if (section === 'lap' && place.fence)
    return 'The strand is off while you measure; switch it on again.';
  return undefined;
}

export function capitalName(place: Place, stop: Pick<Stop, 'bay' | 'section' | 'name'>): string {
  return capital(stopName(place, stop));
}
