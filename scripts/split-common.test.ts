/** The shared file is cut by what each stage asks for; what is loaded when asked for does not count, what is asked for by way of others does. */
import { splitCommon } from './split-common.cjs';

const module = (id: number, needs: string): string =>
  `__d(function(g,r){return ${id}},${id},${needs});`;

const entry = `${module(1, '[10,2]')}\n${module(2, '{"0":20,"1":30,"paths":{"30":"/walk.js"}}')}\n__r(1);`;
const files = new Map([
  ['entry.js', entry],
  ['yard.js', module(20, '[11,null]')],
  ['walk.js', module(30, '[12,10]')],
  ['due.js', module(40, '[13]')],
  ['how.js', module(50, '[10]')],
  [
    'common.js',
    [
      module(10, '[]'),
      // A remark inside a module may stand on lines of its own.
      `__d(function(g,r){\n/** @license */\nreturn 11},11,[14]);`,
      module(12, '[]'),
      module(13, '[12]'),
      module(14, '[]'),
      '//# a remark at the end',
    ].join('\n'),
  ],
]);
const split = (stages: string[][]) => splitCommon({ files, common: 'common.js', stages });

const idsIn = (text = ''): number[] => [...text.matchAll(/,(\d+),\[/g)].map(([, id]) => Number(id));

test('each module of the shared file is in one part: that of the first stage that asks for it, or the last', () => {
  const { parts } = split([['entry.js', 'yard.js'], ['walk.js']]);
  expect(parts.map(idsIn)).toEqual([[10, 11, 14], [12], [13]]);
  expect(parts.join('\n')).toContain('@license');
});

test('a file names every part but the first that it needs, by whatever way', () => {
  const { needs } = split([['entry.js', 'yard.js'], ['walk.js']]);
  expect(Object.fromEntries(needs)).toEqual({ 'walk.js': [1], 'due.js': [1, 2] });
});

test('what is loaded from a file of its own when it is asked for is not asked for now', () => {
  expect(split([['entry.js']]).parts.map(idsIn)).toEqual([
    [10, 11, 14],
    [12, 13],
  ]);
});

test('a file written otherwise is refused rather than cut wrongly', () => {
  const other = new Map([...files, ['odd.js', '__d(function(){},"named",[]);']]);
  expect(() => splitCommon({ files: other, common: 'common.js', stages: [['entry.js']] })).toThrow(
    /no module: __d/,
  );
});
