/** A file of the place that is open, joined with what is here: one step, that can be taken back whole. */
import type { QueryClient } from '@tanstack/react-query';
import { join, others, type Came } from '@/core/join/join';
import type { Side } from '@/core/join/join-places';
import { joinSound } from '@/core/join/sound';
import { reviewMends } from '@/core/mends/review';
import type { PlaceFile, PlaceRecords } from '@/core/formats/place-file';
import type { PlacePart } from '@/core/place/versions';
import { nextStamp } from '@/core/walk/stamp';
import { changeYard } from './change-yard';
import type { Changes } from './changes';
import { now } from './ids';
import { thisPhone } from './phone';
import type { Yard } from './records';
import { signed, withVersions, written, type Stamp } from './stamped';

/** Which state of a part that was changed on both phones the keeper chose. */
export type Chosen = Partial<Readonly<Record<PlacePart, Side>>>;

/** What joining would bring, and what the keeper has to choose. */
export interface JoinAhead {
  readonly came: Came;
  readonly clashes: readonly PlacePart[];
}

/** Without changing anything. */
export function joinAhead(here: PlaceRecords, there: PlaceRecords): JoinAhead {
  const { came, clashes } = join(here, there);
  // What the keeper is to choose nobody knows yet.
  const parts = came.parts.filter((part) => !clashes.includes(part));
  return { came: { ...came, parts }, clashes };
}

/** Joins it to the place that is open, which has to be the same. Gives what came. */
export async function joinFile(
  client: QueryClient,
  there: PlaceFile,
  chosen: Chosen,
): Promise<Came> {
  const { id: phone } = await thisPhone();
  let came: Came | undefined;
  await changeYard(
    client,
    (yard) => {
      const joined = joinedChanges(yard, there, chosen, { now: now(), phone });
      came = joined.came;
      return joined.changes;
    },
    'joining-a-file',
  );
  if (!came) throw new Error('nothing was joined');
  return came;
}

/** What joining writes. What follows from it here (the choice, mends that are shown to hold) is a change of this phone's. */
export function joinedChanges(
  here: Yard,
  there: PlaceRecords,
  chosen: Chosen,
  stamp: Stamp,
): { readonly changes: Changes; readonly came: Came } {
  const { records, came, clashes } = join(here, there, chosen);
  const sound = joinSound(records);
  const place = withVersions(records.place, sound, stamp, clashes);
  const at = nextStamp(records, new Date(stamp.now));
  const reviewed = reviewMends(place, records.walks, records.mends, at, lastWalk(records));
  const mends = records.mends.map((mend) => {
    const changed = reviewed.find(({ id }) => id === mend.id);
    return changed ? written(signed(changed, mend, stamp), mend, stamp) : mend;
  });
  const changes = differences(here, { ...records, place, mends });
  return { changes, came };
}

const lastWalk = ({ walks }: PlaceRecords): string => walks.at(-1)?.id ?? '';

/** Only what has to be written. */
function differences(here: Yard, joined: PlaceRecords): Changes {
  const [place] = others([here.place], [joined.place]);
  const walks = others(here.walks, joined.walks);
  const mends = others(here.mends, joined.mends);
  const sightings = others(here.sightings, joined.sightings);
  const known = new Map((here.gone ?? []).map((it) => [`${it.of} ${it.id}`, it.at]));
  const gone = (joined.gone ?? []).filter((it) => known.get(`${it.of} ${it.id}`) !== it.at);
  const lost = <T extends { readonly id: string }>(before: readonly T[], now: readonly T[]) => {
    const standing = new Set(now.map(({ id }) => id));
    return before.filter(({ id }) => !standing.has(id));
  };
  const removed = {
    removedWalks: lost(here.walks, joined.walks),
    removedMends: lost(here.mends, joined.mends),
    removedSightings: lost(here.sightings, joined.sightings),
  };
  const shop = joined.shop && JSON.stringify(here.shop) !== JSON.stringify(joined.shop);
  const nothing =
    !place && !shop && [walks, mends, sightings, gone, ...Object.values(removed)].every(isEmpty);
  if (nothing) return {};
  return {
    joined: true,
    ...(place && { place }),
    walks,
    mends,
    sightings,
    gone,
    ...removed,
    ...(shop && joined.shop && { shop: joined.shop }),
  };
}

const isEmpty = (all: readonly unknown[]): boolean => all.length === 0;
