import { readAmount } from './amount-entry';

test.each([
  ['4.5', 'kV', 4.5, '4.5 kV'],
  ['4,5 kV', 'kV', 4.5, '4.5 kV'],
  [' 20 kg ', 'kg', 20, '20 kg'],
  ['.5', 'kV', 0.5, '0.5 kV'],
  ['0', 'kg', 0, '0 kg'],
] as const)('“%s” in %s is %d', (text, unit, value, entered) => {
  expect(readAmount(text, unit, 1000)).toEqual({ value, entered });
});

test.each([
  ['', 'empty'],
  ['-3', 'negative'],
  ['many', 'not-a-number'],
  ['4 kV kV', 'not-a-number'],
  ['1 2', 'not-a-number'],
  ['99', 'too-much'],
] as const)('“%s” is refused', (text, problem) => {
  expect(readAmount(text, 'kV', 15)).toMatchObject({ problem });
});
