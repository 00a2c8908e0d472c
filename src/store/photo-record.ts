/** A photo as it is kept: one record each, under `photo/PLACE/ID`. */
import { day, id, instant } from '@/core/schema/common';
import { amountAbove, object, pattern, type TypeOf } from '@/core/schema/schema';

/** No camera's picture is wider, px (assumption of ours). */
const widest = 100_000;
const side = amountAbove(0, widest);

/** What is said of a photo, wherever the picture itself lies. */
export const photoFields = {
  id,
  placeId: id,
  /** The bay, door, layer, latch or strand it shows. */
  item: id,
  /** The keeper's day it was kept. */
  date: day,
  at: instant,
  /** px */
  width: side,
  height: side,
};

export const photoSchema = object({
  ...photoFields,
  data: pattern(/^data:image\/jpeg;base64,/, 'a JPEG as a data URL'),
});
export interface Photo extends TypeOf<typeof photoSchema> {}

export const photoKey = ({ placeId, id: photo }: Pick<Photo, 'placeId' | 'id'>): string =>
  `photo/${placeId}/${photo}`;

/** Where small pictures of one item's photos begin. */
export const thumbPrefix = (placeId: string, item: string): string => `thumb/${placeId}/${item}/`;

export const thumbKey = ({
  placeId,
  item,
  id: photo,
}: Pick<Photo, 'placeId' | 'item' | 'id'>): string => `${thumbPrefix(placeId, item)}${photo}`;
