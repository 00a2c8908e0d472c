/** A first line that stood ready hangs from when volts were read on it or somebody said how it is made: nobody reads a line that is not there. */
import { answersBy } from '../memo';
import type { Bay, Place, Strand } from '../place/place';

const hung = answersBy<Bay, Bay>();

/** The place with its wires hanging, where they do; else the same object. */
export function withLineThere(place: Place): Place {
  if (!isFound(place)) return place;
  const faces = place.faces.map((face) => {
    const bays = face.bays.map(hanging);
    return bays.every((bay, index) => bay === face.bays[index]) ? face : { ...face, bays };
  });
  return faces.every((face, index) => face === place.faces[index]) ? place : { ...place, faces };
}

/** Of two readings that contradict each other one is left: whichever it is, the line is there. */
function isFound({ fence, faces }: Place): boolean {
  if (!fence) return false;
  if (fence.line ?? fence.volts ?? fence.near) return true;
  return faces.some(({ bays }) => bays.some(({ strands }) => strands.some(({ volts }) => volts)));
}

function hanging(bay: Bay): Bay {
  if (bay.strands.every(({ ready }) => !ready)) return bay;
  const last = hung.get(bay);
  if (last) return last;
  const strands = bay.strands.map(({ ready: _, ...strand }): Strand => strand);
  const made = { ...bay, strands };
  hung.set(bay, made);
  return made;
}
