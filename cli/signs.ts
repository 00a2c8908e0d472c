/** `npm run -s signs -- FILE --found FILE [--json]`: who took birds, and by which way, from what was found after a loss. */
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { ValidationError } from 'yup';
import { signsJson } from '../src/core/formats/signs-json';
import { foundSignsSchema, type FoundSigns } from '../src/core/records/found-signs';
import { applyReadings } from '../src/core/records/apply-readings';
import { validatorOf } from '../src/core/schema/validator';
import { inquire } from '../src/core/signs/inquiry';
import { kindOf, questionsFor, signsOfCount } from '../src/core/signs/questions';
import { suspicionsOf } from '../src/core/signs/suspicions';
import { signsText } from '../src/words/signs-text';
import { knownOn, readNamedFile, Refusal, run } from './common';

const usage = 'Usage: npm run -s signs -- FILE --found FILE [--json]';

function main(): void {
  const { values, positionals } = parseArgs({
    args: process.argv.slice(2),
    options: { json: { type: 'boolean', default: false }, found: { type: 'string' } },
    allowPositionals: true,
  });
  const [name, ...more] = positionals;
  if (name === undefined || values.found === undefined || more.length > 0) throw new Refusal(usage);
  const told = readFound(values.found);
  // What was logged of that night was written down on the morning after.
  const file = readNamedFile(name);
  const { place, sightings } = file;
  const { walks } = knownOn(file, told.date);
  if (told.group !== undefined && !place.flock.some(({ id }) => id === told.group)) {
    throw new Refusal(`There is no group “${told.group}” at this place.`);
  }
  const kind = kindOf(place, told.group);
  const suspicions = suspicionsOf(place, walks, sightings, told);
  const signs = [...signsOfCount(told, kind), ...told.signs];
  const asked = new Set(signs.map(({ question }) => question));
  const open = questionsFor(told, kind).filter((it) => !asked.has(it));
  const inquiry = inquire(suspicions, signs, open);
  const found = applyReadings(place, walks).place;
  process.stdout.write(
    `${values.json ? JSON.stringify(signsJson(place, told, signs, inquiry), null, 2) : signsText(found, inquiry)}\n`,
  );
}

function readFound(name: string): FoundSigns {
  const text = readFileSync(resolve(process.env.INIT_CWD ?? process.cwd(), name), 'utf8');
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch {
    throw new Refusal('What was found cannot be read as JSON.');
  }
  try {
    return validatorOf(foundSignsSchema).validateSync(document, { strict: true });
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    throw new Refusal(`What was found cannot be read: ${error.message.replace(/\s+/g, ' ')}.`);
  }
}

run(usage, main);
