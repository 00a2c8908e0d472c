/** The log in words. */
import type { Place } from '@/core/place/place';
import { findBay } from '@/core/place/find';
import type { LogEntry, Loss, SightingKind } from '@/core/records/sighting';
import { animalName } from './headline';
import type { FenceTest } from '@/core/records/fence-test';
import type { MonitorDay } from '@/core/records/monitor-day';
import { dayWords } from './day-words';
import { everyWords, putOffNames } from './due-words';
import { bayName, kv } from './fence-words';
import { count, touchingNames } from './names';
import { awayWords, eveningWords, learningWords } from './night-words';
import { culpritName } from './sign-words';

/** How it is known, for a chip and in a sentence. */
export const sightingNames: Readonly<Record<SightingKind, readonly [chip: string, said: string]>> =
  {
    seen: ['Seen', 'seen'],
    tracks: ['Tracks', 'tracks'],
    droppings: ['Droppings', 'droppings'],
    camera: ['Camera', 'on camera'],
    shocked: ['Got a shock', 'touched the live line'],
  };

/** The same with a loss among them. */
export const logNames = {
  ...sightingNames,
  loss: ['A loss', 'a loss'],
  young: ['Young near', 'young near'],
} as const;

export function entryWords(place: Place, entry: LogEntry): string {
  switch (entry.what) {
    case 'quiet-camera':
      return `Camera: ${count(entry.nights, 'night')} with none of them`;
    case 'loss':
      return `${lossWords(entry)}${atBay(place, entry.bay)}`;
    case 'sighting': {
      const who = entry.animal ? animalName(entry.animal) : 'An animal nobody could name';
      return `${who}, ${sightingNames[entry.how][1]}${atBay(place, entry.bay)}`;
    }
    case 'young-near':
      return `${animalName(entry.animal)}: young near, for ${count(entry.weeks, 'week')}`;
    case 'evening':
      return eveningWords(place, entry);
    case 'away':
      return awayWords(place, entry);
    case 'fence-test':
      return fenceTestWords(place, entry);
    case 'learning':
      return learningWords(place, entry);
    case 'due-put-off':
      return `Put off to ${dayWords(entry.to)}: ${putOffNames[entry.why].toLowerCase()}`;
    case 'due-done':
      return 'A round done';
    case 'own-round':
      return `${entry.name}, ${everyWords(entry.every)}`;
    case 'weather':
      return entry.weather === 'storm' ? 'It stormed' : 'It snowed';
    case 'monitor-day':
      return monitorDayWords(place, entry);
  }
}

/** "Orchard monitor: 5.1 to 6.8 kV, 6.7 kV at last". */
function monitorDayWords({ devices = [] }: Place, entry: MonitorDay): string {
  const name = devices.find(({ id }) => id === entry.device)?.name ?? 'Monitor';
  return `${name}: ${kv(entry.least)} to ${kv(entry.most)}, ${kv(entry.last)} at last`;
}

/** "Line opened before orchard 1: 6.9 kV", "Leak found at orchard 2: weeds lying over it". */
function fenceTestWords(place: Place, { made }: FenceTest): string {
  if (made.by === 'read') return `Line read at ${bayName(place, made.bay)}: ${kv(made.volts)}`;
  if (made.by === 'open') {
    return `Line opened before ${bayName(place, made.before)}: ${kv(made.volts)}`;
  }
  if (made.by === 'clear') return `Line looked at, clear: ${bayName(place, made.bay)}`;
  if (made.by === 'broken') return `Wire or joint found bad at ${bayName(place, made.bay)}`;
  return `Leak found at ${bayName(place, made.bay)}: ${touchingNames[made.touched][0]}`;
}

/** "2 birds lost, 1 hurt: red fox", "A fright: not known". */
function lossWords({ birds, hurt = 0, eggs = 0, animal, cause, thought }: Loss): string {
  const said = [
    ...(birds > 0 ? [`${count(birds, 'bird')} lost`] : []),
    ...(hurt > 0 ? [`${count(hurt, 'bird')} hurt`] : []),
    ...(eggs > 0 ? [`${count(eggs, 'egg')} gone`] : []),
  ];
  const first = thought?.[0]?.culprit;
  const who = animal ?? cause;
  const name = who ?? first;
  const words = name === undefined ? '' : `: ${culpritName(name).toLowerCase()}`;
  const sure = who === undefined && first !== undefined ? ', most likely' : '';
  return `${said.length > 0 ? said.join(', ') : 'A fright'}${words}${sure}`;
}

function atBay(place: Place, id: string | undefined): string {
  const name = id === undefined ? undefined : findBay(place, id)?.bay.name;
  return name ? `, at ${name}` : '';
}
