/** CSV read back by a general library and by what RFC 4180 says; formulas made inert, numbers left alone. */
import fc from 'fast-check';
import Papa from 'papaparse';
import { csvOf } from './csv';

const read = (text: string): string[][] =>
  Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' }).data;

test('reads back as it was, whatever stands in the cells', () => {
  const cell = fc.oneof(
    fc.string({ minLength: 1 }).map((it) => `a${it}`),
    fc.constantFrom('a,b', 'say "so"', 'two\r\nlines', 'two\nlines', 'Müller’s lid', 'x;y'),
    fc.integer(),
  );
  fc.assert(
    fc.property(fc.array(fc.tuple(cell, cell), { minLength: 1, maxLength: 8 }), (rows) => {
      const back = read(csvOf({ head: ['first', 'second'], rows }));
      expect(back).toEqual([['first', 'second'], ...rows.map((row) => row.map(String))]);
    }),
  );
});

// RFC 4180, 2.1 and 2.5 to 2.7: lines end in CRLF; commas, line ends and quotes stand in quotes, quotes doubled.
test('is written as RFC 4180 says', () => {
  expect(
    csvOf({
      head: ['a', 'b'],
      rows: [
        ['plain', 'with, comma'],
        ['say "so"', 1.5],
      ],
    }),
  ).toBe('a,b\r\nplain,"with, comma"\r\n"say ""so""",1.5\r\n');
});

test.each(['=1+1', '+44', '-cmd', '@sum', '\t=1', ' =1', '\r=1', '＝1', '=HYPERLINK("x")'])(
  'a text like %j is no formula any more',
  (text) => {
    const [, [cell] = []] = read(csvOf({ head: ['a'], rows: [[text]] }));
    expect(cell?.startsWith("'")).toBe(true);
    expect(cell?.slice(1)).toBe(text);
  },
);

test('numbers stay numbers, below nothing too', () => {
  expect(csvOf({ head: ['a', 'b', 'c'], rows: [[-5, 0.25, 1e6]] })).toBe(
    'a,b,c\r\n-5,0.25,1000000\r\n',
  );
});
