import { defaults, onlyAsked, readForm } from './read-form';

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

test('a field that is not asked is no trouble, one that is asked is', () => {
  const typed = { ...filled, runWidth: 'wide', houseDepth: '-3' };
  expect(readForm(onlyAsked(typed, 'metric', true, false), 'metric')).toMatchObject({ birds: 6 });
  expect(readForm(onlyAsked(typed, 'metric', true, true), 'metric')).toMatchObject({
    sentence: expect.stringMatching(/^House, front to back/),
  });
  expect(readForm(onlyAsked(typed, 'metric', false, true), 'metric')).toMatchObject({
    sentence: expect.stringMatching(/^Run, along the gate’s side/),
  });
});
