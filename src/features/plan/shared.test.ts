import { limited, marked } from './shared';

test('a mark is set, taken off, and never two at once', () => {
  const must = marked({ cents: 5 }, 'must', 'a');
  expect(must).toEqual({ cents: 5, must: ['a'], wont: [] });
  expect(marked(must, 'must', 'a')).toEqual({ cents: 5, must: [], wont: [] });
  expect(marked(must, 'wont', 'a')).toEqual({ cents: 5, must: [], wont: ['a'] });
});

test('of those that exclude each other one must be done', () => {
  const must = marked({ must: ['b', 'c'] }, 'must', 'a', ['b']);
  expect(must.must).toEqual(['c', 'a']);
  expect(marked({ must: ['b'] }, 'wont', 'a', ['b']).must).toEqual(['b']);
});

test('without a limit nothing is kept of it', () => {
  expect(limited({ cents: 5, minutes: 7 }, 'cents', undefined)).toEqual({ minutes: 7 });
  expect(limited({}, 'longest', 30)).toEqual({ longest: 30 });
});
