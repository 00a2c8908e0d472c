/** The file a place travels in: structure, walks, mends and the log of sightings in one JSON document. Import of an export is the identity. */
import { most } from '../schema/limits';
import { shopSchema } from '../mends/shopping/shop';
import { placeSchema } from '../place/place';
import { goneSchema } from '../records/gone';
import { mendSchema } from '../records/mend';
import { logEntrySchema } from '../records/sighting';
import { walkSchema } from '../records/walk';
import { constant, list, object, optional, type TypeOf } from '../schema/schema';

/** What a place file says it is. */
export const formatName = 'rookle-place';
/** Raised with every change of shape; see migrate.ts. */
export const formatVersion = 12;
/** A place with years of walks stays far below this; a larger file is something else. */
export const largestFile = 20 * 1024 * 1024;

/** A place file whole. */
export const placeFileSchema = object({
  format: constant(formatName),
  version: constant(formatVersion),
  place: placeSchema,
  walks: list(walkSchema, most.walks),
  mends: list(mendSchema, most.mends),
  sightings: list(logEntrySchema, most.entries),
  /** Prices, offcuts and purchases; absent until the keeper has any of their own. */
  shop: optional(shopSchema),
  /** What was taken away, so that it stays away when another phone's file is joined. */
  gone: optional(list(goneSchema, most.gone)),
});
/** A whole place as one document of this version. */
export interface PlaceFile extends TypeOf<typeof placeFileSchema> {}

/** What is wrong with a file; limits and sizes in bytes. */
export type FileProblem =
  | { readonly problem: 'too-large'; readonly bytes: number; readonly limit: number }
  | { readonly problem: 'not-json'; readonly at?: string }
  | { readonly problem: 'not-a-place' }
  | { readonly problem: 'newer-version'; readonly version: number; readonly known: number }
  | { readonly problem: 'wrong-shape'; readonly path: string; readonly detail: string };

/** `unread`: names of what an older file, or one that leaves it out, could not say, and a walk has now to read; absent where there is nothing. */
export interface OpenedFile {
  readonly file: PlaceFile;
  readonly unread?: readonly string[];
}

/** A file as it was read, or what is wrong with it. */
export type ReadFile = OpenedFile | FileProblem;

/** What a file holds, without its name and version. */
export type PlaceRecords = Omit<PlaceFile, 'format' | 'version'>;

/** Key order is the document's own, so that the same place always gives the same bytes. */
export function writePlaceFile({
  place,
  walks,
  mends,
  sightings,
  shop,
  gone = [],
}: PlaceRecords): string {
  const file: PlaceFile = {
    format: formatName,
    version: formatVersion,
    place,
    walks,
    mends,
    sightings,
    ...(shop && { shop }),
    ...(gone.length > 0 && { gone }),
  };
  return `${JSON.stringify(file, null, 1)}\n`;
}
