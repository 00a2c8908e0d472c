import { meshes, strengthOfWire, weldedClear } from './meshes';
import { coverClass } from './strength';

describe('what mesh really clears', () => {
  // Source: reference figures, “clear aperture, calc”: mesh centre to centre minus wire, US Steel Wire Gauge.
  test.each([
    ['welded-3', 2.74],
    ['welded-6', 5.69],
    ['welded-13', 11.66],
    ['welded-25', 23.81],
    ['welded-25x50', 23.37],
    ['welded-50x100', 48.77],
  ] as const)('%s clears %d mm', (id, clear) => {
    expect(meshes[id].clear.value).toBeCloseTo(clear, 1);
  });

  test('½ in 19 gauge: 12.7 mm pitch less 1.041 mm wire is 11.66 mm, not half an inch', () => {
    expect(weldedClear(12.7, 1.041)).toBe(11.66);
  });

  test('hex netting is sold by its clear width across the twisted sides (EN 10223-2, ASTM A390)', () => {
    expect(meshes['hex-25'].clear.value).toBe(25.4);
    // A regular hexagon is 1.1547 times as wide from corner to corner.
    expect(meshes['hex-25'].clear.note).toContain('29.3 mm');
    expect(meshes['hex-50'].clear.note).toContain('58.7 mm');
  });

  test('every mesh clears no more than its pitch', () => {
    for (const mesh of Object.values(meshes)) {
      expect(mesh.clear.value).toBeLessThanOrEqual(mesh.pitch.value);
    }
  });
});

describe('what wire makes of mesh', () => {
  // Source: reference figures, wire diameters by US Steel Wire Gauge; which gauge stops whom is common practice.
  test.each([
    [0.439, '27', coverClass.lightMesh],
    [0.655, '23', coverClass.lightMesh],
    [0.884, '20', coverClass.lightMesh],
    [1.041, '19', coverClass.clampedMesh],
    [1.016, '19 (UK)', coverClass.clampedMesh],
    [1.588, '16', coverClass.heavyMesh],
    [2.032, '14', coverClass.heavyMesh],
    [3.77, '9', coverClass.heavyMesh],
  ] as const)('%d mm, gauge %s', (wire, _, strength) => {
    expect(strengthOfWire(wire)).toBe(strength);
  });

  test('every mesh of steel is as strong in the tables as its own wire makes it', () => {
    for (const { kind, wire, strength } of Object.values(meshes)) {
      if (wire && kind !== 'hex') expect(strengthOfWire(wire.value)).toBe(strength);
    }
  });
});
