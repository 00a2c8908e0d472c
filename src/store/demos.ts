/** The demo places, where this server has any to hand out. */
import type { QueryClient } from '@tanstack/react-query';
import { readingPlaceFile } from '@/core/formats/read-place-file';
import { movedDates } from '@/core/formats/moved-dates';
import { day, id, text } from '@/core/schema/common';
import { daysBetween } from '@/core/schema/day';
import { constant, list, object, optional, type TypeOf } from '@/core/schema/schema';
import { validatorOf } from '@/core/schema/validator';
import { inTurns } from './in-turns';
import { keepPlace, writeFirstPlace } from './keep-place';
import { localDay } from './local-day';
import { tellOtherTabs } from './other-tabs';
import { demoKey, loadYard, type Yard } from './records';
import { photoSchema } from './photo-record';
import { photosKey, writePhotos } from './photos';
import { placesKey } from './places';
import { writeAll } from './storage';

const demoSchema = object({
  id,
  name: text,
  /** Its story ends on this day, and is told as if that were today; absent: its days stand as they are. */
  lastDay: optional(day),
  /** It has photos of its own. */
  photos: optional(constant(true)),
});
/** A demo place, as the server lists it. */
export interface Demo extends TypeOf<typeof demoSchema> {}

const validator = validatorOf(list(demoSchema));

/** None where there is no server, or it has none. */
export async function listDemos(): Promise<readonly Demo[]> {
  const answer = await fetch('/api/demos').catch(() => undefined);
  if (!answer?.ok) return [];
  try {
    return await validator.validate(await answer.json(), { strict: true });
  } catch {
    return [];
  }
}

/** Opens one as it began; one that is here and was changed is put aside, to be brought back. False where it could not be had. */
export async function openDemo(client: QueryClient, demo: Demo): Promise<boolean> {
  const { id } = demo;
  const text = await fetchDemo(demo);
  if (text === undefined) return false;
  const read = await inTurns(readingPlaceFile(text));
  if ('problem' in read) return false;
  await keepPlace(client, read.file);
  await writeAll({ [demoKey(id)]: 'yes' });
  await keepPhotosOf(demo);
  void client.invalidateQueries({ queryKey: placesKey });
  void client.invalidateQueries({ queryKey: photosKey(id) });
  return true;
}

/** The first of them, on a first visit: kept and given back, for whoever in this tab asked for a place. `undefined`: there is none. */
export async function firstDemo(): Promise<Yard | undefined> {
  const [first] = await listDemos();
  if (!first) return undefined;
  const text = await fetchDemo(first);
  if (text === undefined) return undefined;
  const read = await inTurns(readingPlaceFile(text));
  if ('problem' in read) return undefined;
  const yard = await writeFirstPlace(read.file);
  // Whoever opened another place meanwhile has that one.
  if (!yard) return (await loadYard()) ?? undefined;
  await writeAll({ [demoKey(yard.place.id)]: 'yes' });
  tellOtherTabs();
  // Nobody waits for them: the first screen comes first.
  setTimeout(() => void keepPhotosOf(first), photosAfter);
  return yard;
}

/** ms */
const photosAfter = 4000;

const photosValidator = validatorOf(list(photoSchema));

/** From the server that the application itself came from, so that they are not drawn anew. What does not come is left out. */
async function keepPhotosOf({ id, lastDay, photos }: Demo): Promise<void> {
  if (!photos) return;
  try {
    const answer = await fetch(`/api/demos/${encodeURIComponent(id)}/photos`);
    if (!answer.ok) return;
    const told = asOfToday(await answer.text(), lastDay);
    const all = await photosValidator.validate(JSON.parse(told), { strict: true });
    await writePhotos(all.filter(({ placeId }) => placeId === id));
  } catch {
    // No network, or no room: the place is there without them.
  }
}

async function fetchDemo({ id, lastDay }: Demo): Promise<string | undefined> {
  const answer = await fetch(`/api/demos/${encodeURIComponent(id)}`).catch(() => undefined);
  if (!answer?.ok) return undefined;
  return asOfToday(await answer.text(), lastDay);
}

/** A story that ends on a day, told as if that were today. */
function asOfToday(told: string, lastDay: string | undefined): string {
  const today = localDay(new Date());
  return lastDay === undefined ? told : movedDates(told, daysBetween(lastDay, today));
}
