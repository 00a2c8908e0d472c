/** Weather that the keeper says there was: what it asks to be looked at falls due. */
import { day } from '../schema/common';
import { constant, object, oneOf, type TypeOf } from '../schema/schema';
import { keptFields } from './kept';

/** A kind of weather that asks for something. */
export const weatherKinds = ['storm', 'snow'] as const;
/** One of `weatherKinds`. */
export type WeatherKind = (typeof weatherKinds)[number];

/** Weather that asks for something. */
export const weatherSchema = object({
  ...keptFields,
  date: day,
  what: constant('weather'),
  weather: oneOf(weatherKinds),
});
/** Weather on a day. */
export interface Weather extends TypeOf<typeof weatherSchema> {}
