/** Things that measure by themselves: what each is, and what of the place it tells about. */
import { id } from '../schema/common';
import { most } from '../schema/limits';
import { list, named, object, oneOf, optional, text, type TypeOf } from '../schema/schema';

/** A kind of device. */
export const deviceKinds = ['fence-monitor', 'door', 'camera'] as const;
/** One of `deviceKinds`. */
export type DeviceKind = (typeof deviceKinds)[number];

/** A device of a place. */
export const deviceSchema = named(
  'device',
  object({
    id,
    kind: oneOf(deviceKinds),
    /** In the keeper's words. */
    name: text(80),
    /**
     * What it tells about. Of a monitor: a strand, or the id of the line, whose far end it hangs at. Of a door: an opening. Of a camera: a
     * bay. Absent: nobody said.
     */
    at: optional(id),
  }),
);
/** A device, and where it is. */
export interface Device extends TypeOf<typeof deviceSchema> {}

/** The devices of a place. */
export const devicesSchema = list(deviceSchema, most.devices);
