import { defaults, readForm } from './read-form';

const filled = { ...defaults.metric, name: 'Withy Corner' };

test('the form as it stands begins a place', () => {
  expect(readForm(filled, 'metric')).toMatchObject({
    name: 'Withy Corner',
    birds: 6,
    runWidth: 3600,
  });
  expect(readForm({ ...defaults.imperial, name: 'x' }, 'imperial')).toMatchObject({
    runWidth: expect.closeTo(3657.6),
  });
});

test.each([
  [{ name: ' ' }, /Give the place a name/],
  [{ birds: '2.5' }, /whole number/],
  [{ birds: '' }, /whole number/],
  [{ birds: '0' }, /whole number/],
  [{ runWidth: 'wide' }, /^Run, along the gate’s side: “wide” is not a length/],
  [{ runDepth: '4.5' }, /too short. Did you mean metres/],
  [{ houseWidth: '900 m' }, /more than this can be/],
])('%j is refused in one sentence', (change, sentence) => {
  const read = readForm({ ...filled, ...change }, 'metric');
  expect('sentence' in read && read.sentence).toMatch(sentence);
});
