import type { Bay, Opening } from '../place/place';
import { animals, type AnimalId } from '../tables/animals';
import { bayEffort } from './bay-effort';

const sound: Bay = {
  id: 'b',
  name: 'b',
  width: 1800,
  height: 1800,
  top: { kind: 'roof' },
  bands: [
    { id: 'low', from: 0, to: 600, layers: [{ id: 'low-1', mesh: { is: 'welded-6' } }] },
    { id: 'high', from: 600, to: 1800, layers: [{ id: 'high-1', mesh: { is: 'welded-6' } }] },
  ],
  ground: { gap: { is: 4 }, gapLifted: { is: 6 }, soil: { is: 'hard-surface' } },
  openings: [],
  strands: [],
  panelPulled: { is: 4 },
  largestHole: { is: 0 },
  fixing: { is: 'screws-washers' },
  condition: { is: 'sound' },
  roost: { is: 2000 },
};

const easiest = (bay: Bay, id: AnimalId) => bayEffort(bay, animals[id], 'worst')[0];

test('a bay of sheet under a roof holds against everything but bears; they tear it off', () => {
  const sheet = (id: string): Bay['bands'][number]['layers'] => [{ id, mesh: { is: 'sheet' } }];
  const bands = sound.bands.map((band) => ({ ...band, layers: sheet(`${band.id}-sheet`) }));
  for (const animal of Object.values(animals)) {
    const [first] = bayEffort({ ...sound, bands }, animal, 'worst');
    expect([animal.id, first?.level]).toEqual([
      animal.id,
      animal.id === 'black-bear' ? 'minutes' : 'holds',
    ]);
  }
});

test('pulled beats at rest: the lifted bottom edge decides', () => {
  const bay: Bay = { ...sound, ground: { gap: { is: 5 }, gapLifted: { is: 30 } } };
  expect(easiest(bay, 'american-mink')).toMatchObject({
    level: 'open',
    attribute: 'ground.gapLifted',
  });
});

test('the smallest of mesh, seam, corner and sill is not what counts: the widest is', () => {
  const bay: Bay = { ...sound, panelPulled: { is: 26 }, largestHole: { is: 14 } };
  const parts = bayEffort(bay, animals.stoat, 'worst').filter((part) => part.level === 'open');
  expect(parts.map((part) => part.attribute)).toEqual(['bay.panelPulled', 'bay.largestHole']);
});

test('a second layer closes a coarse one', () => {
  const [low, high] = sound.bands;
  if (!low || !high) throw new Error('no bands');
  const hex: Bay = {
    ...sound,
    bands: [low, { ...high, layers: [{ id: 'hex', mesh: { is: 'hex-25' } }] }],
  };
  const lined: Bay = {
    ...sound,
    bands: [
      low,
      {
        ...high,
        layers: [
          { id: 'hex', mesh: { is: 'hex-25' } },
          { id: 'in', mesh: { is: 'welded-13' } },
        ],
      },
    ],
  };
  expect(easiest(hex, 'stoat')?.level).toBe('open');
  expect(easiest(lined, 'stoat')?.level).toBe('holds');
});

test('netting overhead of a badger is out of its reach; a stoat climbs to it', () => {
  const [low] = sound.bands;
  if (!low) throw new Error('no bands');
  const coarse: Bay = {
    ...sound,
    bands: [
      { ...low, to: 1200, layers: [{ id: 'low-1', mesh: { is: 'welded-13' } }] },
      { id: 'top', from: 1200, to: 1800, layers: [{ id: 'net', mesh: { is: 'none' } }] },
    ],
  };
  expect(easiest(coarse, 'european-badger')?.level).toBe('holds');
  expect(easiest(coarse, 'stoat')?.level).toBe('open');
});

describe('a door', () => {
  const door: Opening = {
    id: 'door',
    name: 'door',
    kind: 'door',
    at: 0,
    up: 0,
    width: 800,
    height: 1700,
    gap: { is: 8 },
    gapPulled: { is: 10 },
    latches: [{ id: 'latch', kind: { is: 'padlock' } }],
    habit: 'every-night',
    shutBy: 'hand',
  };

  test('one latch in the middle lets a corner flex: the pulled gap decides', () => {
    const flexing = { ...sound, openings: [{ ...door, gapPulled: { is: 40 } }] };
    expect(easiest(flexing, 'american-mink')).toMatchObject({
      attribute: 'opening.gapPulled',
      level: 'open',
    });
  });

  test('night is judged as habit leaves it: a door shut only in storms stands open', () => {
    const open = { ...sound, openings: [{ ...door, habit: 'cold-or-storms' as const }] };
    expect(easiest(open, 'red-fox')?.reason.kind).toBe('stands-open');
  });

  test('a vent is as good as the mesh behind it', () => {
    const vent = (mesh: 'hex-25' | 'welded-13'): Bay => ({
      ...sound,
      openings: [
        {
          ...door,
          kind: 'vent',
          latches: [],
          shutBy: 'nobody',
          cover: [{ id: 'cover', mesh: { is: mesh } }],
        },
      ],
    });
    expect(easiest(vent('hex-25'), 'norway-rat')?.level).toBe('open');
    expect(easiest(vent('welded-13'), 'norway-rat')?.level).toBe('holds');
  });
});

test('an unread gap is shut at best and wide open at worst', () => {
  const bay: Bay = { ...sound, ground: {} };
  expect(bayEffort(bay, animals['red-fox'], 'best')[0]?.level).toBe('holds');
  expect(bayEffort(bay, animals['red-fox'], 'worst')[0]?.level).toBe('open');
});
