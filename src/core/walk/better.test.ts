import fc from 'fast-check';
import { attributeIds, attributes } from '../attributes';
import { isBetter } from './better';

it.each([
  ['ground.gap', 6, 34, true],
  ['ground.gap', 34, 6, false],
  ['skirt.depth', 450, 300, true],
  ['bay.condition', 'sound', 'failing', true],
  ['ground.digging', 'yes', 'no', false],
] as const)('%s: %s after %s', (attribute, now, before, better) => {
  expect(isBetter(attribute, now, before)).toBe(better);
});

it('has no opinion where there is no order, or nothing changed', () => {
  expect(isBetter('ground.soil', 'rock', 'soft')).toBeUndefined();
  expect(isBetter('strand.height', 150, 90)).toBeUndefined();
  expect(isBetter('ground.gap', 6, 6)).toBeUndefined();
  // Snow buries the wire, mesh takes the volts from all the others.
  expect(isBetter('strand.touching', 'snow', 'mesh')).toBeUndefined();
  expect(isBetter('strand.touching', 'grass', 'mesh')).toBe(true);
});

it('what is better one way is worse the other, for every attribute', () => {
  fc.assert(
    fc.property(fc.constantFrom(...attributeIds), fc.nat(400), fc.nat(400), (id, a, b) => {
      const known = attributes[id];
      const pick = (it: number) =>
        known.value === 'choice' ? (known.choices[it % known.choices.length] ?? '') : it;
      const [one, other] = [isBetter(id, pick(a), pick(b)), isBetter(id, pick(b), pick(a))];
      expect(one === undefined ? undefined : !one).toBe(other);
    }),
  );
});
