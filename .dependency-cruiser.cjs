/** Which way arrows run (ARCHITECTURE.md): each floor knows only those below it, and nothing runs in a circle, types included. */

/** From the ground up; those on one floor may know one another. */
const floors = [
  ['src/core/schema', 'src/core/tables'],
  ['src/core/place'],
  ['src/core/attributes'],
  ['src/core/effort'],
  ['src/core/fence'],
  ['src/core/records'],
  ['src/core/nights', 'src/core/routes'],
  ['src/core/score', 'src/core/walk', 'src/core/rounds', 'src/core/room', 'src/core/settle'],
  ['src/core/signs', 'src/core/mends', 'src/core/devices'],
  ['src/core/formats'],
  ['src/core/join'],
  ['src/store', 'src/workers'],
  ['src/words'],
  ['src/ui'],
  ['src/features'],
  ['src/app'],
];

const under = (folders) => `^(${folders.join('|')})/`;
const tests = '\\.test\\.tsx?$|^src/core/tests/';

const upward = floors.slice(0, -1).map((floor, index) => ({
  name: `nothing above ${floor.join(', ')}`,
  severity: 'error',
  from: { path: under(floor), pathNot: tests },
  to: { path: under(floors.slice(index + 1).flat()) },
}));

module.exports = {
  forbidden: [
    {
      name: 'no circles',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    ...upward,
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.mts', '.js', '.mjs', '.cjs'] },
  },
};
