import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { samphireYard } from '../../../demo/samphire-yard';
import { formatVersion } from '../formats/place-file';
import { allBays, itemId, itemsOf } from '../place/find';
import type { Possible } from '../place/possible';
import { spotKinds } from '../place/spot';
import { applyReadings } from '../records/apply-readings';
import { setAttribute } from '../records/set-attribute';
import { valueIn, valueOf } from '../records/value-of';
import { ageingKinds } from '../tables/lifespans';
import { randomPlace } from '../tests/random-place';
import { attributeIds, attributes, attributesOf, isCheck, limitsOf, type AttributeId } from '.';

const judged = attributeIds.filter((id) => !isCheck(id));

/** Of an amount somewhere within its limits, of a choice one of them. */
function someValue(id: AttributeId, share: number): Possible {
  const attribute = attributes[id];
  if (attribute.value === 'amount') {
    const [low, high] = attribute.limits;
    return { is: low + Math.round((high - low) * share) };
  }
  const { choices } = attribute;
  return { is: choices[Math.floor(share * (choices.length - 1))] ?? '' };
}

test('what is set is what stands there afterwards, and nothing else has changed', () => {
  fc.assert(
    fc.property(
      randomPlace('some'),
      fc.constantFrom(...judged),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (place, id, share) => {
        const value = someValue(id, share);
        for (const item of allBays(place).flatMap(({ bay }) => itemsOf(bay))) {
          if (item.kind !== attributes[id].of) continue;
          const name = itemId(item);
          const after = setAttribute(place, name, id, value);
          const hasRoom =
            item.kind !== 'bay' || attributes[id].asked.before !== 'mesh' || item.bay.ground;
          if (hasRoom) expect(valueOf(after, name, id)).toEqual(value);
          for (const other of attributesOf(item.kind)) {
            if (other.id === id) continue;
            const [was, is] = [valueIn(item, other.id), valueOf(after, name, other.id)];
            // A skirt read where none was described is there from then on, of nobody knows what.
            if (was !== undefined) expect(is).toEqual(was);
          }
        }
      },
    ),
    { numRuns: 60 },
  );
});

test('a value of another kind changes nothing', () => {
  const { place } = applyReadings(samphireYard.place, samphireYard.walks);
  expect(setAttribute(place, 'n2', 'ground.gap', { is: 'soft' })).toEqual(place);
  expect(setAttribute(place, 'n2', 'ground.soil', { is: 12 })).toEqual(place);
});

test.each(attributeIds)(
  '%s: figures lie within its limits, orders and answers among its choices',
  (id) => {
    const attribute = attributes[id];
    // What is judged stands somewhere; a check may, where others are worked out from it.
    if (attribute.isJudged) expect(attribute.path).toBeDefined();
    if (attribute.value === 'amount') {
      const [low, high] = attribute.limits;
      for (const usual of attribute.usual) {
        expect(usual).toBeGreaterThanOrEqual(low);
        expect(usual).toBeLessThanOrEqual(high);
      }
      return;
    }
    expect(new Set(attribute.choices).size).toBe(attribute.choices.length);
    if (attribute.better !== 'none') {
      expect([...attribute.better].sort()).toEqual([...attribute.choices].sort());
    }
    if (attribute.toSeeTo !== undefined) expect(attribute.choices).toContain(attribute.toSeeTo);
  },
);

test('every spot but “latch by habit alone” is measured again by something, and everything that ages is looked at', () => {
  for (const spot of spotKinds) {
    expect([spot, attributeIds.some((id) => attributes[id].spots.includes(spot))]).toEqual([
      spot,
      true,
    ]);
  }
  for (const kind of ageingKinds) {
    expect(attributeIds.some((id) => attributes[id].looksAt.includes(kind))).toBe(true);
  }
});

test('each is of one kind of item, and no two are of one id', () => {
  const kinds = [
    'bay',
    'layer',
    'opening',
    'latch',
    'strand',
    'fence',
    'zone',
    'place',
    'flock',
  ] as const;
  const all = kinds.flatMap((kind) => attributesOf(kind).map(({ id }) => id));
  expect(all.sort()).toEqual([...attributeIds].sort());
  expect(() => limitsOf('ground.soil' as never)).toThrow('ground.soil is not an amount');
});

test('the page on the format names this version and every attribute that is judged', () => {
  const page = readFileSync(join(__dirname, '../../../docs/format/README.md'), 'utf8');
  expect(page).toContain(`| \`version\` | ${formatVersion};`);
  for (const id of judged) expect(page).toContain(`\`${id}\``);
  const minimal: unknown = JSON.parse(
    readFileSync(join(__dirname, '../../../docs/format/minimal-place.json'), 'utf8'),
  );
  expect(minimal).toMatchObject({ version: expect.any(Number) as number });
});
