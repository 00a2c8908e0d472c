/**
 * What climbs onto a roof has crossed the line at the foot of some wall first. A roof bay is told which lines those are, so that it
 * is judged by itself like any other: the weakest of them is the one that is crossed.
 */
import isSame from 'fast-deep-equal';
import { answersBy } from '../memo';
import { piecesOf } from './pieces';
import type { LineAt } from './bay';
import { hasWire } from './strand-there';
import { outside, type Bay, type Face, type Place, type ZoneId } from './place';

/** The place with every outer roof told of the lines before the walls it is climbed by; the same object where there are none. */
export function withLineBelow(place: Place): Place {
  if (!hasLine(place)) return place;
  const faces = place.faces.map((face) => {
    if (face.kind !== 'roof' || !face.between.includes(outside)) return face;
    return roofOver(face, linesBefore(place, inside(face)));
  });
  return faces.every((face, index) => face === place.faces[index]) ? place : { ...place, faces };
}

function hasLine({ faces }: Place): boolean {
  return faces.some(({ bays }) =>
    bays.some((bay: Bay) => bay.strands.length > 0 || bay.below !== undefined),
  );
}

const inside = ({ between: [a, b] }: Face): ZoneId => (a === outside ? b : a);

/** The lines before all outer walls of what hangs together with this zone; none where one wall has no line before it. */
function linesBefore(place: Place, zone: ZoneId): LineAt[] {
  const pieces = piecesOf(place);
  const isJoined = (face: Face) => pieces.get(inside(face)) === pieces.get(zone);
  const walls = place.faces.filter(
    (face) => face.kind === 'wall' && face.between.includes(outside) && isJoined(face),
  );
  const lines = walls.flatMap(({ bays }) => bays.filter(({ ready }) => !ready));
  if (!lines.every(hasWire)) return [];
  const distinct = new Map(
    lines.map(({ strands, reaching }: Bay) => {
      const line: LineAt = { strands, ...(reaching && { reaching }) };
      return [lineKey(line), line];
    }),
  );
  return [...distinct.values()];
}

/** Lines that stand alike are one, whatever their wires are called. */
function lineKey({ strands, reaching }: LineAt): string {
  const wires = strands.map(({ height, standOff, touching }) => [height, standOff, touching]);
  return JSON.stringify([wires, reaching]);
}

const roofs = answersBy<Face, Face>();

/** The roof over these lines; asked again with the same ones, the same object. */
function roofOver(face: Face, lines: readonly LineAt[]): Face {
  const below = lines.length > 0 ? lines : undefined;
  const isOver = (it: Face) => it.bays.every((bay: Bay) => isSame(bay.below, below));
  if (isOver(face)) return face;
  const last = roofs.get(face);
  if (last && isOver(last)) return last;
  const made = { ...face, bays: face.bays.map((bay) => withBelow(bay, below)) };
  roofs.set(face, made);
  return made;
}

function withBelow({ below: _before, ...bay }: Bay, below: Bay['below']): Bay {
  return below ? { ...bay, below } : bay;
}
