/** What falls due for a look, and what its failure opens, on places made for it. */
import { samphireYard } from '../../../demo/samphire-yard';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { applyReadings } from '../records/apply-readings';
import { allBays } from '../place/find';
import { setAttribute } from '../records/set-attribute';
import type { Place } from '../place/place';
import { failureOf, failureScenarios } from '../score/failure';
import { judge } from '../score/judge';
import { ageingKinds, lifespans } from '../tables/lifespans';
import { ageingOf, failed, isDue, laterBy, type Ageing } from './ageing';

const { place, walks, mends } = samphireYard;
const found = applyReadings(place, walks);
const on = (today: string): Ageing[] => ageingOf(found.place, found.provenance, mends, today);

test.each([
  ['2026-10-18', 12, '2027-10-18'],
  ['2026-08-31', 6, '2027-02-28'],
  ['2027-08-31', 6, '2028-02-29'],
  ['2026-12-01', 1, '2027-01-01'],
])('%s and %i months later is %s', (day, months, later) => {
  expect(laterBy(day, months)).toBe(later);
});

test('what was walked on 18 October is due for its yearly look a year later, no day before', () => {
  const wires = on('2027-10-17').filter(({ kind }) => kind === 'wire-in-air');
  expect(wires.length).toBeGreaterThan(5);
  const read = wires.filter(({ looked }) => looked === '2026-10-18');
  expect(read.length).toBeGreaterThan(0);
  for (const it of read) {
    expect(it.due).toBe('2027-10-18');
    expect([isDue(it, '2027-10-17'), isDue(it, '2027-10-18')]).toEqual([false, true]);
  }
});

test('what nobody has looked at is due', () => {
  const never = ageingOf(found.place, new Map(), [], '2026-11-26');
  expect(never.length).toBeGreaterThan(0);
  for (const it of never) expect(it).toMatchObject({ due: '2026-11-26', isOld: false });
});

test('what is remembered is no look', () => {
  const said = walks.map((walk) => ({
    ...walk,
    readings: walk.readings.map((it) => ({ ...it, how: 'remembered' as const })),
  }));
  const { place: known, provenance } = applyReadings(place, said);
  expect(ageingOf(known, provenance, [], '2026-11-26').every(({ looked }) => !looked)).toBe(true);
});

test('what a mend put up is as old as the mend, and past its life when that is over', () => {
  const { bay } = allBays(found.place).find((it) => it.bay.id === 'n1') ?? {};
  const band = bay?.bands[0];
  if (!band) throw new Error('n1 has a band');
  const layer = `${band.id}+net-over`;
  const netted = {
    ...found.place,
    faces: found.place.faces.map((face) => ({
      ...face,
      bays: face.bays.map((it) =>
        it.id === 'n1'
          ? {
              ...it,
              bands: it.bands.map((own) =>
                own.id === band.id
                  ? {
                      ...own,
                      layers: [...own.layers, { id: layer, mesh: { is: 'deer-netting' as const } }],
                    }
                  : own,
              ),
            }
          : it,
      ),
    })),
  };
  const mend = {
    id: 'm',
    placeId: place.id,
    kind: 'net-over' as const,
    bay: 'n1',
    spot: { kind: 'top' as const, item: band.id },
    stops: [],
    targets: [{ item: layer, attribute: 'layer.mesh' as const, value: { is: 'deer-netting' } }],
    state: 'held' as const,
    history: [{ state: 'done' as const, at: '2025-05-01T10:00:00Z' }],
  };
  const at = (today: string) =>
    ageingOf(netted, new Map(), [mend], today).find(({ kind }) => kind === 'netting-in-sun');
  expect(at('2025-10-31')).toMatchObject({ since: '2025-05-01', due: '2025-11-01', isOld: false });
  expect(at('2026-05-01')).toMatchObject({ isOld: true });
});

test('mesh gone lets in whom it kept out; what stands behind nothing changes nothing', () => {
  const circumstances = { date: '2026-11-26', log: [] };
  const judged = (of: Place) =>
    failureScenarios.map((scenario) => judge(of, [], { ...circumstances, scenario }));
  const now = judged(found.place);
  const all = on('2030-01-01');
  const failures = all.map((it) => failureOf(found.place, now, it, circumstances));
  // By day the birds are in the run: what flies comes in where its mesh is gone.
  const gone = all.findIndex(({ kind, bay }) => kind === 'wire-in-air' && bay === 'n1');
  expect(failures[gone]?.opensTo).toContainEqual({ animal: 'goshawk', scenario: 'day-run' });
  failures.forEach((failure, at) => {
    const after = judged(failed(found.place, all[at] as Ageing));
    after.forEach((then, scenario) => {
      // Better never hurts: nothing that has failed makes the place hold more.
      expect(then.hold.worst ?? 0).toBeLessThanOrEqual((now[scenario]?.hold.worst ?? 0) + 1e-9);
    });
    if (failure.changesNothing) expect(failure.opensTo).toEqual([]);
  });
});

test('a board on slabs does not lie wet', () => {
  const dry = allBays(found.place)
    .filter(({ bay }) => bay.ground)
    .reduce(
      (it, { bay }) => setAttribute(it, bay.id, 'ground.soil', { is: 'hard-surface' }),
      found.place,
    );
  expect(
    ageingOf(dry, found.provenance, mends, '2026-11-26').some(
      ({ kind }) => kind === 'timber-on-ground',
    ),
  ).toBe(false);
});

test('timber ages wherever weather or ground is at it, and later where it was treated', () => {
  const years = (id: string, isProofed: boolean) => {
    const faces = found.place.faces.map((face) => ({
      ...face,
      bays: face.bays.map((bay) => (isProofed ? { ...bay, proofed: true as const } : bay)),
    }));
    return ageingOf({ ...found.place, faces }, found.provenance, mends, '2026-11-26').filter(
      ({ kind }) => kind === id,
    ).length;
  };
  // Boards above the ground, and posts where they go into it.
  for (const kind of ['timber-in-weather', 'posts']) {
    expect(years(kind, false)).toBeGreaterThan(0);
    expect(years(kind, true)).toBe(years(kind, false));
  }
  for (const kind of ageingKinds) {
    const { life, proofed } = lifespans[kind];
    if (proofed) expect(proofed.value).toBeGreaterThan(life.value);
  }
});

test('both demo places have things that grow old', () => {
  const bank = applyReadings(tamarackBank.place, tamarackBank.walks);
  const kinds = new Set(
    [...on('2030-01-01'), ...ageingOf(bank.place, bank.provenance, [], '2030-01-01')].map(
      ({ kind }) => kind,
    ),
  );
  expect(kinds.size).toBeGreaterThanOrEqual(3);
});

// Common practice, as figures.md has it: tarpaulins one or two years, unproofed ties about as long, timber looked at yearly.
test('lives are those of the trade where the trade has any', () => {
  expect(lifespans['canvas-in-sun'].life).toMatchObject({ band: [1, 2], mark: 'common-practice' });
  expect(lifespans['ties-in-sun'].life).toMatchObject({ band: [1, 2], mark: 'common-practice' });
  expect(lifespans['timber-on-ground'].look).toMatchObject({ value: 12, mark: 'common-practice' });
  for (const kind of ageingKinds) {
    const { life, look } = lifespans[kind];
    expect(look.value).toBeLessThanOrEqual((life.band?.[0] ?? life.value) * 12);
  }
});
