import { pacingProblemWords, pacingWords, turnWords } from '@/words/pacing-words';
import { checkPacing, isPacing } from '@/core/place/pacing';
import { firstSides, readSides, turned, type SideText } from './pacing-form';

const side = (length: string, turn: SideText['turn'] = 'right', angle = '45'): SideText => ({
  length,
  turn,
  angle,
});

test('lengths as people write them, kept as entered', () => {
  const read = readSides(
    [side('3.2 m'), side('10\' 6"', 'left'), side('250 cm', 'other', '-45')],
    'metric',
  );
  expect(read).toEqual({
    sides: [
      { length: 3200, entered: '3.2 m', turn: 90 },
      { length: 3200.4, entered: '10\' 6"', turn: -90 },
      { length: 2500, entered: '250 cm', turn: -45 },
    ],
  });
});

test.each([
  [side('wide'), /Side 1: “wide” is not a length/],
  [side('-3 m'), /Side 1: .*less than nothing/],
  [side('3'), /Side 1: 3 mm is too short/],
  [side('3 m', 'other', 'round'), /“round” is no turn/],
  [side('3 m', 'other', '270'), /“270” is no turn/],
])('%j is refused in a sentence', (bad, sentence) => {
  const read = readSides([bad], 'metric');
  expect('sentence' in read && read.sentence).toMatch(sentence);
});

test('the sides one begins with close, in both units', () => {
  for (const units of ['metric', 'imperial'] as const) {
    const read = readSides(firstSides[units], units);
    if ('sentence' in read) throw new Error(read.sentence);
    const pacing = checkPacing(read.sides);
    if (!isPacing(pacing)) throw new Error(pacing.problem);
    expect(pacingWords(pacing, units)).toMatch(/It ends where it began\.$/);
  }
});

test('what is wrong is said with the turn that likely slipped, and the turn is taken over', () => {
  const texts = [side('4 m'), side('3 m', 'left'), side('4 m'), side('3 m')];
  const read = readSides(texts, 'metric');
  if ('sentence' in read) throw new Error(read.sentence);
  const checked = checkPacing(read.sides);
  if (isPacing(checked) || checked.problem !== 'turns') throw new Error('taken');
  expect(pacingProblemWords(checked, 'metric')).toBe(
    'The turns come to 180°, and once round is 360°. Did you turn right after side 2?',
  );
  expect(turned(side('3 m', 'left'), checked.likely?.turn ?? 0).turn).toBe('right');
});

test('turns in words', () => {
  expect([90, -90, 45, -30, 0].map(turnWords)).toEqual([
    'right',
    'left',
    'right by 45°',
    'left by 30°',
    'straight on',
  ]);
});
