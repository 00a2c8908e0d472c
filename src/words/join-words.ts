/** What another keeper's file brings, and what was changed on both phones. */
import type { Came } from '@/core/join/join';
import { allBays } from '@/core/place/find';
import type { Place } from '@/core/place/place';
import { lastChangeOf, type PlacePart } from '@/core/place/versions';
import { dayWords } from './day-words';
import { birdNames, capital, count, listOf } from './names';

export const partNames: Readonly<Record<PlacePart, string>> = {
  name: 'its name and units',
  setting: 'where it lies and what lives there',
  flock: 'the birds',
  structure: 'what stands there',
  fence: 'the electric line',
  routine: 'who shuts up',
  experience: 'how it has gone so far',
  devices: 'devices',
};

/** "2 walks with 31 readings, a mend and 4 entries of the log"; nothing, where nothing is new. */
function broughtWords({ walks, readings, mends, entries, purchases, prices }: Came): string[] {
  return [
    ...(walks > 0 ? [`${count(walks, 'walk')} with ${count(readings, 'new reading')}`] : []),
    ...(mends > 0 ? [count(mends, 'mend')] : []),
    ...(entries > 0 ? [count(entries, 'entry of the log', 'entries of the log')] : []),
    ...(purchases > 0 ? [count(purchases, 'purchase')] : []),
    ...(prices > 0 ? [count(prices, 'line of prices and stock', 'lines of prices and stock')] : []),
  ];
}

/** What joining brings, before it is done or after. */
export function cameSentence(came: Came, when: 'ahead' | 'done'): string {
  const brought = broughtWords(came);
  const parts = came.parts.map((part) => partNames[part]);
  const gone =
    came.gone > 0
      ? [
          `takes away ${count(came.gone, 'record')} that ${came.gone === 1 ? 'was' : 'were'} taken away there`,
        ]
      : [];
  const does = [
    ...(brought.length > 0 ? [`brings ${listOf(brought)}`] : []),
    ...(parts.length > 0 ? [`changes ${listOf(parts)}`] : []),
    ...gone,
  ];
  if (when === 'ahead') {
    return does.length > 0
      ? `Joined, it ${listOf(does)}.`
      : 'Joined, it brings nothing else that is not here.';
  }
  return does.length > 0
    ? `Joined. The file ${listOf(does)}.`
    : 'Joined. There was nothing in it that was not here.';
}

/** A part of a place in a few words, to be told from the other state of it. */
export function partWords(place: Place, part: PlacePart): string {
  switch (part) {
    case 'name':
      return `${place.name}, ${place.units}`;
    case 'setting':
      return `${count(place.setting.lives.length, 'animal')} reckoned with, ${count(place.setting.near.length, 'thing')} near`;
    case 'flock':
      return (
        listOf(place.flock.map((it) => `${it.count} ${it.name ?? birdNames[it.kind]}`)) ||
        'no birds'
      );
    case 'structure': {
      const bays = allBays(place).map(({ bay }) => bay);
      const doors = bays.reduce((sum, bay) => sum + bay.openings.length, 0);
      const zones = listOf(place.zones.map(({ name }) => name));
      return `${zones}: ${count(bays.length, 'bay')}, ${count(doors, 'opening')}`;
    }
    case 'fence':
      return place.fence?.line
        ? 'a line that is described'
        : place.fence
          ? 'a strand, its line not described'
          : 'no line';
    case 'routine':
      return place.routine?.shuts ? `shut up by ${place.routine.shuts}` : 'nobody said';
    case 'devices':
      return listOf((place.devices ?? []).map(({ name }) => name)) || 'none';
    case 'experience':
      return place.experience
        ? `kept like this since ${dayWords(place.experience.since)}, ${count(place.experience.lost, 'bird')} lost`
        : 'nobody said';
  }
}

/** Whose phone it was, where a place is kept with more than one and somebody said whose that is. */
export function keeperWords({ keepers = [] }: Pick<Place, 'keepers'>, phone: string | undefined) {
  return keepers.length > 1 ? keepers.find((it) => it.phone === phone)?.name : undefined;
}

/** "12 bantams (3 May 2026, Ann)": a part, with when it was last changed and by whom. */
export function partState(place: Place, part: PlacePart): string {
  const last = lastChangeOf(part, place.versions ?? []);
  if (!last) return capital(partWords(place, part));
  const who = keeperWords(place, last.phone);
  const when = who === undefined ? dayWords(last.at) : `${dayWords(last.at)}, ${who}`;
  return `${capital(partWords(place, part))} (${when})`;
}
