import { judgeAll } from '@/core/score/judge-all';
import { lossesOfMonth } from '@/core/score/losses';
import { tonight } from '@/core/score/tonight';
import { samphireYard } from '../../demo/samphire-yard';
import { animals } from '@/core/tables/animals';
import { fixings } from '@/core/tables/fixings';
import { passEffort } from '@/core/effort/pass';
import { isLayout, shapes } from '@/core/place/shapes';
import { judge } from '@/core/score/judge';
import { readLength } from '@/core/walk/length-entry';
import { assessText } from './assess-text';
import { dayWords } from './day-words';
import { fileSentence } from './file-sentence';
import { headline, holdWords, wayOnward, wayTitle } from './headline';
import { distanceWords, lengthWords } from './length-words';
import { listOf } from './names';
import { notSavedWords } from './not-saved-words';
import { lengthSentence } from './problem-sentence';
import { reasonWords } from './reason-words';

const { place, walks } = samphireYard;
const judgement = judge(place, walks);

test('the headline says how many, for whom, and what is left', () => {
  expect(headline(judgement)).toMatchObject({
    answer: '2 ways in',
    tone: 'open',
    under: expect.stringMatching(
      /^Mink, stoats and rats can get to the birds.*3 readings not taken/,
    ),
  });
});

test('nothing found with stops left is not called safe', () => {
  const lives = { ...place, setting: { ...place.setting, lives: ['red-fox' as const] } };
  expect(headline(judge(lives, []))).toMatchObject({ answer: 'No way in found', tone: 'unread' });
});

test('nobody to keep out is not called safe either', () => {
  const nobody = { ...place, setting: { ...place.setting, lives: [] } };
  expect(headline(judge(nobody, walks)).answer).toBe('Nothing to keep out');
  expect(holdWords(judge(nobody, walks).hold)).toBe('No hold: nothing threatens');
});

test('a way in is told from outside to the birds', () => {
  const [sill, lid] = judgement.waysIn;
  if (!sill || !lid) throw new Error('two ways in expected');
  expect(wayTitle(place, sill)).toBe(
    'Mink, stoats and rats · north 2, under the sill, lifted by hand',
  );
  expect(wayOnward(place, sill)).toBe('Then hut front, pop door, at the corner when pulled.');
  expect(wayOnward(place, lid)).toBe('Straight in to the birds.');
});

test('hold is a range while something is unread', () => {
  expect(holdWords({ best: 90.4, worst: 12 })).toBe('Hold 12 to 90 of 100');
  expect(holdWords({ best: 45.7, worst: 45.7 })).toBe('Hold 46 of 100');
});

test('lengths in the keeper’s units', () => {
  expect(lengthWords(11.66, 'metric')).toBe('11.66 mm');
  expect(lengthWords(34.925, 'imperial')).toBe('1⅜ in');
  expect(lengthWords(33.3375, 'imperial')).toBe('1 5/16 in');
  expect(lengthWords(12.7, 'imperial')).toBe('½ in');
  expect(lengthWords(0, 'imperial')).toBe('0 in');
  expect(distanceWords(19400, 'metric')).toBe('19.4 m');
  expect(distanceWords(1104.9, 'imperial')).toBe('3 ft 8 in');
});

test('a reason names reading and figure', () => {
  const part = passEffort(animals['american-mink'], 'n2', 'ground.gap', 34);
  expect(reasonWords(place, part)).toBe('34 mm lets a mink by: 25.4 mm shuts it out.');
});

test('two amounts that read alike in sixteenths are told apart by their millimetres', () => {
  const inches = { ...place, units: 'imperial' as const };
  const said = (mm: number) =>
    reasonWords(inches, passEffort(animals.quoll, 'n2', 'ground.gap', mm));
  expect(said(25.4)).toMatch(
    /^1 in \(25\.4 mm\) is more than the 1 in \(25 mm\) that shuts a quoll out/,
  );
  expect(said(25)).toBe('1 in: just what shuts a quoll out.');
  expect(said(20)).toBe('13/16 in; under the 1 in that shuts a quoll out.');
});

test.each(fixings)('what gives although held by %s is said as a sentence', (fixing) => {
  const reason = {
    kind: 'tear',
    how: 'pulls',
    mesh: 'welded-25x50',
    condition: 'worn',
    fixing,
    strength: 1,
    figure: animals.raccoon.tears.pulls,
  } as const;
  const part = passEffort(animals.raccoon, 'n2', 'ground.gap', 0);
  expect(reasonWords(place, { ...part, reason })).toMatch(
    /^A raccoon pulls it off: (a )?worn (screws and washers do|batten does|wire lacing does|staples do|ties do) not hold against it\.$/,
  );
});

test.each([
  ['5 m', /5\.0 m is more than this can be \(at most 1\.0 m\)/],
  ['-3', /cannot be less than nothing/],
  ['wide', /“wide” is not a length/],
  ['', /Type a reading/],
])('“%s” gets a clear sentence', (text, sentence) => {
  const read = readLength(text, 'metric', 1000);
  if (!('problem' in read)) throw new Error('refused expected');
  expect(lengthSentence(read, 'metric')).toMatch(sentence);
});

test('every bad file ends with what is still safe', () => {
  const sentences = [
    fileSentence({ problem: 'not-json' }),
    fileSentence({ problem: 'not-a-place' }),
    fileSentence({ problem: 'newer-version', version: 3, known: 1 }),
    fileSentence({ problem: 'too-large', bytes: 30e6, limit: 20e6 }),
    fileSentence({ problem: 'wrong-shape', path: 'place.name', detail: 'is missing' }),
  ];
  for (const sentence of sentences) expect(sentence).toMatch(/Nothing was changed\.$/);
  expect(new Set(sentences).size).toBe(sentences.length);
});

test('small words', () => {
  expect(listOf(['a'])).toBe('a');
  expect(listOf(['a', 'b', 'c'])).toBe('a, b and c');
  expect(dayWords('2026-10-18')).toBe('18 October 2026');
  expect(notSavedWords({ trouble: 'full' })).toMatch(/storage is full/);
  expect(notSavedWords(new Error('x'))).toMatch(/everything before this is safe/);
});

test('the command line’s text leads with the answer and names what was judged', () => {
  const judgements = judgeAll(samphireYard.place, samphireYard.walks);
  const none = lossesOfMonth(samphireYard.place, samphireYard.walks, {});
  const lines = assessText({
    judgement: judgements['night-shut'],
    tonight: tonight(judgements),
    month: none,
    year: none,
    trend: [],
  }).split('\n');
  expect(lines[0]).toBe('Samphire Yard, night, shut, on 2026-10-18');
  expect(lines[1]).toMatch(/^2 ways in tonight\./);
  expect(lines.at(-2)).toMatch(
    /^Judged: passing through openings, reaching in, .*electric strands\.$/,
  );
});

test('birds in the open are said to be, whatever the walls are like', () => {
  const [group] = samphireYard.place.flock;
  if (!group) throw new Error('no birds');
  const out = (more: object) => ({
    ...samphireYard.place,
    flock: [{ ...group, ...more }],
  });
  const ranging = out({ ranging: { zone: 'outside', hours: 4, watched: false } });
  expect(headline(judge(ranging, walks, { scenario: 'ranging' }))).toMatchObject({
    answer: '12 birds in the open',
    tone: 'open',
    when: 'while ranging',
    under: expect.stringMatching(/^Nothing stands between them and mink, stoats, .*goshawks\./),
  });
  const tree = {
    ...samphireYard.place,
    flock: [group, { ...group, id: 't', count: 1, sleeps: 'outside' }],
  };
  expect(headline(judge(tree, walks)).under).toMatch(/1 bird besides in the open\./);
  expect(headline(judge(samphireYard.place, walks, { scenario: 'ranging' })).answer).toBe(
    'No birds',
  );
});

test('a place that nobody has walked says so, and what its shape alone settles', () => {
  const { place } = samphireYard;
  const shut = headline(judge(place, []), false);
  expect(shut).toMatchObject({ answer: 'Not walked', when: 'yet', tone: 'unread' });
  expect(shut.under).toMatch(/^Its shape alone lets nothing in\./);
  // A strip fenced waist-high, the birds at roost in it.
  const sizes = { runWidth: 6000, runDepth: 3000, houseWidth: 1200, houseDepth: 1200 };
  const laid = shapes.strip.lay({ ...sizes, runHeight: 1200, sections: 1 });
  if (!isLayout(laid)) throw new Error('no strip');
  const { zones, faces } = laid;
  const low = {
    ...place,
    zones,
    faces,
    setting: { ...place.setting, lives: ['domestic-dog' as const] },
  };
  const open = { ...low, flock: place.flock.map((group) => ({ ...group, sleeps: laid.sleeps })) };
  expect(headline(judge(open, []), false).under).toMatch(/^By its shape alone dogs could get in\./);
  expect(headline(judge(open, [])).answer).toMatch(/ways? in$/);
});
