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
| judging the demo place (14 bays, 7 animals) | 1 (${judging.demoMs} ms here) |
| judging a place of 60 bays, all read | ${judging.sixtyBays} |
| reading and checking the demo place's file | ${judging.readFile} |

A judgement is far below a frame, so it runs on the page; a worker comes with the first computation that is not.

## What was done for it

- Routes load when they are needed (\`asyncRoutes\`); only the yard's own code comes with the first visit.
- Deep imports only (\`date-fns/format\`), never barrels; icons are four paths of our own.
- Four font files, Latin only, preloaded and swapped in; no icon font.
- No navigator: screens stand in a plain slot, so that no stack or tab machinery is mounted.
- The judgement is computed once a change, not once a render.

What stands in the way of more: the framework itself. React, React Native for the web and the router are about nine
tenths of the script; a page that paints before it has run would need rendering on the server, which a place that lives
only in the browser cannot have.
`;
}
