/**
 * The sentence, the plan's marks, the lap's marks and the list, read from the screen, agree with the command line, in every scenario of
 * both demo places; and every attack that occurs there leads from the yard to its figure and source in three taps.
 */
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { headline } from './steps';
import { expect, test, today, type Page } from './test';

interface Assessed {
  readonly waysIn: readonly { id: string }[];
  readonly slowWays: readonly { id: string }[];
  readonly marks: Readonly<Record<string, string>>;
  readonly items: readonly {
    readonly bay: string;
    readonly animal: string;
    readonly reasons: readonly { readonly attack: string; readonly minutes: number | null }[];
  }[];
}

const scenarios = ['night-shut', 'left-open', 'day-run', 'ranging'] as const;
type Scenario = (typeof scenarios)[number];
const demos = ['samphire-yard', 'tamarack-bank'] as const;
type Demo = (typeof demos)[number];

const assessed = new Map<string, Assessed>();

function assess(demo: Demo, scenario: Scenario): Assessed {
  const key = `${demo} ${scenario}`;
  const known = assessed.get(key);
  if (known) return known;
  const made = JSON.parse(
    execFileSync(
      process.execPath,
      [
        ...['scripts/command.mjs', 'assess', `demo/${demo}.json`, '--json'],
        ...['--date', today, '--scenario', scenario],
      ],
      { encoding: 'utf8', maxBuffer: 64_000_000 },
    ),
  ) as Assessed;
  assessed.set(key, made);
  return made;
}

const names = { 'samphire-yard': 'Samphire Yard', 'tamarack-bank': 'Tamarack Bank' } as const;
const scenarioLinks: Readonly<Record<Scenario, RegExp>> = {
  'night-shut': /^A night with everything shut/,
  'left-open': /^A night on which/,
  'day-run': /^By day, the birds in the run/,
  ranging: /^While the birds are out/,
};
const marks = {
  holds: 'holds',
  hours: 'hours of work',
  open: 'open or minutes',
  unread: 'not looked at',
} as const;

async function openDemo(page: Page, demo: Demo): Promise<void> {
  await page.goto('/');
  await expect(headline(page)).toBeVisible();
  if (demo === 'samphire-yard') return;
  await page.goto('/places');
  await page.getByRole('button', { name: `Look at ${names[demo]}` }).click();
  await expect(page.getByText(new RegExp(`^${names[demo]} · `))).toBeVisible();
}

interface BayOfFile {
  readonly id: string;
  readonly name: string;
  /** Drawn in the plan, as a line to touch. */
  readonly isWall: boolean;
}

/** Every bay in the demo's file. */
function allBays(demo: Demo): BayOfFile[] {
  const { place } = JSON.parse(readFileSync(`demo/${demo}.json`, 'utf8')) as {
    place: {
      faces: { kind: string; bays: { id: string; name: string }[] }[];
    };
  };
  return place.faces.flatMap(({ kind, bays }) =>
    bays.map(({ id, name }) => ({
      id,
      name,
      isWall: kind === 'wall' || kind === 'partition',
    })),
  );
}

/** Names of the lap's bays that stand with a mark. */
async function counted(page: Page, mark: keyof typeof marks) {
  const inLap = page.getByRole('button', { name: new RegExp(`^Lap, .* \\(${marks[mark]}\\)$`) });
  const labels = await inLap.evaluateAll((all) => all.map((it) => it.getAttribute('aria-label')));
  return labels.map((it) => /^Lap, (.*) \(/.exec(it ?? '')?.[1] ?? '');
}

for (const demo of demos) {
  test(`${demo}: sentence, plan, lap and list say what assess says`, async ({ page }) => {
    await openDemo(page, demo);
    for (const scenario of scenarios) {
      const { waysIn, slowWays, marks: told } = assess(demo, scenario);
      await page.getByRole('link', { name: scenarioLinks[scenario] }).click();
      await expect(page.getByRole('link', { name: /^Way in \d/ })).toHaveCount(waysIn.length);
      await expect(page.getByRole('link', { name: /^Slow way/ })).toHaveCount(slowWays.length);
      if (waysIn.length > 0) {
        await expect(headline(page)).toContainText(new RegExp(`^${waysIn.length} ways? in `));
      } else {
        await expect(headline(page)).not.toContainText(/ways? in (tonight|by day|while)/);
      }
      // On a phone the lap is drawn last.
      await expect(page.getByRole('button', { name: /^Lap, / })).not.toHaveCount(0);
      for (const mark of Object.keys(marks) as (keyof typeof marks)[]) {
        const inLap = await counted(page, mark);
        for (const name of new Set(inLap)) {
          // The wall of that name has this mark, and the same line in the plan.
          const same = allBays(demo).filter((bay) => bay.name === name && told[bay.id] === mark);
          expect(same.length, `${scenario}, ${name}: ${mark}`).toBeGreaterThan(0);
          const inPlan = page.getByRole('button', { name: `${name}: ${marks[mark]}`, exact: true });
          expect(await inPlan.count()).toBeGreaterThanOrEqual(
            inLap.filter((it) => it === name).length,
          );
        }
      }
    }
  });
}

const attackTitles: Readonly<Record<string, string>> = {
  pass: 'Passing through openings',
  open: 'Opening latches',
  reach: 'Reaching in',
  tear: 'Tearing and gnawing',
  dig: 'Digging',
  climb: 'Climbing over',
  jump: 'Jumping over',
  fly: 'Flying in',
  lift: 'Lifting or tipping',
  wait: 'Waiting for a door left open',
};

/** The first wall at which each attack is judged at all, one that lets something by where there is one. */
function whereAttacks(demo: Demo, walls: ReadonlyMap<string, string>) {
  const found = new Map<string, { bay: string; scenario: Scenario; lets: boolean }>();
  for (const scenario of scenarios) {
    for (const { bay, reasons } of assess(demo, scenario).items) {
      if (!walls.has(bay)) continue;
      for (const { attack, minutes } of reasons) {
        const known = found.get(attack);
        const lets = minutes !== null;
        if (!known || (lets && !known.lets)) found.set(attack, { bay, scenario, lets });
      }
    }
  }
  return found;
}

test('every attack is three taps from its figure and source', async ({ page }) => {
  test.setTimeout(240_000);
  const seen = new Set<string>();
  for (const demo of demos) {
    await openDemo(page, demo);
    const walls = new Map(
      allBays(demo)
        .filter(({ isWall }) => isWall)
        .map(({ id, name }) => [id, name] as const),
    );
    for (const [attack, { bay, scenario }] of whereAttacks(demo, walls)) {
      if (seen.has(attack)) continue;
      await page.goto(scenario === 'night-shut' ? '/' : `/?scenario=${scenario}`);
      const name = walls.get(bay) ?? '';
      // One: the wall. Two: who gets by it. Three: where the figure comes from.
      await page
        .getByRole('button', { name: new RegExp(`^${name}: `) })
        .first()
        .click();
      await page.getByRole('button', { name: `Who gets by ${name}, and why` }).click();
      const part = page.getByRole('group', { name: attackTitles[attack] ?? attack, exact: true });
      await part
        .getByRole('button', { name: /^(Where this comes from|Why it holds|What would be enough)/ })
        .first()
        .click();
      await expect(
        part.getByText(/common practice|recalled from memory|assumption of ours/).first(),
      ).toBeVisible();
      seen.add(attack);
    }
  }
  // All that can be met at walls of these two places: both are roofed, so nothing climbs, leaps or flies over.
  expect([...seen].sort()).toEqual(['dig', 'lift', 'open', 'pass', 'reach', 'tear', 'wait']);
});
