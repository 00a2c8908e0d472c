/** What `assess --json` prints, as a JSON Schema. Written to docs/format/assess.schema.json. */
import { attributeIds } from '../../place/attributes';
import { birdKinds, zoneKinds } from '../../place/place';
import { rungs } from '../../effort/rung';
import { scenarios } from '../../score/scenario';
import { animalIds } from '../../tables/animals';
import { attacks } from '../../tables/attacks';
import { assessVersion } from '../assess-json';
import {
  commonDefs,
  list,
  number,
  oneOf,
  orNull,
  pair,
  ref,
  shape,
  whole,
  type JsonSchema,
} from './parts';

const text = ref('text');
const animal = oneOf(animalIds);
const share = number(0, 1);
const minutes = orNull(number(0));
const hold = pair(orNull(number(0, 100)));
const amounts = pair(number(0));

/** Reasons and stops differ by kind; `kind` is always there, the rest is as the figures need. */
const byKind: JsonSchema = {
  type: 'object',
  properties: { kind: { type: 'string' } },
  required: ['kind'],
};

const loss = {
  lambda: amounts,
  eggs: amounts,
  feedVisits: amounts,
};
const losses = shape({
  days: whole(1, 366),
  ...loss,
  birds: amounts,
  animals: list(shape({ animal, ...loss })),
});

const ends = shape(
  {
    minutes: pair(minutes),
    turnedBack: pair(orNull(share)),
    attack: pair(orNull(oneOf(attacks))),
  },
  '[low, high]: everything unread at its worst, at its best. null minutes: holds.',
);

const defs: Readonly<Record<string, JsonSchema>> = {
  ...commonDefs,
  part: shape({
    item: text,
    attribute: orNull(oneOf(attributeIds)),
    attack: oneOf(attacks),
    rung: oneOf(rungs),
    minutes,
    turnedBack: share,
    reason: byKind,
    besides: list(byKind),
    strand: orNull({ type: 'object' }),
  }),
  step: shape({
    bay: text,
    into: { description: 'null: a bird is taken through the cover.', ...orNull(text) },
    minutes: number(0),
    turnedBack: share,
    by: ref('part'),
    also: list(ref('part')),
    stops: list(byKind),
  }),
  route: shape({
    minutes: number(0),
    turnedBack: share,
    weight: { description: 'Σ minutes ÷ patience − ln(1 − turnedBack)', ...number(0) },
    chance: { description: 'exp(−weight)', ...share },
    steps: list(ref('step'), { minItems: 1 }),
  }),
  way: shape({
    id: text,
    bays: list(text, { minItems: 1 }),
    minutes: number(0),
    by: list(
      shape({
        animal,
        minutes: number(0),
        turnedBack: share,
        weight: number(0),
        chance: share,
        steps: list(ref('step'), { minItems: 1 }),
      }),
      { minItems: 1 },
    ),
  }),
};

export const assessJsonSchema: JsonSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: `Rookle assessment, version ${assessVersion}`,
  ...shape({
    version: { const: assessVersion },
    date: orNull(ref('day')),
    scenario: oneOf(scenarios),
    place: { type: 'string' },
    missedRound: share,
    zones: list(
      shape({ id: text, kind: oneOf(zoneKinds), name: text, inUse: orNull({ type: 'object' }) }),
    ),
    birds: list(
      shape({
        group: text,
        kind: oneOf(birdKinds),
        count: whole(0, 10_000),
        zone: orNull(text),
        exposure: share,
      }),
    ),
    hold,
    tonight: shape({ hold, missedRound: share }),
    losses: shape({ month: losses, year: losses }),
    trend: list(shape({ date: ref('day'), hold, waysIn: whole(0, 1_000_000) })),
    waysIn: list(ref('way')),
    slowWays: list(ref('way')),
    animals: list(
      shape({
        animal,
        about: { type: 'boolean' },
        patience: number(0),
        visits: number(0),
        minutes: pair(minutes),
        rung: pair(oneOf(rungs)),
        chance: pair(share),
        groups: list(
          shape({
            group: text,
            zone: text,
            exposure: share,
            damage: number(0),
            weight: number(0),
            chance: pair(share),
          }),
        ),
        weakest: orNull(ref('route')),
        next: orNull(ref('route')),
      }),
    ),
    items: list(
      shape({
        bay: text,
        between: pair(text),
        animal,
        through: ends,
        reach: ends,
        reasons: list(ref('part')),
      }),
    ),
    marks: { type: 'object', additionalProperties: oneOf(['holds', 'hours', 'open', 'unread']) },
    stops: shape({ all: whole(0, 1_000_000), unread: whole(0, 1_000_000) }),
    judged: list(oneOf(attacks)),
  }),
  $defs: defs,
};
