/**
 * Whole places built to a prescription hold for the attacks it addresses; the same place with the prescription clearly
 * broken does not. Figures are written here as they stand in the source, not taken from the tables.
 */
import { judgePen, standsAgainst } from '../tests/one-pen';

describe('published prescriptions (all recalled from memory)', () => {
  test('red fox: openings under 3 in, buried 12 in, apron 12 in [PCWD: Foxes]', () => {
    const fence = { mesh: 'welded-50x100', depth: 305, outward: 305 } as const;
    expect(standsAgainst('red-fox', fence)).toBe('holds');
    expect(standsAgainst('red-fox', { ...fence, gap: 100 })).toBe('in');
    expect(standsAgainst('red-fox', { ...fence, depth: 100, outward: 100 })).toBe('in');
    expect(standsAgainst('red-fox', { ...fence, outward: 0, depth: 240 })).toBe('slow');
  });

  test('rat-proofing: ½ in 19 gauge mesh, curtain wall 24 in down with a foot 12 in out [BBT]', () => {
    const proofed = { mesh: 'welded-13', gap: 12, depth: 610, outward: 305 } as const;
    expect(standsAgainst('norway-rat', proofed)).toBe('holds');
    expect(standsAgainst('norway-rat', { ...proofed, mesh: 'welded-25' })).toBe('in');
    expect(standsAgainst('norway-rat', { ...proofed, gap: 14 })).toBe('in');
    expect(standsAgainst('norway-rat', { ...proofed, depth: 150, outward: 0 })).toBe('in');
  });

  test('mouse-proofing: ¼ in 24 gauge mesh [BBT; CDC]', () => {
    expect(standsAgainst('house-mouse', { mesh: 'welded-6' })).toBe('holds');
    expect(standsAgainst('house-mouse', { mesh: 'welded-13' })).toBe('in');
  });

  test('mink: close all openings over 1 in [PCWD: Mink]', () => {
    expect(standsAgainst('american-mink', { mesh: 'welded-25', gap: 25 })).toBe('holds');
    expect(standsAgainst('american-mink', { mesh: 'welded-25', gap: 30 })).toBe('in');
    expect(standsAgainst('american-mink', { mesh: 'hex-50' })).toBe('in');
  });

  test('weasels: ½ in [PCWD: Weasels]', () => {
    for (const id of ['stoat', 'long-tailed-weasel'] as const) {
      expect(standsAgainst(id, { mesh: 'welded-13', gap: 12.5 })).toBe('holds');
      expect(standsAgainst(id, { mesh: 'welded-25' })).toBe('in');
      expect(standsAgainst(id, { mesh: 'hex-25' })).toBe('in');
    }
  });

  test('raccoon: openings of 3 in or less [PCWD: Raccoons]', () => {
    expect(standsAgainst('raccoon', { mesh: 'chain-link' })).toBe('holds');
    expect(standsAgainst('raccoon', { mesh: 'chain-link', hole: 90 })).toBe('in');
  });

  test('snakes: ¼ in mesh [PCWD: Nonpoisonous snakes]', () => {
    expect(standsAgainst('rat-snake', { mesh: 'welded-6' })).toBe('holds');
    // Fine mesh low down does not stop a climber.
    expect(standsAgainst('rat-snake', { mesh: 'welded-6', upperMesh: 'welded-25' })).toBe('in');
  });

  test('badger: 500 mm down with a return of 300 [HA 59]; mesh of 50 mm (common practice)', () => {
    const fence = { mesh: 'welded-50x100', depth: 500, outward: 300 } as const;
    expect(standsAgainst('european-badger', fence)).toBe('holds');
    expect(standsAgainst('european-badger', { ...fence, depth: 200, outward: 0 })).toBe('in');
  });

  test('coyote: apron of 15 in [PCWD: Coyotes]', () => {
    expect(standsAgainst('coyote', { mesh: 'welded-50x100', outward: 381 })).toBe('holds');
    expect(standsAgainst('coyote', { mesh: 'welded-50x100', outward: 381, tied: 'no' })).toBe('in');
  });
});

describe('facts of the trade (common practice)', () => {
  test('one simple motion does not stop a raccoon; two different ones do, and so does a clip through the hasp', () => {
    const door = (...latches: ('slide-bolt' | 'turn-button' | 'clip' | 'two-motion')[]) =>
      standsAgainst('raccoon', { door: { latches } });
    expect(door('slide-bolt')).toBe('in');
    expect(door('turn-button')).toBe('in');
    expect(door('two-motion')).toBe('holds');
    expect(door('slide-bolt', 'clip')).toBe('holds');
    // Two latches with the same motion are less than two different motions: more effort, no more.
    expect(door('slide-bolt', 'slide-bolt')).toBe('slow');
  });

  test('one latch in the middle lets a corner flex', () => {
    const flexing = { door: { latches: ['two-motion'], corner: 30 } } as const;
    expect(standsAgainst('american-mink', flexing)).toBe('in');
    expect(standsAgainst('raccoon', flexing)).toBe('holds');
  });

  test('a panel that opens 25 mm when pulled is a 25 mm gap', () => {
    expect(standsAgainst('stoat', { pulled: 25 })).toBe('in');
    expect(standsAgainst('american-mink', { pulled: 25 })).toBe('holds');
  });

  test('slabs stop digging, never a gap', () => {
    expect(standsAgainst('norway-rat', { soil: 'hard-surface' })).toBe('holds');
    expect(standsAgainst('norway-rat', { soil: 'hard-surface', gap: 20 })).toBe('in');
  });

  test('mesh let down or laid out 450 mm keeps foxes out; one more lock beside a gap changes nothing', () => {
    expect(standsAgainst('red-fox', { depth: 450 })).toBe('holds');
    expect(standsAgainst('red-fox', { outward: 450 })).toBe('holds');
    const locked = { door: { latches: ['padlock', 'two-motion'] }, gap: 120 } as const;
    expect(standsAgainst('red-fox', locked)).toBe('in');
  });

  test('the same fault all round is one way in, and several animals by it are one', () => {
    const { waysIn } = judgePen({ lives: ['stoat', 'norway-rat'], mesh: 'hex-25' });
    expect(waysIn).toHaveLength(1);
    expect(waysIn[0]?.bays).toHaveLength(4);
    expect(waysIn[0]?.by.map(({ animal }) => animal).sort()).toEqual(['norway-rat', 'stoat']);
  });
});
