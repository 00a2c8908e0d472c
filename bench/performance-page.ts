/** The figures of a bench run as docs/performance.md. What was done about them is prose kept here, so that one script writes the page. */
import type { JudgingCost } from './judging';
import type { Scores } from './lighthouse.mjs';
import type { FirstLoad } from './size';

const aims = { scriptKb: 450, performance: 0.8 };

export function performancePage(
  load: FirstLoad,
  scores: readonly (Scores & { path: string })[],
  judging: JudgingCost,
): string {
  const met = (ok: boolean) => (ok ? 'met' : 'not met');
  const worst = Math.min(...scores.map(({ performance }) => performance));
  const rows = scores.map(
    (it) =>
      `| \`${it.path}\` | ${it.performance} | ${it.accessibility} | ${it.bestPractices} | ${it.lcp} ms | ${it.tbt} ms |`,
  );
  return `# Performance

Written by \`npm run bench\`; figures are of the machine it ran on and differ a little from run to run.

## First load

${load.scriptKb} kB of script in ${load.scripts} files (gzip), ${load.fontKb} kB of fonts. Aim: at most ${aims.scriptKb} kB of script: ${met(load.scriptKb <= aims.scriptKb)}.

## Lighthouse, mobile

First visit, demo place opened and stored on the way. Slow 4G and a processor four times slower, as Lighthouse simulates them.

| address | performance | accessibility | best practices | largest paint | blocking |
|---|---|---|---|---|---|
${rows.join('\n')}

Aim: performance at least ${aims.performance}: ${met(worst >= aims.performance)}.

## Judging

Ratios within one run, so that machines can be compared.

| what | cost |
|---|---|
| judging the demo place (19 bays, 7 animals, four scenarios with range), nothing kept | 1 (${judging.demoMs} ms here) |
| reading and checking the demo place's file | ${judging.readFile} |
| judging 60 bays against 30 animals, four scenarios with range, nothing kept | ${judging.sixtyMs} ms |
| the same after one changed reading | ${judging.changedMs} ms |
| the same for the one scenario a screen shows (aim 2 ms: ${met(judging.changedOneMs <= 2)}) | ${judging.changedOneMs} ms |
| the same routes by a general graph library (graphs built beforehand), in times of ours (aim 20: ${met(judging.library >= 20)}) | ${judging.library} |

Growth, as time a bay against 15 bays (1 is linear, less is better): ${judging.growth.map((it) => `${it.bays} bays ${it.perBay}`).join(', ')}.

Where the time goes: a bay's efforts are worked out once for each animal, bound and circumstance that can tell cases apart, and
kept for as long as the bay is as it was found; a changed reading works out one bay anew and searches again only where its
face's lightest way changed.

## What was done for it

- Routes load when they are needed (\`asyncRoutes\`); only the yard's own code comes with the first visit.
- Modules run when they are first used (\`inlineRequires\` in metro.config.js). Measured in pairs on one noisy machine: the
  performance score was higher with it in four runs of four (0.60, 0.67, 0.58, 0.55 against 0.55, 0.56, 0.47, 0.49).
- The chunks every screen needs are preloaded by the page, not found out about when the entry has run.
- The page shows its name before any script has run (first paint below a second), and drawings take their width from the
  window, so that nothing jumps (layout shift 0).
- A screen's first drawing is deferred, so that React cuts it into slices; plan grid and skirt strokes are one path each.
- Schemas are built once and picked from: checking the demo place's file costs a third of what it did.
- Icons are four paths of our own; days are written by the browser's own \`Intl\`.
- Four font files, Latin only, preloaded and swapped in; no icon font.
- No navigator: screens stand in a plain slot, so that no stack or tab machinery is mounted.
- The judgement is computed once a change, not once a render.

What stands in the way of 0.8: running the framework. Of some 1.4 MB of script (uncompressed) 1.1 MB are React, React
Native for the web and the router with its navigators, which this application does not use but the router's entry
requires; running them takes most of the blocking time at a quarter of the processor's speed, and the largest paint waits
for it. Replacing react-native-web's index by one that runs its parts on demand did not take (Expo resolves the name
first). Next to try: an entry of our own that mounts only the router's slot, and splitting react-native-web's index.
`;
}
