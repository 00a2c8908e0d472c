/** `npm run -s assess -- FILE [--scenario NAME] [--date YYYY-MM-DD] [--settle] [--json]`: judges a place file and prints what could get in; `--settle`: which unread readings could still change that. */
import { parseArgs } from 'node:util';
import { assessJson, type Assessment } from '../src/core/formats/assess-json';
import type { PlaceFile } from '../src/core/formats/place-file';
import { settleJson } from '../src/core/formats/settle-json';
import { applyReadings, inDateOrder } from '../src/core/records/apply-readings';
import { judgeAll } from '../src/core/score/judge-all';
import { lossesOfMonth, lossesOfYear } from '../src/core/score/losses';
import { scenarios, type Scenario } from '../src/core/score/scenario';
import { tonight } from '../src/core/score/tonight';
import { trend } from '../src/core/score/trend';
import { settlingWalk } from '../src/core/settle/settling-walk';
import { settleText } from '../src/words/settle-text';
import { assessText } from '../src/words/assess-text';
import { dayOf, knownOn, readNamedFile, Refusal, run } from './common';

const usage = `Usage: npm run -s assess -- FILE [--scenario ${scenarios.join('|')}] [--date YYYY-MM-DD] [--settle] [--json]`;

function main(): void {
  const { values, positionals } = parseArgs({
    args: process.argv.slice(2),
    options: {
      json: { type: 'boolean', default: false },
      settle: { type: 'boolean', default: false },
      date: { type: 'string' },
      scenario: { type: 'string', default: 'night-shut' },
    },
    allowPositionals: true,
  });
  const [name, ...more] = positionals;
  if (name === undefined || more.length > 0) throw new Refusal(usage);
  const day = dayOf(values.date);
  const { scenario } = values;
  if (!isScenario(scenario)) {
    throw new Refusal(`“${scenario}” is not a scenario. It is one of ${scenarios.join(', ')}.`);
  }
  const file = readNamedFile(name);
  const date = day ?? inDateOrder(file.walks).at(-1)?.date;
  const known = knownOn(file, date);
  if (values.settle) {
    const found = applyReadings(known.place, known.walks).place;
    const settling = settlingWalk(found, { log: known.sightings, ...(date && { date }) });
    process.stdout.write(
      `${values.json ? JSON.stringify(settleJson(found, settling, date), null, 2) : settleText(found, settling)}\n`,
    );
    return;
  }
  const assessment = assess(known, scenario, date);
  const output = values.json
    ? JSON.stringify(assessJson(assessment), null, 2)
    : assessText(assessment);
  process.stdout.write(`${output}\n`);
}

function assess(
  { place, walks, sightings }: PlaceFile,
  scenario: Scenario,
  date: string | undefined,
): Assessment {
  const circumstances = { log: sightings, ...(date && { date }) };
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

run(usage, main);
