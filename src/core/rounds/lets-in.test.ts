import { samphireYard } from '../../../demo/samphire-yard';
import { penPlace } from '../tests/one-pen';
import { publishedPrescriptions } from '../tests/published-prescriptions';
import { letsIn } from './lets-in';

const today = '2026-11-26';
const asked = (it: typeof samphireYard) => ({
  place: it.place,
  walks: it.walks,
  log: it.sightings,
  today,
});

test('a line that nobody reads lets in whom it turns back', () => {
  // The published three wires against a red fox (recalled from memory), in front of nothing else.
  const [fox] = publishedPrescriptions.filter(
    ({ animal, built }) => animal === 'red-fox' && built.some(({ wires }) => wires),
  );
  const pen = fox?.built.find(({ wires }) => wires);
  if (!pen) throw new Error('wires are prescribed against a fox');
  const live = { place: penPlace(['red-fox'], pen), walks: [], log: [], today };
  expect(letsIn(live, { kind: 'line-volts' })).toEqual(['red-fox']);
  expect(letsIn(live, { kind: 'battery-empty' })).toEqual(['red-fox']);
  // Dead as it is, it lets in nobody who does not come in now.
  const dead = { ...live, place: penPlace(['red-fox'], { ...pen, kilovolts: 0 }) };
  expect(letsIn(dead, { kind: 'line-volts' })).toEqual([]);
  expect(letsIn(asked(samphireYard), { kind: 'line-volts' })).toEqual([]);
});

test('nights away that nobody covers let in whom an open door lets in', () => {
  const away = {
    id: 'a',
    placeId: samphireYard.place.id,
    date: '2026-12-01',
    what: 'away',
    until: '2026-12-03',
  } as const;
  expect(letsIn(asked(samphireYard), { kind: 'away', away })).toContain('european-badger');
});

test('what no figure says anything of lets nobody in that could be named', () => {
  expect(letsIn(asked(samphireYard), { kind: 'whole-walk' })).toEqual([]);
});
