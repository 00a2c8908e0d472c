/** Which way a place lies: turned so that north is up, its sides called by the compass. */
import type { Point } from '../outline';
import type { Face, Outline, Place, Side, Zone } from '../place';

/** One of eight directions. */
export const compass = ['north', 'east', 'south', 'west'] as const;
/** One of `compass`. */
export type Compass = (typeof compass)[number];

/** Names a side has until the keeper gives it one; only these are replaced. */
const unnamed = /^(front|left|back|right|gate side|side \d+|north|east|south|west)$/;

/** Turns the whole place so that this side looks that way, and calls every side that has no name of its own by the compass. */
export function orient(place: Place, sideId: string, faces: Compass): Place {
  const outward = outwardOf(place, sideId);
  if (outward === undefined) return place;
  const by = compass.indexOf(faces) * 90 - outward;
  const renamed = new Map<string, string>();
  const zones = place.zones.map((zone): Zone => {
    const outline = turned(zone.outline, by);
    const sides = outline.sides.map((side, index): Side => {
      const stem = zone.kind === 'run' ? side.name : side.name.replace(`${zone.name} `, '');
      if (!unnamed.test(stem)) return side;
      const name = wordFor(outline, index);
      const full = stem === side.name ? name : `${zone.name} ${name}`;
      renamed.set(side.id, full);
      return { ...side, name: full };
    });
    return { ...zone, outline: { ...outline, sides } };
  });
  const before = new Map(
    place.zones.flatMap((zone) => zone.outline.sides.map(({ id, name }) => [id, name] as const)),
  );
  return { ...place, zones, faces: place.faces.map((face) => called(face, before, renamed)) };
}

/** Degrees from north that outside lies from a side; outlines run clockwise, so it lies to the left. */
function outwardOf({ zones }: Place, sideId: string): number | undefined {
  for (const { outline } of zones) {
    const index = outline.sides.findIndex(({ id }) => id === sideId);
    if (index >= 0) return headingOf(outline, index) - 90;
  }
  return undefined;
}

function headingOf({ heading, sides }: Outline, index: number): number {
  return sides.slice(0, index).reduce((sum, { turn }) => sum + turn, heading);
}

function wordFor(outline: Outline, index: number): Compass {
  const outward = headingOf(outline, index) - 90;
  return compass[(((Math.round(outward / 90) % 4) + 4) % 4) as 0 | 1 | 2 | 3];
}

function turned(outline: Outline, by: number): Outline {
  const heading = (((outline.heading + by) % 360) + 360) % 360;
  return { ...outline, start: rotated(outline.start, by), heading };
}

/** Clockwise about where east and north begin. */
function rotated({ x, y }: Point, degrees: number): Point {
  const angle = (degrees * Math.PI) / 180;
  return {
    x: Math.round(x * Math.cos(angle) + y * Math.sin(angle)),
    y: Math.round(y * Math.cos(angle) - x * Math.sin(angle)),
  };
}

/** Bays are called after their side: "front 2" becomes "south 2". */
function called(
  face: Face,
  before: ReadonlyMap<string, string>,
  after: ReadonlyMap<string, string>,
): Face {
  const [old, name] = [before.get(face.along ?? ''), after.get(face.along ?? '')];
  if (old === undefined || name === undefined || old === name) return face;
  return {
    ...face,
    bays: face.bays.map((bay) =>
      bay.name === old || bay.name.startsWith(`${old} `) || bay.name.endsWith(`, ${old}`)
        ? { ...bay, name: bay.name.replace(old, name) }
        : bay,
    ),
  };
}
