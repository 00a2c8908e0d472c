import { restAfter } from './rest-after';

const asked = (...ids: string[]) => ids.map((id) => ({ id }));
const rest = (now: string[], from: string[]) =>
  restAfter(asked(...now), asked(...from)).map(({ id }) => id);

test.each([
  ['the next one follows', ['a', 'b', 'c'], ['b', 'c'], ['c']],
  ['what an answer has brought comes first', ['a', 'b', 'new', 'c'], ['b', 'c'], ['new', 'c']],
  [
    'where the answer has spared its own question, on to the next, never back',
    ['a', 'c'],
    ['b', 'c'],
    ['c'],
  ],
  ['spared with those after it', ['a', 'd'], ['b', 'c', 'd'], ['d']],
  ['the last one spared: the end', ['a'], ['b'], []],
  ['the last one: the end', ['a', 'b'], ['b'], []],
])('%s', (_, now, from, after) => {
  expect(rest(now, from)).toEqual(after);
});
