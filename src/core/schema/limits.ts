/**
 * How many of each a document may hold: more is no place but something else (assumptions of ours, many times what a keeper has). The one
 * table of them: schemas, the reader of files and the JSON Schema take it from here.
 */
export const most = {
  zones: 200,
  sides: 1000,
  groups: 500,
  faces: 5000,
  bays: 5000,
  bands: 20,
  layers: 20,
  openings: 50,
  latches: 20,
  strands: 20,
  walks: 20_000,
  readings: 200_000,
  putOff: 5000,
  mends: 20_000,
  targets: 5000,
  changes: 5000,
  entries: 200_000,
  spans: 20,
  /** Phones that a place was ever changed on. */
  phones: 200,
  versions: 2000,
  gone: 200_000,
  devices: 100,
  /** Of one file: a reading a minute for three months and more. */
  deviceReadings: 200_000,
} as const;
