/** What every command has in common: a place file given by name, a day, and one plain sentence for whatever is wrong. */
import { readFileSync, statSync } from 'node:fs';
import { resolve } from 'node:path';
import '../src/core/fence/dense-inverse';
import { largestFile, type PlaceFile } from '../src/core/formats/place-file';
import { readPlaceFile } from '../src/core/formats/read-place-file';
import { isDay } from '../src/core/schema/day';
import { fileSentence, unreadSentence } from '../src/words/file-sentence';

/** Ends the command with its message on stderr and 2. */
export class Refusal extends Error {}

export function readNamedFile(name: string): PlaceFile {
  // npm runs scripts from the project's folder; the keeper named the file from theirs.
  const path = resolve(process.env.INIT_CWD ?? process.cwd(), name);
  const { size } = statSync(path);
  if (size > largestFile) {
    throw new Refusal(fileSentence({ problem: 'too-large', bytes: size, limit: largestFile }));
  }
  const read = readPlaceFile(readFileSync(path, 'utf8'));
  if ('problem' in read) throw new Refusal(fileSentence(read));
  if (read.unread) process.stderr.write(`${unreadSentence(read.unread)}\n`);
  return read.file;
}

export function dayOf(text: string | undefined): string | undefined {
  if (text !== undefined && !isDay(text)) {
    throw new Refusal(`“${text}” is not a day. Write it like 2026-05-01.`);
  }
  return text;
}

/** As the place was known on that day: later walks had not been made, later sightings not been seen. */
export function knownOn(file: PlaceFile, date: string | undefined): PlaceFile {
  const isKnown = (it: { readonly date: string }) => date === undefined || it.date <= date;
  return {
    ...file,
    walks: file.walks.filter(isKnown),
    sightings: file.sightings.filter(isKnown),
  };
}

/** Runs it; the exit code is 0, or 2 with one line on stderr saying what is wrong. */
export function run(usage: string, main: () => void): void {
  try {
    main();
  } catch (error) {
    process.exitCode = 2;
    process.stderr.write(`${sentenceOf(error as NodeJS.ErrnoException, usage)}\n`);
  }
}

function sentenceOf({ code, message }: NodeJS.ErrnoException, usage: string): string {
  if (code === 'ENOENT') return 'There is no such file.';
  if (code === 'EISDIR') return 'That is a folder, not a file.';
  // Node's own words for an unknown option run over several lines.
  return code?.startsWith('ERR_PARSE_ARGS') ? usage : message;
}
