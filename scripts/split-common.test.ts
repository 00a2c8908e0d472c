/** The shared file is cut by what each stage asks for; what is loaded when asked for does not count, what is asked for by way of others does. */
import { addressesOf, routeFiles, splitCommon } from './split-common.cjs';

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

describe('routes', () => {
  const route = (key: string, at: number): string =>
    `"${key}":{enumerable:!0,get:()=>r(d[1])(d[${at}],d.paths)}`;
  const list = `__d(function(g,r,i,a,m,e,d){const t=Object.defineProperties({},{${[
    route('./_layout.tsx', 2),
    route('./index.tsx', 3),
    route('./walk/[question].tsx', 4),
    route('./walk/end.tsx', 5),
    route('./+not-found.tsx', 6),
  ].join()}})},9,{"1":90,"2":20,"3":21,"4":22,"5":23,"6":24,"paths":{"20":"/js/l.js","21":"/js/i.js","22":"/js/q.js","23":"/js/e.js","24":"/js/n.js"}});`;
  const files = routeFiles(`${module(1, '[]')}\n${list}\n__r(1);`);

  test('each has the file of the module it loads', () => {
    expect(Object.fromEntries(files)).toEqual({
      './_layout.tsx': 'l.js',
      './index.tsx': 'i.js',
      './walk/[question].tsx': 'q.js',
      './walk/end.tsx': 'e.js',
      './+not-found.tsx': 'n.js',
    });
  });

  test.each([
    ['/', 'i.js'],
    ['/walk/n2~ground.gap', 'q.js'],
    ['/walk/end', 'e.js'],
    ['/walk/n2/else', undefined],
    ['/nowhere', undefined],
  ])('%s is answered by %s', (path, file) => {
    expect(addressesOf(files).find(([is]) => new RegExp(is).test(path))?.[1]).toBe(file);
  });

  test('a list written otherwise is refused', () => {
    expect(() => routeFiles(module(1, '[]'))).toThrow('no routes');
  });
});
