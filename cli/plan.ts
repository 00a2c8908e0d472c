/**
 * `npm run -s plan -- FILE [--budget N] [--hours H] [--by-metre] [--longest MINUTES] [--must ID] [--wont ID] [--shut-out ANIMAL]
 * [--date YYYY-MM-DD] [--json]`: the mends that leave the fewest birds to be taken for the money and hours there are. Budget and
 * curve are for whole rolls, boards and packs, unless they are to be reckoned by the metre.
 */
import { parseArgs } from 'node:util';
import { planJson, type PlanFindings } from '../src/core/formats/plan-json';
import { answering, limitsWithHand } from '../src/core/mends/plan/answer';
import { buildProblem, type Planning } from '../src/core/mends/plan/build-problem';
import { livedScales } from '../src/core/score/losses';
import { byTheMetre, tillOf } from '../src/core/mends/plan/till';
import { curving } from '../src/core/mends/plan/curve';
import { lookingForEnough } from '../src/core/mends/plan/enough';
import { stopgaps } from '../src/core/mends/plan/for-tonight';
import type { Limits } from '../src/core/mends/plan/limits';
import { shuttingOut } from '../src/core/mends/plan/shut-out';
import { firstShop, unitPricesOf } from '../src/core/mends/shopping/shop';
import { applyReadings, inDateOrder } from '../src/core/records/apply-readings';
import { withFlockOn } from '../src/core/records/flock-on';
import { atOnce } from '../src/core/steps';
import { animalIds, type AnimalId } from '../src/core/tables/animals';
import { planText } from '../src/words/plan-text';
import { dayOf, knownOn, readNamedFile, Refusal, run } from './common';

const usage =
  'Usage: npm run -s plan -- FILE [--budget N] [--hours H] [--by-metre] [--longest MINUTES] [--must ID] [--wont ID] [--shut-out ANIMAL] [--date YYYY-MM-DD] [--json]';

function main(): void {
  const { values, positionals } = parseArgs({
    args: process.argv.slice(2),
    options: {
      json: { type: 'boolean', default: false },
      date: { type: 'string' },
      budget: { type: 'string' },
      hours: { type: 'string' },
      'by-metre': { type: 'boolean', default: false },
      longest: { type: 'string' },
      must: { type: 'string', multiple: true },
      wont: { type: 'string', multiple: true },
      'shut-out': { type: 'string' },
    },
    allowPositionals: true,
  });
  const [name, ...more] = positionals;
  if (name === undefined || more.length > 0) throw new Refusal(usage);
  const day = dayOf(values.date);
  const limits: Limits = {
    ...amount('budget', values.budget, 100, 'cents'),
    ...amount('hours', values.hours, 60, 'minutes'),
    ...amount('longest', values.longest, 1, 'longest'),
    ...(values.must && { must: values.must }),
    ...(values.wont && { wont: values.wont }),
  };
  const animal = animalOf(values['shut-out']);
  const file = readNamedFile(name);
  const date = day ?? inDateOrder(file.walks).at(-1)?.date;
  const known = knownOn(file, date);
  const laid = applyReadings(known.place, known.walks).place;
  const found = withFlockOn(laid, known.sightings, date);
  // A place never walked has no year of its own; any one without a leap day will do.
  const year = date ? Number(date.slice(0, 4)) : 2001;
  const shop = file.shop ?? firstShop(file.place);
  const unitPrices = unitPricesOf(file.place, shop);
  const circumstances = { log: known.sightings, ...(date !== undefined && { date }) };
  const { low } = livedScales(known.place, known.walks, circumstances, year);
  const planning = buildProblem(found, {
    log: known.sightings,
    mends: known.mends,
    year,
    unitPrices,
    scales: low,
  });
  for (const id of [...(limits.must ?? []), ...(limits.wont ?? [])]) knownMend(planning, id);
  refuseClash(planning, limits.must ?? []);
  const till = values['by-metre'] ? byTheMetre(planning) : tillOf(planning, shop);
  const withHand = limitsWithHand(planning, limits);
  const whateverItCosts = withoutMoney(withHand);
  const curve = () => atOnce(curving(planning.problem, whateverItCosts, till));
  // What the curve comes upon the plan for this sum does not fall behind.
  const told = values.json ? curve() : undefined;
  const answer = atOnce(answering(planning, limits, till));
  const paid = { cents: answer.wholeCents ?? answer.cents, after: answer.after };
  const enough =
    told || answer.chosen.length === 0
      ? undefined
      : atOnce(lookingForEnough(planning.problem, whateverItCosts, till, paid));
  const document: PlanFindings = {
    place: known.place.name,
    date,
    planning,
    limits: withHand,
    answer,
    // In words only the least that changes anything is told of it, where the plan is empty.
    curve: told ?? (answer.chosen.length === 0 ? curve() : { points: [], knee: 0 }),
    ...(enough && { enough }),
    stopgaps: stopgaps(found, date ?? `${year}-01-01`, unitPrices),
    ...(animal && {
      shutOut: {
        animal,
        scenario: 'night-shut',
        result: atOnce(shuttingOut(planning.problem, animal, 'night-shut', limits, till)),
      },
    }),
  };
  const output = values.json
    ? JSON.stringify(planJson(document), null, 2)
    : planText(planning.ready, document);
  process.stdout.write(`${output}\n`);
}

const withoutMoney = ({ cents: _cents, ...others }: Limits): Omit<Limits, 'cents'> => others;

function amount<Name extends string>(
  option: string,
  text: string | undefined,
  times: number,
  name: Name,
): Partial<Record<Name, number>> {
  if (text === undefined) return {};
  const value = Number(text);
  if (text.trim() === '' || !Number.isFinite(value) || value < 0 || value > 1_000_000) {
    throw new Refusal(`“${text}” is not an amount for --${option}. Write it like 120 or 7.5.`);
  }
  return { [name]: Math.round(value * times) } as Partial<Record<Name, number>>;
}

function animalOf(text: string | undefined): AnimalId | undefined {
  if (text === undefined) return undefined;
  const known = animalIds.find((id) => id === text);
  if (!known) throw new Refusal(`“${text}” is no animal of the tables. Write it like red-fox.`);
  return known;
}

function refuseClash({ candidates }: Planning, must: readonly string[]): void {
  for (const { id, excludes } of candidates) {
    const other = must.includes(id) && must.find((it) => excludes.includes(it));
    if (other) throw new Refusal(`“${id}” and “${other}” cannot both be made.`);
  }
}

function knownMend({ candidates }: Planning, id: string): void {
  if (!candidates.some((it) => it.id === id)) {
    throw new Refusal(`“${id}” is no mend of this place. --json lists them all by their ids.`);
  }
}

run(usage, main);
