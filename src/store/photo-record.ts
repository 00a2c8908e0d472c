/** A photo as it is kept: one record each, under `photo/PLACE/ID`. */
import { day, instant, text } from '@/core/schema/common';
import { amountAbove, object, pattern, type TypeOf } from '@/core/schema/schema';

/** No camera's picture is wider, px (assumption of ours). */
const widest = 100_000;
const side = amountAbove(0, widest);

export const photoSchema = object({
  id: text,
  placeId: text,
  /** The bay, door, layer, latch or strand it shows. */
  item: text,
  /** The keeper's day it was kept. */
  date: day,
  at: instant,
  /** px */
  width: side,
  height: side,
  data: pattern(/^data:image\/jpeg;base64,/, 'a JPEG as a data URL'),
});
export interface Photo extends TypeOf<typeof photoSchema> {}

export const photoKey = ({ placeId, id }: Pick<Photo, 'placeId' | 'id'>): string =>
  `photo/${placeId}/${id}`;
