/**
 * `npm test`: installs what a new machine lacks, then lint, types, arrows, formatting, unit tests and browser tests.
 * Ends on one line, `N passed, N failed`, added up from the runners' own reports. A runner that left no report
 * is a failure.
 */
import { stripVTControlCharacters } from 'node:util';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { arrowsIn, bin, ensureBuilt, ensureInstalled, inRoot, run, runBeside } from './steps.mjs';
import { ensureChromium } from './chromium.mjs';

const reports = inRoot('reports');
rmSync(reports, { recursive: true, force: true });
mkdirSync(reports, { recursive: true });

/** What each runner found: [name, passed, failed]. */
const found = [];

async function check(name, command, args) {
  const { printed, status } = await runBeside(command, args);
  console.log(`\n— ${name}\n${printed}`);
  found.push([name, status === 0 ? 1 : 0, status === 0 ? 0 : 1]);
}

/** Runs one that writes a report, and reads it. An exit code that says failure is never overruled. */
function runner(name, command, args, report, read) {
  console.log(`\n— ${name}`);
  const status = run(command, args);
  const counted = existsSync(report) ? read(JSON.parse(readFileSync(report, 'utf8'))) : undefined;
  const [passed, failed] = counted ?? [0, 0];
  const silent = passed + failed === 0 || (status !== 0 && failed === 0);
  found.push([name, passed, failed + (silent ? 1 : 0)]);
}

const testsIn = ({ suites = [], specs = [] }) => [
  ...suites.flatMap(testsIn),
  ...specs.flatMap(({ tests, ...spec }) => tests.map((test) => ({ ...test, ...spec }))),
];

/** Passed at the second try, after a click that had found its button waited in vain for a frame of the browser's: the last line of its log. */
const wasNotDrawn = ({ status, results }) =>
  status === 'flaky' &&
  results[0].errors.some(({ message = '' }) =>
    /locator resolved to[^]*visible, enabled and stable\s*\n\s*\n/.test(
      stripVTControlCharacters(message),
    ),
  );

/** How often one that passed only at the second try has to pass by itself. */
const timesAlone = 5;

/** Whether it passes every time it is run alone: then the machine was too busy, or it fails too seldom to be caught here; it is named either way. */
function passesAlone({ title, file, line, projectName }) {
  console.log(`\n— ${title}: passed at the second try; ${timesAlone} times alone`);
  const only = [`e2e/${file}:${line}`, `--project=${projectName}`];
  const often = [`--repeat-each=${timesAlone}`, '--retries=0', '--reporter=line'];
  return run(bin('playwright'), ['test', ...only, ...often]) === 0;
}

ensureInstalled();
console.log('\nLint, types, arrows, formatting …');
// Two at a time: the first takes as long as the three others.
await Promise.all([
  check('lint', bin('eslint'), ['.', '--max-warnings', '0']),
  (async () => {
    await check('types', bin('tsc'), ['--noEmit']);
    await check('arrows', bin('depcruise'), arrowsIn);
    await check('formatting', bin('prettier'), ['--check', '--log-level', 'warn', '.']);
  })(),
]);

const unitReport = inRoot('reports', 'unit.json');
runner(
  'unit tests',
  bin('jest'),
  // All processors: by itself it leaves one out, which is half of two. A busy machine is slow, not wrong.
  ['--json', '--outputFile', unitReport, '--testTimeout', '60000', '--maxWorkers', '100%'],
  unitReport,
  ({ numPassedTests, numFailedTests, numRuntimeErrorTestSuites }) => [
    numPassedTests,
    numFailedTests + numRuntimeErrorTestSuites,
  ],
);

ensureBuilt();
ensureChromium('shell');
runner(
  'browser tests',
  bin('playwright'),
  ['test'],
  inRoot('reports', 'e2e.json'),
  ({ stats, suites, errors }) => {
    const again = suites.flatMap(testsIn).filter(({ status }) => status === 'flaky');
    const undrawn = again.filter(wasNotDrawn).length;
    if (undrawn > 0) console.log(`${undrawn} passed once the browser drew again`);
    // Any other that passes only at the second try may have found something.
    const alone = again.filter((it) => !wasNotDrawn(it)).filter(passesAlone).length;
    const failed =
      stats.unexpected + (again.length - undrawn - alone) + stats.skipped + errors.length;
    return [stats.expected + undrawn + alone, failed];
  },
);

console.log('');
for (const [name, passed, failed] of found) {
  console.log(`${name}: ${passed} of ${passed + failed}`);
}
const sum = (index) => found.reduce((total, row) => total + row[index], 0);
const line = `${sum(1)} passed, ${sum(2)} failed`;
writeFileSync(inRoot('reports', 'summary.txt'), `${line}\n`);
console.log(line);
process.exit(sum(2) === 0 ? 0 : 1);
