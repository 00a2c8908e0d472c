import fc from 'fast-check';
import type { Question } from './questions';
import { rowsInPlace } from './rows-in-place';
import type { RowState, StopRow } from './stop-rows';

const questions = [...'abcdef'].map((id) => ({ id }) as Question);
const row = (question: Question, state: RowState = 'unread'): StopRow => ({ question, state });
const idsOf = (rows: readonly StopRow[]): string =>
  rows.map(({ question }) => question.id).join('');

/** Which of the six would change nothing. */
function split(nothing: string) {
  const all = questions.map((it) => row(it));
  const isFolded = ({ question }: StopRow) => nothing.includes(question.id);
  return { rows: all.filter((it) => !isFolded(it)), folded: all.filter(isFolded) };
}

const inPlace = (nothing: string, atFirst: string, waiting = '') =>
  rowsInPlace(split(nothing), questions, new Set(atFirst), new Set(waiting));

test('what was folded on coming is away; what turns out so later stays where it is', () => {
  const first = inPlace('bd', 'bd');
  expect([idsOf(first.shown), idsOf(first.folded), [...first.idle]]).toEqual(['acef', 'bd', []]);
  const later = inPlace('bde', 'bd');
  expect([idsOf(later.shown), idsOf(later.folded), [...later.idle]]).toEqual(['acef', 'bd', ['e']]);
});

test('while another answer is worked out nothing comes and goes; what matters after all comes last', () => {
  const waiting = inPlace('', 'bd', 'bd');
  expect([idsOf(waiting.shown), idsOf(waiting.folded)]).toEqual(['acef', 'bd']);
  const back = inPlace('d', 'bd');
  expect([idsOf(back.shown), idsOf(back.folded)]).toEqual(['acefb', 'd']);
});

test('what was unfolded and read stands with the rows that are shown', () => {
  const read = rowsInPlace(
    {
      rows: questions.slice(1).map((it, index) => row(it, index === 0 ? 'read' : 'unread')),
      folded: [],
    },
    questions.slice(1),
    new Set('b'),
    new Set('b'),
  );
  expect(idsOf(read.shown)).toBe('cdefb');
});

test('every row stands once; whatever is worked out, no row that is shown moves but to come back at the end', () => {
  const some = fc.subarray([...'abcdef']).map((it) => it.join(''));
  let came = 0;
  fc.assert(
    fc.property(some, some, some, (atFirst, before, after) => {
      const [one, other] = [inPlace(before, atFirst), inPlace(after, atFirst)];
      for (const it of [one, other]) {
        expect([...idsOf([...it.shown, ...it.folded])].sort().join('')).toBe('abcdef');
      }
      const stayed = [...idsOf(one.shown)].filter((id) => !atFirst.includes(id));
      expect([...idsOf(other.shown)].slice(0, stayed.length)).toEqual(stayed);
      came += other.shown.length > stayed.length ? 1 : 0;
    }),
  );
  expect(came).toBeGreaterThan(0);
});
