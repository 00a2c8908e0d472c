/** The bays and openings a new place begins with: nothing about them has been read. */
import type { Bay, Face, Opening } from './place';

/** Posts stand about this far apart, mm (common practice: 6 ft panels). */
export const postSpacing = 1800;
export const gateWidth = 900;
export const houseHeight = 1200;
/** Fine mesh usually changes to coarser at knee height, mm (common practice). */
const kneeHeight = 600;

/** So many bays along a stretch of wall, post to post; `openingsAt` gives the openings of the bay so numbered. */
export function runBays(
  id: string,
  name: string,
  length: number,
  height: number,
  openingsAt: (index: number, count: number) => Opening[] = () => [],
): Bay[] {
  const count = Math.max(1, Math.round(length / postSpacing));
  return Array.from({ length: count }, (_, index) =>
    meshBay(
      `${id}${index + 1}`,
      count === 1 ? name : `${name} ${index + 1}`,
      length / count,
      height,
      openingsAt(index, count),
    ),
  );
}

export function roof(id: string, name: string, below: string, height: number): Face {
  const bay: Bay = {
    id: `${id}-bay`,
    name,
    width: postSpacing,
    height: postSpacing,
    top: { kind: 'roof' },
    bands: [
      {
        id: `${id}-band`,
        from: height,
        to: height,
        layers: [{ id: `${id}-cover`, mesh: { any: true } }],
      },
    ],
    openings: [],
    strands: [],
  };
  return { id, kind: 'roof', between: ['outside', below], bays: [bay] };
}

function meshBay(
  id: string,
  name: string,
  width: number,
  height: number,
  openings: Opening[],
): Bay {
  const band = (part: string, from: number, to: number) => ({
    id: `${id}-${part}`,
    from,
    to,
    layers: [{ id: `${id}-${part}-1`, mesh: { any: true } as const }],
  });
  return {
    id,
    name,
    width,
    height,
    top: { kind: 'roof' },
    bands:
      height > kneeHeight
        ? [band('low', 0, kneeHeight), band('high', kneeHeight, height)]
        : [band('low', 0, height)],
    ground: {},
    openings,
    strands: [],
  };
}

export function boardBay(id: string, name: string, width: number, openings: Opening[]): Bay {
  return {
    id,
    name,
    width,
    height: houseHeight,
    top: { kind: 'roof' },
    bands: [
      {
        id: `${id}-band`,
        from: 0,
        to: houseHeight,
        layers: [{ id: `${id}-board`, mesh: { is: 'solid-board' } }],
      },
    ],
    openings,
    strands: [],
  };
}

type Fixed = Pick<Opening, 'at' | 'up' | 'width' | 'height'>;

/** A door of any kind as it is begun with: shut by hand every night, its latch still to be read. */
function door(
  kind: Opening['kind'],
  id: string,
  name: string,
  latched: boolean,
  where: Fixed,
): Opening {
  return {
    id,
    name,
    kind,
    ...where,
    latches: latched ? [{ id: `${id}-latch`, kind: { any: true } }] : [],
    habit: 'every-night',
    shutBy: 'hand',
  };
}

export const gate = (runHeight: number): Opening =>
  door('gate', 'gate', 'gate', true, {
    at: 100,
    up: 0,
    width: gateWidth - 100,
    height: Math.max(runHeight - 100, 300),
  });

export const nestLid = (houseWidth: number): Opening =>
  door('nest-lid', 'nest-lid', 'nest lid', true, {
    at: houseWidth / 4,
    up: 400,
    width: houseWidth / 2,
    height: 300,
  });

/** It slides: nothing to latch. */
export const popDoor = (houseWidth: number): Opening =>
  door('pop-door', 'pop-door', 'pop door', false, {
    at: houseWidth / 2 - 150,
    up: 200,
    width: 300,
    height: 350,
  });

export const vent = (houseDepth: number): Opening => ({
  ...door('vent', 'vent', 'vent', false, {
    at: houseDepth / 4,
    up: 950,
    width: houseDepth / 2,
    height: 150,
  }),
  cover: [{ id: 'vent-cover', mesh: { any: true } }],
  shutBy: 'nobody',
});
