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
  const bay: Bay = { ...sound, panelPulled: { is: 26 }, largestHole: { is: 21 } };
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
      { ...low, to: 1400, layers: [{ id: 'low-1', mesh: { is: 'welded-13' } }] },
      { id: 'top', from: 1400, to: 1800, layers: [{ id: 'net', mesh: { is: 'none' } }] },
    ],
  };
  expect(easiest(coarse, 'european-badger')?.level).toBe('holds');
  expect(easiest(coarse, 'stoat')?.level).toBe('open');
});

test('nobody is stopped by a step, and a badger clambers to 1,300 mm (by its own table)', () => {
  const open = (from: number): Bay => ({
    ...sound,
    bands: [
      { id: 'low', from: 0, to: from, layers: [{ id: 'low-1', mesh: { is: 'sheet' } }] },
      { id: 'top', from, to: 1800, layers: [{ id: 'net', mesh: { is: 'none' } }] },
    ],
  });
  for (const id of ['rat-snake', 'striped-skunk', 'goanna', 'american-badger'] as const) {
    expect([id, easiest(open(100), id)?.level]).toEqual([id, 'open']);
  }
  expect(easiest(open(1250), 'european-badger')?.level).toBe('open');
});

test('what flies lifts no edge and pulls no panel', () => {
  const loose: Bay = {
    ...sound,
    ground: { gap: { is: 5 }, gapLifted: { is: 200 } },
    panelPulled: { is: 200 },
  };
  for (const id of [
    'goshawk',
    'red-tailed-hawk',
    'great-horned-owl',
    'crow',
    'bald-eagle',
  ] as const) {
    expect([id, easiest(loose, id)?.level]).toEqual([id, 'holds']);
  }
});

describe('what is torn away leaves its doorway', () => {
  const strip = (height: number, ...more: readonly (readonly [number, number])[]): Bay => ({
    ...sound,
    bands: [
      { id: 'low', from: 0, to: 600, layers: [{ id: 'low-1', mesh: { is: 'sheet' } }] },
      {
        id: 'strip',
        from: 600,
        to: 600 + height,
        layers: [{ id: 's', mesh: { is: 'insect-screen' } }],
      },
      ...more.map(([from, to]) => ({
        id: `more-${from}`,
        from,
        to,
        layers: [{ id: `s-${from}`, mesh: { is: 'insect-screen' as const } }],
      })),
      {
        id: 'high',
        from: more.at(-1)?.[1] ?? 600 + height,
        to: 1800,
        layers: [{ id: 'high-1', mesh: { is: 'sheet' } }],
      },
    ],
  });

  test('a strip of screen 40 mm high lets in what fits a slit of 40 mm, and no fox', () => {
    expect(easiest(strip(40), 'red-fox')?.level).toBe('holds');
    expect(easiest(strip(40), 'stoat')?.level).toBe('minutes');
  });

  test('five such strips on one another are one strip', () => {
    const five = strip(40, [640, 680], [680, 720], [720, 760], [760, 800]);
    expect(easiest(five, 'red-fox')?.level).toBe(easiest(strip(200), 'red-fox')?.level);
    expect(easiest(five, 'red-fox')?.level).toBe('minutes');
  });

  test('a vent of 100 × 40 mm with insect screen is no way in for fox or bear, with or without the screen', () => {
    const vent = (...mesh: ('insect-screen' | 'none')[]): Bay => ({
      ...sound,
      bands: sound.bands.map((band) => ({
        ...band,
        layers: [{ id: `${band.id}-sheet`, mesh: { is: 'masonry' } }],
      })),
      openings: [
        {
          id: 'vent',
          name: 'vent',
          kind: 'vent',
          at: 100,
          up: 300,
          width: 100,
          height: 40,
          latches: [],
          habit: 'every-night',
          shutBy: 'nobody',
          cover: mesh.map((is) => ({ id: 'screen', mesh: { is } })),
        },
      ],
    });
    for (const id of ['red-fox', 'black-bear', 'european-badger'] as const) {
      expect([easiest(vent('insect-screen'), id)?.level, easiest(vent('none'), id)?.level]).toEqual(
        ['holds', 'holds'],
      );
    }
    expect(easiest(vent('insect-screen'), 'stoat')?.level).toBe('minutes');
    expect(easiest(vent('none'), 'stoat')?.level).toBe('open');
  });
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
    cover: [{ id: 'door-cover', mesh: { is: 'masonry' } }],
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

  test('what walks gets up to a pop door by the ramp that birds use; drawn up, the ramp is the door', () => {
    const pop: Opening = {
      ...{ ...door, kind: 'pop-door', up: 600, width: 300, height: 350 },
      ...{ gap: { is: 120 }, gapPulled: { is: 120 } },
    };
    const minutes = (more: Partial<Opening>) =>
      easiest({ ...sound, openings: [{ ...pop, ...more }] }, 'striped-skunk')?.minutes;
    expect(minutes({})).toBe(0);
    expect(minutes({ moves: 'drops-open' })).toBeNull();
    expect(minutes({ moves: 'drops-open', habit: 'never' })).toBe(0);
    expect(minutes({ kind: 'window' })).toBeNull();
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

test('what is high up is gone through by those that get there: holes, loose panels and doors alike (common practice)', () => {
  const at = (base: number, more: Partial<Bay>): Bay => {
    const { ground: _onTheGround, ...rest } = sound;
    const bands: Bay['bands'] = [
      { id: 'up', from: base, to: 1800, layers: [{ id: 'up-1', mesh: { is: 'solid-board' } }] },
    ];
    return { ...rest, base, bands, ...more };
  };
  const open: Opening = {
    ...{ id: 'hatch', name: 'hatch', kind: 'hatch', at: 0, up: 0, width: 500, height: 500 },
    ...{ latches: [], habit: 'never', shutBy: 'hand' },
  };
  for (const more of [
    { panelPulled: { is: 150 } },
    { largestHole: { is: 150 } },
    { openings: [open] },
  ]) {
    expect(easiest(at(0, more), 'striped-skunk')?.minutes).toBe(0);
    expect(easiest(at(600, more), 'striped-skunk')?.minutes).toBeNull();
    expect(easiest(at(600, more), 'red-fox')?.minutes).toBe(0);
  }
});

test('birds near a small door are reached through it: standing open, or got open from outside', () => {
  const narrow: Opening = {
    ...{ id: 'hatch', name: 'hatch', kind: 'hatch', at: 0, up: 300, width: 60, height: 60 },
    ...{ latches: [], habit: 'every-night', shutBy: 'hand' },
    ...{ gap: { is: 0 }, gapPulled: { is: 0 }, cover: [{ id: 'lid', mesh: { is: 'sheet' } }] },
  };
  const reached = (more: Partial<Opening>) => {
    const bay: Bay = { ...sound, roost: { is: 50 }, openings: [{ ...narrow, ...more }] };
    return bayEffort(bay, animals.raccoon, 'worst').find((it) => it.attack === 'reach')?.minutes;
  };
  const latched = (kind: 'slide-bolt' | 'padlock') => ({
    latches: [{ id: 'l', kind: { is: kind } }],
  });
  expect(reached({ habit: 'never' })).toBe(5);
  expect(reached({})).toBe(5);
  expect(reached({ ...latched('padlock'), cover: [{ id: 'none', mesh: { is: 'none' } }] })).toBe(5);
  expect(reached(latched('slide-bolt'))).toBe(10);
  expect(reached(latched('padlock'))).toBeNull();
});
