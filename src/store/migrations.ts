/** Records written by older versions, brought up to this one. There has been only one so far. */

export const recordVersion = 1;

interface Packed {
  readonly version: number;
  readonly record: unknown;
}

/** Returns the record as this version writes it. Throws where it is none, or newer than this version. */
export function migrate(packed: unknown): unknown {
  const { version, record } = packed as Packed;
  if (version !== recordVersion) throw new Error(`unknown record version ${version}`);
  return record;
}
