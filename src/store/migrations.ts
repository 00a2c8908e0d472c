/** Records written by older versions, brought up to this one. Places change with the file format, by the same steps. */
import { migratedEntry, migratedPlace } from '@/core/formats/migrate';
import { formatVersion } from '@/core/formats/place-file';

export const recordVersion = formatVersion;

interface Packed {
  readonly version: number;
  readonly record: unknown;
}

/** Returns the record as this version writes it. Throws where it is none, or newer than this version. */
export function migrate(kind: string, packed: unknown): unknown {
  const { version, record } = packed as Packed;
  if (!Number.isInteger(version) || version < 1 || version > recordVersion) {
    throw new Error(`unknown record version ${version}`);
  }
  if (kind === 'place') return migratedPlace(record, version);
  return kind === 'sighting' ? migratedEntry(record, version) : record;
}
