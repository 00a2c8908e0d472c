/** What devices say, as documented in docs/format/devices: one document for each, as JSON; as CSV one reading a row. */
import { deviceKinds } from '../place/device';
import { id, instant } from '../schema/common';
import {
  amount,
  byTag,
  constant,
  list,
  named,
  object,
  oneOf,
  optional,
  text,
  type TypeOf,
} from '../schema/schema';
import { most } from '../schema/limits';
import { animalIds } from '../tables/animals';

/** What a document of a device says it is. */
export const deviceFormat = 'rookle-device';
/** Raised with every change of shape of a device’s document. */
export const deviceVersion = 1;

const monitorReading = object({
  kind: constant('fence-monitor'),
  at: instant,
  /** On the line, kV. */
  volts: amount(0, 15),
  /** Of its battery, V. */
  battery: optional(amount(0, 60)),
});

/** What a door did. */
export const doorEvents = ['shut', 'opened', 'jammed'] as const;
/** One of `doorEvents`. */
export type DoorEvent = (typeof doorEvents)[number];

const doorReading = object({
  kind: constant('door'),
  at: instant,
  did: oneOf(doorEvents),
  /** Light where it hangs, lux. */
  light: optional(amount(0, 200_000)),
});

/** `nothing`: it watched, and nothing came; `unknown`: something that nobody could name. */
export const seenByCamera = [...animalIds, 'unknown', 'nothing'] as const;
/** What a camera saw. */
export type SeenByCamera = (typeof seenByCamera)[number];

const cameraReading = object({
  kind: constant('camera'),
  at: instant,
  saw: oneOf(seenByCamera),
  /** How sure it is, of 1. */
  sure: optional(amount(0, 1)),
});

/** What a device said at one time. */
export const deviceReadingSchema = named(
  'deviceReading',
  byTag('kind', {
    'fence-monitor': monitorReading,
    door: doorReading,
    camera: cameraReading,
  }),
);
/** One reading of one device. */
export type DeviceReading = TypeOf<typeof deviceReadingSchema>;

/** Readings of a device as a document. */
export const deviceDocumentSchema = object({
  format: constant(deviceFormat),
  version: constant(deviceVersion),
  device: object({ id, kind: oneOf(deviceKinds), name: text(80) }),
  readings: list(deviceReadingSchema, most.deviceReadings),
});
/** What one device said, in the order of time. */
export interface DeviceDocument extends TypeOf<typeof deviceDocumentSchema> {}
