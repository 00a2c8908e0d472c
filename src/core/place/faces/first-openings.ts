/** The openings a place begins with, as they usually are: sizes and heights for the keeper to set right, everything else unread. */
import { isOutermost } from '../find';
import type { Bay, Face, ItemId, Opening, ZoneId } from '../place';
import { any } from '../possible';
import { unreadCover } from '../opening-cover';

/** Clear width, mm, of a gate that nobody has measured: for drawing it, until then. */
export const gateWidth = 900;

type Fixed = Pick<Opening, 'at' | 'up' | 'width' | 'height'>;

/** A door of any kind: shut by hand every night, its latch still to be read. */
function door(
  kind: Opening['kind'],
  id: ItemId,
  name: string,
  latched: boolean,
  where: Fixed,
): Opening {
  return {
    id,
    name,
    kind,
    ...where,
    latches: latched ? [{ id: `${id}-latch`, kind: any }] : [],
    cover: [unreadCover(id)],
    habit: 'every-night',
    shutBy: 'hand',
  };
}

/** So wide at most, from the bay's first post or in its middle, clear of the posts. */
function fitted(bay: Bay, width: number, up: number, height: number, middle = true): Fixed {
  const { base = 0 } = bay;
  const room = Math.max(bay.width - 100, 50);
  const wide = Math.min(width, room);
  const low = base + up;
  return {
    at: middle ? (bay.width - wide) / 2 : Math.min(100, bay.width - wide),
    up: Math.min(low, Math.max(base, bay.height - 50)),
    width: wide,
    height: Math.max(50, Math.min(height, bay.height - low)),
  };
}

/** Makes an opening that fits a bay. */
export type FirstOpening = (bay: Bay) => Opening;

/** A gate as high as the bay allows. */
export const gate =
  (id = 'gate', name = 'gate'): FirstOpening =>
  (bay) =>
    door('gate', id, name, true, fitted(bay, gateWidth - 100, 0, bay.height - 100, false));

/** A door for people into a shed: it stands open by day where the birds go out by it. */
export const peopleDoor =
  (id: ItemId, byDay: Opening['byDay']): FirstOpening =>
  (bay) => ({
    ...door('door', id, 'door', true, fitted(bay, 800, 50, 1850)),
    ...(byDay && { byDay }),
  });

/** A nest lid in the middle of a bay. */
export const nestLid =
  (id = 'nest-lid'): FirstOpening =>
  (bay) =>
    door('nest-lid', id, 'nest lid', true, fitted(bay, bay.width / 2, 400, 300));

/** It slides: nothing to latch. */
export const popDoor =
  (id = 'pop-door'): FirstOpening =>
  (bay) =>
    door('pop-door', id, 'pop door', false, fitted(bay, 300, 200, 350));

/** Under the eaves. */
export const vent =
  (id = 'vent'): FirstOpening =>
  (bay) => ({
    ...door(
      'vent',
      id,
      'vent',
      false,
      fitted(bay, bay.width / 2, bay.height - (bay.base ?? 0) - 250, 150),
    ),
    cover: [{ id: `${id}-cover`, mesh: any }],
    shutBy: 'nobody',
  });

/** A clean-out hatch. */
export const hatch =
  (id: ItemId, name: string): FirstOpening =>
  (bay) =>
    door('hatch', id, name, true, fitted(bay, 700, 100, 500));

/** Sits in the roof or a high wall; a pane or mesh in it, never opened. */
export const window =
  (id: ItemId): FirstOpening =>
  (bay) => ({
    ...door('window', id, 'window', false, fitted(bay, 600, 900, 500)),
    cover: [{ id: `${id}-cover`, mesh: any }],
    shutBy: 'nobody',
  });

/** Which bay an opening is put into. */
export interface Where {
  readonly between: readonly [ZoneId, ZoneId];
  /** Only on this side. */
  readonly along?: string;
  /** The first bay of the wall rather than the widest, or the last. */
  readonly bay?: 'first' | 'last' | 'widest';
}

/** Puts an opening into a bay between these two zones; where there is none, nothing changes. */
export function fitOpening(faces: readonly Face[], opening: FirstOpening, where: Where): Face[] {
  const bay = bayFor(faces, where);
  if (!bay) return [...faces];
  const changed = { ...bay, openings: [...bay.openings, opening(bay)] };
  return faces.map((face) =>
    face.bays.includes(bay)
      ? { ...face, bays: face.bays.map((it) => (it === bay ? changed : it)) }
      : face,
  );
}

function bayFor(
  faces: readonly Face[],
  { between, along, bay = 'widest' }: Where,
): Bay | undefined {
  const bays = faces
    .filter((face) => face.kind === 'wall' || face.kind === 'partition')
    .filter((face) => between.every((zone) => face.between.includes(zone)))
    .filter((face) => along === undefined || face.along === along)
    .flatMap((face) => face.bays);
  if (bay === 'first') return bays[0];
  if (bay === 'last') return bays.at(-1);
  // A wall that carries an opening already has less room for another.
  const room = ({ width, openings }: Bay) => width / (1 + openings.length);
  return bays.reduce<Bay | undefined>(
    (widest, it) => (!widest || room(it) > room(widest) + 1 ? it : widest),
    undefined,
  );
}

/** The walls of a zone that outside lies behind. */
export const isOuterWall = (face: Face, zone: ZoneId): boolean =>
  face.kind === 'wall' && isOutermost(face) && face.between.includes(zone);
