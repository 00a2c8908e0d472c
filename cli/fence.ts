/** `npm run -s fence -- FILE [--soil dry|moist|wet|frozen] [--date YYYY-MM-DD] [--json]`: what the electric line gives, bay by bay. */
import { parseArgs } from 'node:util';
import { fenceView } from '../src/core/fence/fence-view';
import { nextTest } from '../src/core/fence/next-test';
import { fenceJson } from '../src/core/formats/fence-json';
import { applyReadings, batteryReadOn, inDateOrder } from '../src/core/records/apply-readings';
import { grounds, type Ground } from '../src/core/tables/fence-ground';
import { fenceReport } from '../src/words/fence-report';
import { dayOf, knownOn, readNamedFile, Refusal, run } from './common';

const usage = `Usage: npm run -s fence -- FILE [--soil ${grounds.join('|')}] [--date YYYY-MM-DD] [--json]`;

function main(): void {
  const { values, positionals } = parseArgs({
    args: process.argv.slice(2),
    options: {
      json: { type: 'boolean', default: false },
      date: { type: 'string' },
      soil: { type: 'string' },
    },
    allowPositionals: true,
  });
  const [name, ...more] = positionals;
  if (name === undefined || more.length > 0) throw new Refusal(usage);
  const { soil } = values;
  if (soil !== undefined && !isGround(soil)) {
    throw new Refusal(`“${soil}” is no ground. It is one of ${grounds.join(', ')}.`);
  }
  const day = dayOf(values.date);
  const file = readNamedFile(name);
  const date = day ?? inDateOrder(file.walks).at(-1)?.date;
  const { walks } = knownOn(file, date);
  const { place, provenance } = applyReadings(file.place, walks);
  const { fence } = place;
  const view = fenceView(
    place,
    date ?? noDay,
    soil === undefined ? {} : { ground: soil },
    batteryReadOn(place, provenance),
  );
  if (!fence?.line || !view) {
    throw new Refusal(
      fence?.line
        ? 'No wire is strung along any wall that stands on the ground.'
        : 'Nobody has described an electric line at this place: its energizer, its wire, its earth.',
    );
  }
  const next =
    view.first.kind === 'leak' ? nextTest(view, { ...fence, line: fence.line }) : undefined;
  process.stdout.write(
    `${values.json ? JSON.stringify(fenceJson(place, date ?? noDay, view, next), null, 2) : fenceReport(place, view, next)}\n`,
  );
}

/** Where no walk tells of a day: midwinter, when batteries have least. */
const noDay = '2026-01-01';

const isGround = (text: string): text is Ground => grounds.some((it) => it === text);

run(usage, main);
