/** What `plan --json` prints, as a JSON Schema. Written to docs/format/plan.schema.json. */
import { attributeIds } from '../../place/attributes';
import { mendKinds, spotKinds } from '../../place/mend';
import { scenarios } from '../../score/scenario';
import { animalIds } from '../../tables/animals';
import { planVersion } from '../plan-json';
import {
  commonDefs,
  list,
  number,
  oneOf,
  orNull,
  ref,
  shape,
  whole,
  type JsonSchema,
} from './parts';

const text = ref('text');
const animal = oneOf(animalIds);
const cents = whole(0, 100_000_000);
const minutes = number(0);
const birds = number();
/** By the ids of groups of birds. */
const byGroup: JsonSchema = { type: 'object', additionalProperties: number(0) };
const bySpot = shape({ bay: text, spot: text });

const mend = {
  kind: oneOf(mendKinds),
  bay: text,
  spot: shape({ kind: oneOf(spotKinds), item: text }),
  stops: list(animal),
  targets: list(
    shape({
      item: text,
      attribute: oneOf(attributeIds),
      value: {
        oneOf: [
          shape({ is: text }),
          shape({ atMost: number(0) }),
          shape({ atLeast: number(0) }),
          shape({ near: number(0) }),
        ],
      },
    }),
  ),
};

/** Why a candidate is not in the plan; `kind` is always there, the rest is as it needs. */
const whyNot: JsonSchema = {
  type: 'object',
  properties: {
    kind: oneOf(['wont', 'too-long', 'nothing', 'instead', 'beside', 'money', 'time']),
    of: list(text),
    animal,
    at: list(bySpot),
    birds,
  },
  required: ['kind'],
  additionalProperties: false,
};

export const planJsonSchema: JsonSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: `Rookle plan of mends, version ${planVersion}`,
  description:
    'Money in hundredths, work in minutes, birds a year. What a set of mends leaves: `fixed` and, over the terms, `weight × exp(−d)`, d the lightest way from outside to the birds, each link weighing as the state whose `made` are just those of the set that it names.',
  ...shape({
    version: { const: planVersion },
    place: { type: 'string' },
    date: orNull(ref('day')),
    limits: shape({
      cents: orNull(cents),
      minutes: orNull(minutes),
      longest: orNull(minutes),
      must: list(text),
      wont: list(text),
    }),
    chosen: list(text),
    cents,
    minutes,
    'wholeCents?': cents,
    before: birds,
    after: birds,
    bound: birds,
    birdsBefore: birds,
    birdsAfter: birds,
    nodes: whole(1, 1_000_000_000),
    overspent: { type: 'boolean' },
    animals: list(
      shape({
        animal,
        before: birds,
        after: birds,
        isShutBefore: { type: 'boolean' },
        isShutAfter: { type: 'boolean' },
      }),
    ),
    others: { type: 'object', additionalProperties: whyNot },
    least: orNull(shape({ cents, 'wholeCents?': cents, chosen: list(text) })),
    curve: list(shape({ cents, after: birds, bound: birds, birds })),
    knee: orNull(cents),
    shutOut: orNull(
      shape({
        animal,
        scenario: oneOf(scenarios),
        can: { type: 'boolean' },
        chosen: list(text),
        cents,
        minutes,
        stays: list(bySpot),
      }),
    ),
    tonight: list(shape({ ...mend, cents, minutes })),
    candidates: list(
      shape({
        id: text,
        ...mend,
        cents,
        minutes,
        excludes: list(text),
        inHand: { type: 'boolean' },
      }),
    ),
    harmful: list(text),
    fixed: birds,
    fixedOf: byGroup,
    flock: byGroup,
    terms: list(
      shape({
        animal,
        zone: text,
        scenarios: list(oneOf(scenarios)),
        weight: birds,
        weightOf: byGroup,
        shutFrom: minutes,
        links: list(
          shape({
            bay: text,
            spot: text,
            from: text,
            to: text,
            states: list(
              shape({ made: list(text), weight: orNull(number(0)), minutes: orNull(minutes) }),
            ),
          }),
        ),
      }),
    ),
  }),
  $defs: commonDefs,
};
