/** `npm run -s assess -- FILE [--date YYYY-MM-DD] [--json]`: judges a place file and prints what could get in. */
import { readFileSync, statSync } from 'node:fs';
import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { assessJson } from '../src/core/formats/assess-json';
import { largestFile } from '../src/core/formats/place-file';
import { readPlaceFile } from '../src/core/formats/read-place-file';
import { inDateOrder } from '../src/core/place/apply-readings';
import { judge } from '../src/core/score/judge';
import { assessText } from '../src/words/assess-text';
import { fileSentence } from '../src/words/file-sentence';

const usage = 'Usage: npm run -s assess -- FILE [--date YYYY-MM-DD] [--json]';

/** Ends with 0 and the judgement, or with 2 and one line on stderr saying what is wrong. */
function main(): number {
  const { values, positionals } = parseArgs({
    args: process.argv.slice(2),
    options: { json: { type: 'boolean', default: false }, date: { type: 'string' } },
    allowPositionals: true,
  });
  const [name, ...more] = positionals;
  if (name === undefined || more.length > 0) return refuse(usage);
  if (values.date !== undefined && !isDay(values.date)) {
    return refuse(`“${values.date}” is not a day. Write it like 2026-05-01.`);
  }
  // npm runs scripts from the project's folder; the keeper named the file from theirs.
  const path = resolve(process.env.INIT_CWD ?? process.cwd(), name);
  const { size } = statSync(path);
  if (size > largestFile) {
    return refuse(fileSentence({ problem: 'too-large', bytes: size, limit: largestFile }));
  }
  const read = readPlaceFile(readFileSync(path, 'utf8'));
  if ('problem' in read) return refuse(fileSentence(read));
  const { place, walks } = read.file;
  // As it was known on that day: later walks had not been made.
  const known = walks.filter((walk) => values.date === undefined || walk.date <= values.date);
  const judgement = judge(place, known);
  const date = values.date ?? inDateOrder(walks).at(-1)?.date ?? null;
  const output = values.json
    ? JSON.stringify(assessJson(judgement, date), null, 2)
    : assessText(judgement, date);
  process.stdout.write(`${output}\n`);
  return 0;
}

function refuse(sentence: string): number {
  process.stderr.write(`${sentence}\n`);
  return 2;
}

function isDay(text: string): boolean {
  return /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(Date.parse(text));
}

function run(): number {
  try {
    return main();
  } catch (error) {
    const { code, message } = error as NodeJS.ErrnoException;
    if (code === 'ENOENT') return refuse('There is no such file.');
    if (code === 'EISDIR') return refuse('That is a folder, not a file.');
    // Node's own words for an unknown option run over several lines.
    return refuse(code?.startsWith('ERR_PARSE_ARGS') ? usage : message);
  }
}

process.exitCode = run();
