/** What a side is: a fence of the keeper's own, or a wall of another building, a rock, a trunk, whose joints are gaps. */
import type { Bay, Opening, Place, Side, SideKind } from '../place';
import { any, is } from '../possible';
import { addOpening } from './openings';
import type { NewId } from './cover';

/** The place with another name for a side. */
export function renameSide(place: Place, id: string, name: string): Place {
  return changeSide(place, id, (side) => ({ ...side, name }));
}

/** The place with a side of another kind; its walls follow. */
export function setSideKind(place: Place, id: string, kind: SideKind, newId: NewId): Place {
  const changed = changeSide(place, id, (side) => ({ ...side, kind }));
  return {
    ...changed,
    faces: changed.faces.map((face) => {
      if (face.along !== id || face.kind !== 'wall') return face;
      const last = face.bays.length - 1;
      return {
        ...face,
        bays: face.bays.map((bay, index) => {
          if (kind === 'fence') return asFence(bay, newId);
          const solid = asSolid(bay, kind, newId);
          const near = index === 0 ? withJoint(solid, true, newId) : solid;
          return index === last ? withJoint(near, false, newId) : near;
        }),
      };
    }),
  };
}

function changeSide(place: Place, id: string, change: (side: Side) => Side): Place {
  return {
    ...place,
    zones: place.zones.map((zone) =>
      zone.outline.sides.some((side) => side.id === id)
        ? {
            ...zone,
            outline: {
              ...zone.outline,
              sides: zone.outline.sides.map((side) => (side.id === id ? change(side) : side)),
            },
          }
        : zone,
    ),
  };
}

/** What such a side is made of until it is said otherwise: a barn of boards is a building too. */
const solidOf = { building: 'masonry', rock: 'masonry', trunk: 'solid-board' } as const;

/** Nothing goes through it; under a building or a rock nothing digs, a trunk stands in earth. */
function asSolid(bay: Bay, kind: Exclude<SideKind, 'fence'>, newId: NewId): Bay {
  const { ground = {}, ...rest } = bay;
  const band = {
    id: newId('band'),
    from: bay.base ?? 0,
    to: bay.height,
    layers: [{ id: newId('layer'), mesh: is(solidOf[kind]) }],
  };
  const openings = bay.openings.filter((it) => !isJoint(it));
  const solid = { ...rest, bands: [band], openings, strands: [] };
  if (kind === 'building') return solid;
  return {
    ...solid,
    ground: kind === 'rock' ? { ...ground, soil: is('rock' as const) } : ground,
  };
}

function asFence(bay: Bay, newId: NewId): Bay {
  const band = {
    id: newId('band'),
    from: bay.base ?? 0,
    to: bay.height,
    layers: [{ id: newId('layer'), mesh: any }],
  };
  return {
    ...bay,
    bands: [band],
    ground: bay.ground ?? {},
    openings: bay.openings.filter((it) => !isJoint(it)),
  };
}

const jointName = 'joint';
const isJoint = (it: Opening): boolean => it.kind === 'seam' && it.name.startsWith(jointName);

/** Where mesh meets the wall of something else there is a gap until it has been read. */
function withJoint(bay: Bay, atStart: boolean, newId: NewId): Bay {
  const joined = addOpening(bay, 'seam', `${jointName}, ${bay.name}`, newId);
  const added = joined.openings.at(-1);
  const low = bay.base ?? 0;
  return {
    ...joined,
    openings: joined.openings.map((it) =>
      it === added
        ? { ...it, at: atStart ? 0 : bay.width - it.width, up: low, height: bay.height - low }
        : it,
    ),
  };
}
