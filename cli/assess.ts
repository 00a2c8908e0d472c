/** `npm run -s assess -- FILE [--scenario NAME] [--date YYYY-MM-DD] [--json]`: judges a place file and prints what could get in. */
import { readFileSync, statSync } from 'node:fs';
import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { assessJson, type Assessment } from '../src/core/formats/assess-json';
import { largestFile } from '../src/core/formats/place-file';
import { readPlaceFile } from '../src/core/formats/read-place-file';
import { inDateOrder } from '../src/core/place/apply-readings';
import { isDay } from '../src/core/place/day';
import type { PlaceFile } from '../src/core/formats/place-file';
import { judgeAll } from '../src/core/score/judge-all';
import { lossesOfMonth, lossesOfYear } from '../src/core/score/losses';
import { scenarios, type Scenario } from '../src/core/score/scenario';
import { tonight } from '../src/core/score/tonight';
import { trend } from '../src/core/score/trend';
import { assessText } from '../src/words/assess-text';
import { fileSentence } from '../src/words/file-sentence';

const usage = `Usage: npm run -s assess -- FILE [--scenario ${scenarios.join('|')}] [--date YYYY-MM-DD] [--json]`;

/** Ends with 0 and the judgement, or with 2 and one line on stderr saying what is wrong. */
function main(): number {
  const { values, positionals } = parseArgs({
    args: process.argv.slice(2),
    options: {
      json: { type: 'boolean', default: false },
      date: { type: 'string' },
      scenario: { type: 'string', default: 'night-shut' },
    },
    allowPositionals: true,
  });
  const [name, ...more] = positionals;
  if (name === undefined || more.length > 0) return refuse(usage);
  if (values.date !== undefined && !isDay(values.date)) {
    return refuse(`“${values.date}” is not a day. Write it like 2026-05-01.`);
  }
  const { scenario } = values;
  if (!isScenario(scenario)) {
    return refuse(`“${scenario}” is not a scenario. It is one of ${scenarios.join(', ')}.`);
  }
  // npm runs scripts from the project's folder; the keeper named the file from theirs.
  const path = resolve(process.env.INIT_CWD ?? process.cwd(), name);
  const { size } = statSync(path);
  if (size > largestFile) {
    return refuse(fileSentence({ problem: 'too-large', bytes: size, limit: largestFile }));
  }
  const read = readPlaceFile(readFileSync(path, 'utf8'));
  if ('problem' in read) return refuse(fileSentence(read));
  const date = values.date ?? inDateOrder(read.file.walks).at(-1)?.date;
  const assessment = assess(read.file, scenario, date);
  const output = values.json
    ? JSON.stringify(assessJson(assessment), null, 2)
    : assessText(assessment);
  process.stdout.write(`${output}\n`);
  return 0;
}

/** As the place was known on that day: later walks had not been made, later sightings not been seen. */
function assess(file: PlaceFile, scenario: Scenario, date: string | undefined): Assessment {
  const { place } = file;
  const isKnown = (it: { readonly date: string }) => date === undefined || it.date <= date;
  const walks = file.walks.filter(isKnown);
  const circumstances = { log: file.sightings.filter(isKnown), ...(date && { date }) };
  const judgements = judgeAll(place, walks, circumstances);
  // A place never walked has no year of its own; any one without a leap day will do.
  const year = date ? Number(date.slice(0, 4)) : 2001;
  return {
    judgement: judgements[scenario],
    tonight: tonight(judgements),
    month: lossesOfMonth(place, walks, circumstances),
    year: lossesOfYear(place, walks, circumstances, year),
    trend: trend(place, walks, { ...circumstances, scenario }),
  };
}

function isScenario(text: string): text is Scenario {
  return (scenarios as readonly string[]).includes(text);
}

function refuse(sentence: string): number {
  process.stderr.write(`${sentence}\n`);
  return 2;
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
