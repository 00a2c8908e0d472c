/** The demo places' photos: every one is of something that is there, and is what a place keeps. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { findItem } from '../../src/core/place/find';
import { list } from '../../src/core/schema/schema';
import { validatorOf } from '../../src/core/schema/validator';
import { photoSchema } from '../../src/store/photo-record';
import { takenAt } from './photos';
import { livedSamphireYard } from './samphire-yard';
import { livedTamarackBank } from './tamarack-bank';

test.each([livedSamphireYard, livedTamarackBank])('$place.name', async ({ place, mends }) => {
  const text = readFileSync(join(__dirname, `${place.id}.photos.json`), 'utf8');
  const photos = await validatorOf(list(photoSchema)).validate(JSON.parse(text), { strict: true });
  expect(photos.map(({ item, date }) => [item, date])).toEqual(
    takenAt[place.id]?.map(({ item, date }) => [item, date]),
  );
  for (const { item, placeId, data } of photos) {
    expect(placeId).toBe(place.id);
    expect(data.length).toBeLessThan(40_000);
    const isThere =
      item === place.fence?.id ||
      findItem(place, item) !== undefined ||
      mends.some(({ id }) => id === item);
    expect([item, isThere]).toEqual([item, true]);
  }
});
