import type { Bay } from '../place/place';
import { animals, animalIds, type AnimalId } from '../tables/animals';
import type { MeshId } from '../tables/meshes';
import type { Soil } from '../tables/soils';
import { digEffort, ratioOf } from './dig';

/** A bay on open ground with mesh so deep and so far out. */
function bay(depth: number, outward: number, more: { soil?: Soil; tied?: 'yes' | 'no' } = {}): Bay {
  return {
    id: 'b',
    name: 'b',
    width: 1800,
    height: 1800,
    top: { kind: 'roof' },
    bands: [{ id: 'wall', from: 0, to: 1800, layers: [{ id: 'wall-1', mesh: { is: 'sheet' } }] }],
    ground: {
      soil: { is: more.soil ?? 'firm' },
      digging: { is: 'no' },
      skirt: {
        mesh: { is: 'welded-13' },
        depth: { is: depth },
        outward: { is: outward },
        tied: { is: more.tied ?? 'yes' },
      },
    },
    openings: [],
    strands: [],
  };
}

const level = (it: Bay, id: AnimalId) => digEffort(it, animals[id], 'worst')?.level;

describe('published prescriptions (recalled from memory): built to, they hold; clearly broken, they do not', () => {
  test('red fox: 12 in (305 mm) down with at least 12 in out [PCWD: Foxes]', () => {
    expect(level(bay(305, 305), 'red-fox')).toBe('holds');
    expect(level(bay(610, 305), 'red-fox')).toBe('holds');
    expect(level(bay(140, 140), 'red-fox')).toBe('minutes');
    expect(level(bay(0, 0), 'red-fox')).toBe('minutes');
  });

  // Common practice: a foot is laid as 300 mm where people measure in metres, 24 in as 600.
  test('the same in round millimetres: 300 down and 300 out, 600 down and 300 out; a hand short they do not', () => {
    expect(level(bay(300, 300), 'red-fox')).toBe('holds');
    expect(level(bay(600, 300), 'norway-rat')).toBe('holds');
    expect(level(bay(0, 300), 'stoat')).toBe('holds');
    expect(level(bay(250, 300), 'red-fox')).not.toBe('holds');
    expect(level(bay(600, 250), 'norway-rat')).not.toBe('holds');
  });

  test('coyote: apron of 15–24 in (380–610 mm) [PCWD: Coyotes]', () => {
    expect(level(bay(0, 380), 'coyote')).toBe('holds');
    expect(level(bay(0, 150), 'coyote')).toBe('minutes');
  });

  test('Norway rat: curtain wall 24 in (610 mm) down with a foot 12 in (305 mm) out [BBT]', () => {
    expect(level(bay(610, 305), 'norway-rat')).toBe('holds');
    // It digs to 1.2 m: depth alone is no answer, the foot works by where it digs.
    expect(level(bay(900, 0), 'norway-rat')).toBe('minutes');
    expect(level(bay(300, 100), 'norway-rat')).toBe('minutes');
  });

  test('European badger: 500 mm down with a return of 300 [HA 59]', () => {
    expect(level(bay(500, 300), 'european-badger')).toBe('holds');
    expect(level(bay(300, 0), 'european-badger')).toBe('minutes');
  });

  test('American badger: 12–18 in (305–457 mm) down [PCWD: Badgers]', () => {
    expect(level(bay(457, 0), 'american-badger')).toBe('holds');
    expect(level(bay(150, 0), 'american-badger')).toBe('minutes');
  });

  test('stoat: skirt of 300–400 mm [Day & MacGibbon]', () => {
    expect(level(bay(0, 300), 'stoat')).toBe('holds');
    // It follows burrows: with one there it is in, without one it is at it for a night.
    expect(level(bay(0, 100), 'stoat')).toBe('night');
  });
});

describe('common practice', () => {
  test('450 mm down, or 450 mm laid out and tied, keeps foxes from digging', () => {
    expect(level(bay(450, 0), 'red-fox')).toBe('holds');
    expect(level(bay(0, 450), 'red-fox')).toBe('holds');
  });

  test('an apron that is not tied to the wall, or has lifted, counts nothing', () => {
    expect(level(bay(0, 600, { tied: 'no' }), 'red-fox')).toBe('minutes');
    expect(level(bay(450, 600, { tied: 'no' }), 'red-fox')).toBe('holds');
  });

  test('nothing digs through rock or slabs; stony soil is a level better', () => {
    for (const id of animalIds) {
      expect([undefined, 'holds']).toContain(level(bay(0, 0, { soil: 'rock' }), id));
      expect([undefined, 'holds']).toContain(level(bay(0, 0, { soil: 'hard-surface' }), id));
    }
    expect(level(bay(0, 0, { soil: 'stony' }), 'red-fox')).toBe('hour');
    expect(level(bay(0, 0, { soil: 'soft' }), 'red-fox')).toBe('minutes');
  });

  test('what does not dig is not asked', () => {
    for (const id of ['domestic-cat', 'goshawk', 'cougar', 'rat-snake'] as const) {
      expect(level(bay(0, 0), id)).toBeUndefined();
    }
  });

  test('a house wall on a floor has no ground line to dig under', () => {
    const { ground: _ground, ...wall } = bay(0, 0);
    expect(level(wall, 'red-fox')).toBeUndefined();
  });
});

describe('mesh in the ground that does not stop it (common practice)', () => {
  const meshed = (mesh: MeshId, outward: number): Bay => {
    const it = bay(0, outward);
    const { ground } = it;
    return {
      ...it,
      ground: {
        ...ground,
        skirt: { ...ground?.skirt, mesh: { is: mesh }, outward: { is: outward } },
      },
    } as Bay;
  };
  const minutes = (it: Bay, id: AnimalId) => digEffort(it, animals[id], 'worst')?.minutes;

  test('an apron of two-inch chain link is no bare ground to a badger: it would have to squeeze through', () => {
    expect(level(meshed('chain-link-50', 610), 'american-badger')).toBe('night');
    expect(level(meshed('chain-link-50', 0), 'american-badger')).toBe('minutes');
  });

  test('hex netting is torn on the way, which is minutes more; the reason says so', () => {
    const [none, hex] = [bay(0, 0), meshed('hex-50', 610)];
    expect(minutes(none, 'red-fox')).toBe(5);
    expect(minutes(hex, 'red-fox')).toBe(10);
    expect(digEffort(hex, animals['red-fox'], 'worst')?.reason).toMatchObject({
      outward: 610,
      ratio: 0,
      through: { kind: 'tear', mesh: 'hex-50' },
    });
  });

  test('mesh whose openings pass it costs nothing, and nothing by the name of mesh neither', () => {
    expect(minutes(meshed('welded-50x100', 610), 'norway-rat')).toBe(5);
    expect(minutes(meshed('hex-50', 610), 'norway-rat')).toBe(5);
  });

  test('a floor that it tears costs as much; one that it does not ends the dig', () => {
    const floored = (floor: MeshId): Bay => {
      const it = bay(0, 0);
      return { ...it, ground: { ...it.ground, floor: { is: floor } } } as Bay;
    };
    expect(minutes(floored('hex-25'), 'red-fox')).toBe(10);
    expect(minutes(floored('welded-13'), 'red-fox')).toBeNull();
  });
});

describe('where only both together are printed, each alone counts for something (assumption of ours)', () => {
  test('a badger is an hour at an apron of two feet, and a metre keeps it out', () => {
    expect(level(bay(0, 610), 'european-badger')).toBe('hour');
    expect(level(bay(0, 1000), 'european-badger')).toBe('holds');
    expect(level(bay(0, 300), 'european-badger')).toBe('minutes');
  });
});

test('the levels between: three quarters of enough is a night, half an hour (assumption of ours)', () => {
  expect(level(bay(0, 338), 'red-fox')).toBe('night');
  expect(level(bay(0, 337), 'red-fox')).toBe('hour');
  expect(level(bay(0, 225), 'red-fox')).toBe('hour');
  expect(level(bay(0, 224), 'red-fox')).toBe('minutes');
});

test('the worst ratio of the nearest set decides, and never counts above enough', () => {
  const [set] = animals['red-fox'].digs ?? [];
  if (!set) throw new Error('no set');
  expect(ratioOf({ depth: 305, outward: 152.5 }, set)).toBe(0.5);
  expect(ratioOf({ depth: 9000, outward: 9000 }, set)).toBe(1);
});

test('an unread skirt: enough at best, nothing at worst', () => {
  const unread: Bay = { ...bay(0, 0), ground: {} };
  expect(digEffort(unread, animals['red-fox'], 'best')?.level).toBe('holds');
  expect(digEffort(unread, animals['red-fox'], 'worst')?.level).toBe('minutes');
});

test('the reason carries what was found and what would be enough', () => {
  expect(digEffort(bay(330, 240), animals['norway-rat'], 'worst')?.reason).toMatchObject({
    kind: 'dig',
    soil: 'firm',
    depth: 330,
    outward: 240,
    enough: { depth: { value: 610 }, outward: { value: 305 } },
  });
});
