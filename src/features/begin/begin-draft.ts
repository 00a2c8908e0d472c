/** What has been said of a place that is being begun; kept until it is begun, so that leaving loses nothing. */
import { unitSystems } from '@/core/place/place';
import { birdKinds } from '@/core/tables/bird-kinds';
import { shapeIds, sizeIds, type SizeId } from '@/core/place/shapes';
import { regions } from '@/core/tables/regions';
import { surroundings } from '@/core/tables/surroundings';
import { fits } from '@/core/schema/fits';
import { list, note, object, oneOf, optional, type TypeOf } from '@/core/schema/schema';
import { storage } from '@/store/storage';
import { turnChoices } from './pacing-form';
import type { Start } from './ShapeChoice';

const key = 'begin-draft';
const typed = note(500);

const sizesSchema = object(
  Object.fromEntries(sizeIds.map((id) => [id, optional(typed)])) as Record<
    SizeId,
    ReturnType<typeof optional<string>>
  >,
);

const starts: readonly Start[] = [...shapeIds, 'paced'];

const draftSchema = object({
  start: oneOf(starts),
  units: oneOf(unitSystems),
  region: oneOf(regions),
  where: optional(oneOf(surroundings)),
  kind: oneOf(birdKinds),
  birds: typed,
  /** Absent: the one that is proposed. */
  name: optional(typed),
  sizes: sizesSchema,
  /** Of a paced place; absent: as proposed. */
  sides: optional(list(object({ length: typed, turn: oneOf(turnChoices), angle: typed }), 50)),
  /** Number of the side the house of a paced place stands against, from 1; or "none". */
  houseSide: typed,
});
/** What has been said so far, as it was typed. */
export interface BeginDraft extends TypeOf<typeof draftSchema> {}

export const firstDraft: BeginDraft = {
  start: 'side-by-side',
  units: 'metric',
  region: 'gb',
  kind: 'grown',
  birds: '6',
  sizes: {},
  houseSide: '2',
};

/** The draft that was left, or a new one. What cannot be read is begun anew. */
export async function loadDraft(): Promise<BeginDraft> {
  try {
    const kept: unknown = JSON.parse((await storage.getItem(key)) ?? 'null');
    return fits(draftSchema, kept) ? kept : firstDraft;
  } catch {
    return firstDraft;
  }
}

/** A draft that cannot be kept is no loss that anybody need hear of: it stands on the screen. */
export function keepDraft(draft: BeginDraft | undefined): void {
  const kept = draft ? storage.setItem(key, JSON.stringify(draft)) : storage.removeItem(key);
  kept.catch(() => undefined);
}
