/** A photo as it is kept: one record each, under `photo/PLACE/ID`. */
import { number, object, string, type Schema } from 'yup';

export interface Photo {
  readonly id: string;
  readonly placeId: string;
  /** The bay, door, layer, latch or strand it shows. */
  readonly item: string;
  /** The keeper's day it was kept, YYYY-MM-DD. */
  readonly date: string;
  /** ISO 8601 with time. */
  readonly at: string;
  readonly width: number;
  readonly height: number;
  /** A JPEG as a data URL. */
  readonly data: string;
}

export const photoSchema = object({
  id: string().required(),
  placeId: string().required(),
  item: string().required(),
  date: string()
    .matches(/^\d{4}-\d{2}-\d{2}$/)
    .required(),
  at: string().required(),
  width: number().positive().required(),
  height: number().positive().required(),
  data: string()
    .matches(/^data:image\/jpeg;base64,/)
    .required(),
})
  .noUnknown()
  .required() as unknown as Schema<Photo>;

export const photoKey = ({ placeId, id }: Pick<Photo, 'placeId' | 'id'>): string =>
  `photo/${placeId}/${id}`;
