/** What would stop an animal at a part that gives way: each line alone is enough for that animal there. */
import type { Remedy } from '@/core/effort/remedies';
import type { Place } from '@/core/place/place';
import { lengthWords } from './length-words';
import { fixingNames, latchNames, listOf, meshNames, unitIndex } from './names';
import { overWords, skirtWords } from './reason-words';

/** Covers named before "or anything stronger" is said. */
const few = 3;

export function stopWords({ units }: Pick<Place, 'units'>, stop: Remedy): string {
  const length = (mm: number) => lengthWords(mm, units);
  switch (stop.kind) {
    case 'opening': {
      const { used, strict } = stop;
      return used.value === strict.value
        ? `No gap over ${length(used.value)}.`
        : `No gap over ${length(used.value)}; mends are made to ${length(strict.value)}.`;
    }
    case 'cover': {
      const named = stop.meshes.slice(0, few).map((id) => meshNames[id][unitIndex({ units })]);
      return `Sound ${listOf(named, 'or')}${stop.meshes.length > few ? ' (and others)' : ''}, well fixed.`;
    }
    case 'fixing':
      return `Held by ${listOf(
        stop.fixings.map((id) => fixingNames[id][0]),
        'or',
      )}.`;
    case 'skirt':
      return `Mesh ${skirtWords(stop.enough.depth.value, stop.enough.outward.value, units)}.`;
    case 'hard-ground':
      return 'Slabs, concrete or rock up to the wall.';
    case 'top-edge':
      return `A top edge of ${overWords(stop.enough, units)}.`;
    case 'roof':
      return 'A roof that holds.';
    case 'distance':
      return `Birds kept more than ${length(stop.moreThan.value)} from it.`;
    case 'weight':
      return `A frame of ${Math.ceil(stop.atLeast)} kg or more.`;
    case 'pegs':
      return `Pegs of ${length(stop.atLeast.value)} or longer.`;
    case 'latch':
      return `Besides what is there: ${listOf(
        stop.add.map((id) => latchNames[id]),
        'or',
      )}.`;
    case 'timber':
      return 'Sound timber along the ground.';
    case 'hinges':
      return 'Hinges on screws that hold.';
    case 'shut':
      return 'Shut it every night.';
  }
}
