/** Opening a place: from a file, from the demo, or newly begun. Nothing that is here is replaced without being put aside whole. */
import type { QueryClient } from '@tanstack/react-query';
import {
  writePlaceFile,
  type FileProblem,
  type OpenedFile,
  type PlaceFile,
} from '@/core/formats/place-file';
import type { Came } from '@/core/join/join';
import type { Place } from '@/core/place/place';
import { inDateOrder } from '@/core/records/apply-readings';
import { readingPlaceFile } from '@/core/formats/read-place-file';
import { underLock } from './change-yard';
import { joinAhead, joinFile, type Chosen, type JoinAhead } from './join-file';
import { exportText, keepPlace } from './keep-place';
import { forgetJudgements } from './judged';
import { inTurns } from './in-turns';
import { ownCopy, ownPhotos } from './own-copy';
import { currentKey, keysOfPlace, pack, readYard, type Yard } from './records';
import { isKept, markedIds } from './set-aside';
import { newId } from './ids';
import { photoKey, type Photo } from './photo-record';
import { storage, writeAll } from './storage';

/**
 * What is done where a place of that id is here already: they are joined, with what the keeper chose of what was changed on both; both are
 * kept; or the one that is here is put aside, to be brought back.
 */
export type WhenHere = { readonly join: Chosen } | 'both' | 'put-aside';

/** A place of that id is here, and is not what the file holds: nothing was changed, the keeper is to say. */
export interface IsHere {
  readonly isHere: {
    /** Of the one that is here. */
    readonly name: string;
    /** Day of the last walk, here and in the file. */
    readonly lastHere?: string;
    readonly lastInFile?: string;
    /** What joining them would bring; absent where the one that is here cannot be read. */
    readonly ahead?: JoinAhead & { readonly here: Place; readonly there: Place };
  };
}

/** Reads and keeps a place file. Comes back with the problem where it cannot be read; then nothing was changed. */
export async function openFile(
  client: QueryClient,
  text: string,
  whenHere?: WhenHere,
): Promise<FileProblem | IsHere | Opened> {
  const read = await inTurns(readingPlaceFile(text));
  if ('problem' in read) return read;
  return keepOpened(client, read, undefined, whenHere);
}

/** Keeps what was read, where no other place is in its way. */
export async function keepOpened(
  client: QueryClient,
  read: OpenedFile,
  photos: readonly Photo[] | undefined,
  whenHere: WhenHere | undefined,
): Promise<IsHere | Opened> {
  const { file } = read;
  const here = await whatIsHere(file.place.id);
  if (here !== undefined && here !== 'unreadable' && isSameFile(here, file)) {
    // The very same: it is opened, and nothing is written that was not there.
    await keepPlace(client, here, photos);
    return openedOf(read);
  }
  if (here !== undefined && whenHere === undefined) return clash(here, file);
  if (here !== undefined && whenHere === 'both') {
    const id = newId('place');
    await keepPlace(client, ownCopy(file, id, fromFile), photos && ownPhotos(photos, id));
    return openedOf(read);
  }
  if (typeof whenHere === 'object' && here !== undefined && here !== 'unreadable') {
    return { ...openedOf(read), came: await joinHere(client, file, photos, whenHere.join) };
  }
  await keepPlace(client, file, photos);
  return openedOf(read);
}

/** Joins it to the one that is here, which is opened where another is. */
async function joinHere(
  client: QueryClient,
  file: PlaceFile,
  photos: readonly Photo[] = [],
  chosen: Chosen,
): Promise<Came> {
  const { id } = file.place;
  await underLock(async () => {
    const kept = new Set(await keysOfPlace(id));
    const added = photos.filter((it) => !kept.has(photoKey(it)));
    await writeAll({
      ...Object.fromEntries(added.map((it) => [photoKey(it), pack(it)])),
      [currentKey]: id,
    });
  });
  const came = await joinFile(client, file, chosen);
  forgetJudgements();
  return came;
}

const fromFile = ' (from a file)';

async function whatIsHere(id: string): Promise<Yard | 'unreadable' | undefined> {
  if (!(await isKept(id)) || markedIds(await storage.getAllKeys()).has(id)) return undefined;
  return readYard(id).then(
    (yard) => yard ?? undefined,
    () => 'unreadable' as const,
  );
}

const isSameFile = (here: Yard, file: PlaceFile): boolean =>
  (here.damaged ?? []).length === 0 && exportText(here) === writePlaceFile(file);

function clash(here: Yard | 'unreadable', file: PlaceFile): IsHere {
  const last = (walks: Yard['walks']) => inDateOrder(walks).at(-1)?.date;
  const [lastHere, lastInFile] = [
    here === 'unreadable' ? undefined : last(here.walks),
    last(file.walks),
  ];
  return {
    isHere: {
      name: here === 'unreadable' ? file.place.name : here.place.name,
      ...(lastHere !== undefined && { lastHere }),
      ...(lastInFile !== undefined && { lastInFile }),
      ...(here !== 'unreadable' && {
        ahead: { ...joinAhead(here, file), here: here.place, there: file.place },
      }),
    },
  };
}

/** What is to be said of a file that was opened: names of what has become unread. */
export interface Opened {
  readonly unread: readonly string[];
  /** Where it was joined with what is here. */
  readonly came?: Came;
}

export const openedOf = ({ unread = [] }: Pick<OpenedFile, 'unread'>): Opened => ({ unread });
