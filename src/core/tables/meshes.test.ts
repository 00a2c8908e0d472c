import { meshes, weldedClear } from './meshes';

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
