import { QueryClient } from '@tanstack/react-query';
import { samphireYard } from '../../demo/samphire-yard';
import { applyReadings } from '@/core/records/apply-readings';
import type { Walk } from '@/core/records/walk';
import { most } from '@/core/schema/limits';
import { withReading } from '@/core/walk/open-walk';
import { changeYard } from './change-yard';
import { keepPlace } from './keep-place';
import { loadYard } from './records';
import { storage } from './storage';

/** Two hundred walks of a thousand readings each, sixty a minute. */
const walks: Walk[] = Array.from({ length: 200 }, (_, walk) => {
  const date = new Date(Date.UTC(2010, 0, 1 + walk * 29)).toISOString().slice(0, 10);
  return {
    id: `walk-${walk}`,
    placeId: samphireYard.place.id,
    date,
    kind: 'lap',
    ended: true,
    readings: Array.from({ length: 1000 }, (_reading, at) => ({
      id: `reading-${walk}-${at}`,
      item: 'n2',
      attribute: 'ground.gap',
      at: `${date}T10:${String(Math.floor(at / 60) % 60).padStart(2, '0')}:00Z`,
      how: 'measured',
      value: { is: (walk + at) % 60 },
    })),
  };
});

test('as many readings as a document may hold are kept, loaded, and one more is typed', async () => {
  await storage.clear();
  const client = new QueryClient();
  expect(walks.flatMap(({ readings }) => readings)).toHaveLength(most.readings);
  await keepPlace(client, { place: samphireYard.place, walks, mends: [], sightings: [] });
  await changeYard(client, ({ walks: kept }) => {
    const last = kept.find(({ id }) => id === 'walk-199');
    if (!last) throw new Error('no walk');
    return {
      walks: [
        withReading(last, {
          id: 'one-more',
          item: 'n2',
          attribute: 'ground.gap',
          at: `${last.date}T11:00:00Z`,
          how: 'measured',
          value: { is: 7 },
        }),
      ],
    };
  });
  const kept = await loadYard();
  const readings = kept?.walks.flatMap((walk) => walk.readings) ?? [];
  expect(readings).toHaveLength(most.readings + 1);
  expect(kept?.damaged ?? []).toEqual([]);
  const { place } = applyReadings(kept?.place ?? samphireYard.place, kept?.walks ?? []);
  const bay = place.faces.flatMap(({ bays }) => bays).find(({ id }) => id === 'n2');
  expect(bay?.ground?.gap).toEqual({ is: 7 });
});
