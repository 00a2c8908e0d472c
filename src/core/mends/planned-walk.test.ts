import { samphireYard } from '../../../demo/samphire-yard';
import { applyReadings } from '../records/apply-readings';
import { findBay } from '../place/find';
import type { Mend } from '../records/mend';
import { judge } from '../score/judge';
import { chooseMend, proposalsFor } from './propose';
import { plannedWalk } from './planned-walk';
import { weakSpots } from './spots';

const day = '2026-11-26';
const { place, walks } = samphireYard;

function chosenFor(bayId: string) {
  const found = applyReadings(place, walks).place;
  const bay = findBay(found, bayId)?.bay;
  if (!bay) throw new Error(bayId);
  const proposals = weakSpots(found, bay).flatMap((weak) => proposalsFor(weak));
  return proposals.map((proposal) => chooseMend(place, proposal, 'm1', `${day}T10:00:00Z`));
}

it('every mend in hand, done as meant, shuts out what it was chosen for', () => {
  for (const bayId of ['n2', 'h1']) {
    const all = chosenFor(bayId);
    expect(all.length).toBeGreaterThan(0);
    for (const { place: after, mend } of all) {
      const walk = plannedWalk(place.id, [mend], day);
      const { found } = judge(after, [...walks, walk], { date: day });
      const bay = findBay(found.place, bayId)?.bay;
      const still = bay ? weakSpots(found.place, bay) : [];
      const same = still.find(
        ({ spot }) => spot.kind === mend.spot.kind && spot.item === mend.spot.item,
      );
      for (const animal of mend.stops) expect(same?.letsBy ?? []).not.toContain(animal);
    }
  }
});

it('reads what each target asks, no better', () => {
  const mend: Mend = {
    id: 'm',
    placeId: place.id,
    kind: 'sill-board',
    bay: 'n2',
    spot: { kind: 'ground', item: 'n2' },
    stops: ['stoat'],
    targets: [
      { item: 'n2', attribute: 'ground.gap', value: { atMost: 12 } },
      { item: 'n2', attribute: 'skirt.outward', value: { atLeast: 450 } },
      { item: 'n2', attribute: 'skirt.tied', value: { is: 'yes' } },
    ],
    state: 'planned',
    history: [{ state: 'planned', at: `${day}T10:00:00Z` }],
  };
  const values = plannedWalk(place.id, [mend], day).readings.map(({ value }) => value);
  expect(values).toEqual([{ is: 12 }, { is: 450 }, { is: 'yes' }]);
  expect(plannedWalk(place.id, [{ ...mend, state: 'held' }], day).readings).toEqual([]);
});
