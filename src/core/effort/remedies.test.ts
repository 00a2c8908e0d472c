/** What is said to stop an animal does stop it: each entry is put into the place and judged again. */
import { animals, type AnimalId } from '../tables/animals';
import { penPlace, standsAgainst, judgePen, type Pen } from '../tests/one-pen';
import { remediesFor, type Remedy } from './remedies';

function stopsFor(animal: AnimalId, pen: Pen): Remedy[] {
  const part = judgePen([animal], pen).animals[0]?.route?.steps[0].by;
  if (!part) throw new Error('it does not get in');
  return remediesFor(part);
}

const kinds = (stops: readonly Remedy[]) => stops.map(({ kind }) => kind);

test('a gap: shut to the figure used it holds', () => {
  const [stop] = stopsFor('american-mink', { gap: 40 });
  if (stop?.kind !== 'opening') throw new Error('no opening');
  expect(standsAgainst('american-mink', { gap: stop.used.value })).toBe('holds');
  expect(standsAgainst('american-mink', { gap: stop.strict.value })).toBe('holds');
});

test('torn mesh: every kind offered holds, and hex netting is not among them', () => {
  const [stop] = stopsFor('raccoon', { mesh: 'hex-25' });
  if (stop?.kind !== 'cover') throw new Error('no cover');
  expect(stop.meshes.length).toBeGreaterThan(2);
  expect(stop.meshes).not.toContain('hex-25');
  for (const mesh of stop.meshes)
    expect([mesh, standsAgainst('raccoon', { mesh })]).toEqual([mesh, 'holds']);
});

test('pulled off: every fixing offered holds', () => {
  const [stop] = stopsFor('raccoon', { mesh: 'welded-13', fixing: 'staples' });
  if (stop?.kind !== 'fixing') throw new Error('no fixing');
  for (const fixing of stop.fixings) {
    expect(standsAgainst('raccoon', { mesh: 'welded-13', fixing })).toBe('holds');
  }
});

test('nothing holds against a bear, and nothing is offered', () => {
  expect(stopsFor('black-bear', { mesh: 'chain-link' })).toEqual([]);
});

test('digging: every set offered holds, and so does hard ground', () => {
  const stops = stopsFor('red-fox', { mesh: 'welded-25', depth: 0 });
  expect(kinds(stops)).toEqual(['skirt', 'skirt', 'skirt', 'hard-ground']);
  for (const stop of stops) {
    if (stop.kind !== 'skirt') continue;
    const { depth, outward } = stop.enough;
    const pen = { mesh: 'welded-25', depth: depth.value, outward: outward.value } as const;
    expect(standsAgainst('red-fox', pen)).toBe('holds');
  }
});

test('an open top: the set offered holds, and a roof', () => {
  const pen = { mesh: 'welded-25', top: { kind: 'open' } } as const;
  const stops = stopsFor('red-fox', pen);
  expect(kinds(stops)).toEqual(['top-edge', 'roof']);
  const [edge] = stops;
  if (edge?.kind !== 'top-edge') throw new Error('no edge');
  const { height, overhang } = edge.enough;
  const top = { kind: 'overhang', width: overhang.value } as const;
  expect(standsAgainst('red-fox', { ...pen, height: height.value, top })).toBe('holds');
});

test('reach: farther than its arm, or finer mesh', () => {
  const pen = { mesh: 'chain-link', roost: 0 } as const;
  const [opening, distance] = stopsFor('raccoon', pen);
  if (opening?.kind !== 'opening' || distance?.kind !== 'distance') throw new Error('no stops');
  expect(standsAgainst('raccoon', { ...pen, clear: opening.strict.value })).toBe('holds');
  expect(standsAgainst('raccoon', { ...pen, roost: distance.moreThan.value + 1 })).toBe('holds');
});

test('a light frame: weight or pegs', () => {
  const pen: Pen = { frame: { weight: 10, pegs: 0 }, soil: 'soft', depth: 305 };
  const stops = stopsFor('domestic-dog', pen);
  for (const stop of stops) {
    const frame =
      stop.kind === 'weight'
        ? { weight: stop.atLeast + 1, pegs: 0 }
        : stop.kind === 'pegs'
          ? { weight: 10, pegs: stop.atLeast.value }
          : undefined;
    expect(frame && standsAgainst('domestic-dog', { ...pen, frame })).toBe('holds');
  }
});

test('latches: every one offered, added, holds', () => {
  const [stop] = stopsFor('raccoon', { door: { latches: ['slide-bolt'] } });
  if (stop?.kind !== 'latch') throw new Error('no latch');
  expect(stop.add).toEqual(expect.arrayContaining(['carabiner', 'clip', 'padlock']));
  for (const id of stop.add) {
    expect(standsAgainst('raccoon', { door: { latches: ['slide-bolt', id] } })).toBe('holds');
  }
});

test('standing open wants shutting; bare wants cover; what holds wants nothing', () => {
  expect(kinds(stopsFor('stoat', { pipe: { bore: 102, plugged: false } }))).toEqual(['shut']);
  expect(kinds(stopsFor('red-fox', { mesh: 'none' }))).toEqual(['cover']);
  const held = judgePen(['red-fox'], {}).animals[0];
  expect(held?.route).toBeUndefined();
  expect(penPlace(['red-fox'], {}).setting.lives.map((id) => animals[id].id)).toEqual(['red-fox']);
});
