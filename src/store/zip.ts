/** Files in one, as a ZIP that any system opens. Loaded when a backup is written or opened; see `zipper`. */
import { strToU8, unzipSync, zipSync, type Zippable } from 'fflate';

/** By name in the archive: text, or bytes that are packed already and are put in as they are. */
export type Files = Readonly<Record<string, string | Uint8Array>>;

/** `at`: when it says that they were written; the same files at the same time give the same bytes. */
export function zipped(files: Files, at: Date): Uint8Array<ArrayBuffer> {
  const entries = Object.entries(files).map(([name, it]): [string, Zippable[string]] =>
    typeof it === 'string' ? [name, [strToU8(it), { level: 6 }]] : [name, [it, { level: 0 }]],
  );
  return zipSync(Object.fromEntries(entries), { mtime: at });
}

/** It is no ZIP, or is cut short. */
export class NotZipped extends Error {}

/** What is in it would be larger than so many bytes: said by its list, before anything is unpacked. */
export class TooMuch extends Error {
  constructor(readonly bytes: number) {
    super(`holds ${bytes} bytes`);
    this.name = 'TooMuch';
  }
}

/** Throws `NotZipped` and `TooMuch`; `most`: bytes unpacked, all together. */
export function unzipped(bytes: Uint8Array, most: number): Readonly<Record<string, Uint8Array>> {
  let sum = 0;
  const isRoom = ({ originalSize }: { readonly originalSize: number }): boolean => {
    sum += originalSize;
    if (sum > most) throw new TooMuch(sum);
    return true;
  };
  try {
    return unzipSync(bytes, { filter: isRoom });
  } catch (error) {
    if (error instanceof TooMuch) throw error;
    throw new NotZipped('cannot be unpacked');
  }
}
