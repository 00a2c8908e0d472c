/** A file that cannot be read, in plain words. Each ends with what is still safe. */
import type { BackupProblem } from '@/store/backup';
import type { IsHere } from '@/store/open-file';
import { dayWords } from './day-words';
import { count, listOf } from './names';

const nothingChanged = 'Nothing was changed.';

export function fileSentence(problem: BackupProblem): string {
  switch (problem.problem) {
    case 'too-large': {
      const size = Math.round(problem.bytes / 1024 / 1024);
      const limit = Math.round(problem.limit / 1024 / 1024);
      return `This file has ${size} MB; a place has less than ${limit}. It is probably something else. ${nothingChanged}`;
    }
    case 'not-json':
      return `This file is not a Rookle place: it cannot be read as JSON. It may be cut short. ${nothingChanged}`;
    case 'not-zip':
      return `This archive cannot be unpacked. It may be cut short. ${nothingChanged}`;
    case 'not-a-backup':
      return `This archive is none that Rookle has saved. ${nothingChanged}`;
    case 'not-a-place':
      return `This file is JSON, but not a Rookle place. ${nothingChanged}`;
    case 'newer-version':
      return `This file was written by a newer Rookle (format ${problem.version}; this one knows up to ${problem.known}). Update Rookle and open it again. ${nothingChanged}`;
    case 'wrong-shape':
      return `This place cannot be read: ${where(problem.path)}${problem.detail}. ${nothingChanged}`;
  }
}

function where(path: string): string {
  return path === '' ? '' : `at ${path}, `;
}

/** What a file could not say, or did not. */
export function unreadSentence(names: readonly string[]): string {
  const shown = names.slice(0, mostNamed);
  const more = names.length - shown.length;
  const all = more > 0 ? [...shown, count(more, 'more', 'more')] : shown;
  return `Opened. The file does not say what these are made of, so they count as unread until a walk has read them: ${listOf(all)}.`;
}

const mostNamed = 6;

/** What is asked where a place of that id is here and is another than the file's. */
export function isHereSentence({ name, lastHere, lastInFile }: IsHere['isHere']): string {
  const walked = (day: string | undefined): string =>
    day === undefined ? 'not walked yet' : `last walked ${dayWords(day)}`;
  return `${name} is here already (${walked(lastHere)}), and the file holds another state of it (${walked(lastInFile)}). Nothing was changed.`;
}
