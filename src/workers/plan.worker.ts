/** Plans away from the screen, in turns, so that a newer question is heard while an older one is worked at. */
import '@/core/fence/dense-inverse';
import { answering, limitsWithHand } from '@/core/mends/plan/answer';
import { ownEffects, suggestedValue } from '@/core/mends/own-mend';
import { livedScales } from '@/core/score/losses';
import { buildProblem, type Planning } from '@/core/mends/plan/build-problem';
import { curving } from '@/core/mends/plan/curve';
import { effortsBy } from '@/core/mends/plan/efforts';
import { stopgaps } from '@/core/mends/plan/for-tonight';
import type { Limits } from '@/core/mends/plan/limits';
import { shuttingOut } from '@/core/mends/plan/shut-out';
import { tillOf, type Till } from '@/core/mends/plan/till';
import { worthwhile } from '@/core/mends/plan/worthwhile';
import { unitPricesOf } from '@/core/mends/shopping/shop';
import { applyReadings } from '@/core/records/apply-readings';
import { withFlockOn } from '@/core/records/flock-on';
import type { Steps } from '@/core/steps';
import type { AnimalId } from '@/core/tables/animals';
import type { FromPlanner, ToPlanner } from './plan-talk';

const scope = self as unknown as { postMessage(told: unknown): void };
const tell = (told: FromPlanner): void => scope.postMessage(told);

let session: Planning | undefined;
let till: Till | undefined;
let last = 0;
const stopped = new Set<number>();
/** The curve asks only for what can be spent, so it is not drawn again for another sum. */
let drawn: string | undefined;

/** Longest stretch without listening, ms. */
const turn = 40;

/** Works it to its end, or drops it where something newer was asked: then undefined. */
async function inTurns<T>(steps: Steps<T>, ask: number): Promise<T | undefined> {
  let since = performance.now();
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    if (performance.now() - since < turn) continue;
    await new Promise((resolve) => setTimeout(resolve, 0));
    if (ask !== last) return undefined;
    since = performance.now();
  }
}

/** A sum of the curve that is not proved by then is drawn as it is, ms. */
const longestSum = 4000;

function patience(): () => boolean {
  const until = performance.now() + longestSum;
  return () => performance.now() < until;
}

async function plan(ask: number, limits: Limits, animal: AnimalId | undefined): Promise<void> {
  if (!session || !till) return;
  const [current, shop] = [session, till];
  const report = (it: {
    readonly nodes: number;
    readonly best: number;
    readonly bound: number;
  }) => {
    tell({ kind: 'progress', ask, nodes: it.nodes, best: it.best, bound: it.bound });
    return !stopped.has(ask);
  };
  const answer = await inTurns(answering(current, limits, shop, report), ask);
  if (!answer) return;
  tell({ kind: 'answer', ask, answer });
  if (animal) await shutOut(current, shop, ask, limits, animal);
  const { cents: _cents, ...others } = limitsWithHand(current, limits);
  const key = JSON.stringify(others);
  if (key === drawn) return;
  const curve = await inTurns(curving(current.problem, others, shop, patience), ask);
  if (!curve) return;
  drawn = key;
  tell({ kind: 'curve', ask, curve });
  // What the curve came upon the plan for this sum does not fall behind.
  const { cents = Infinity } = limits;
  const isBehind = curve.points.some(
    (it) => it.cents <= cents && answer.after - it.after > worthwhile.value,
  );
  if (!isBehind) return;
  const again = await inTurns(answering(current, limits, shop, report), ask);
  if (again) tell({ kind: 'answer', ask, answer: again });
}

async function shutOut(
  { problem }: Planning,
  shop: Till,
  ask: number,
  limits: Limits,
  animal: AnimalId,
): Promise<void> {
  const result = await inTurns(shuttingOut(problem, animal, 'night-shut', limits, shop), ask);
  if (!result) return;
  const ids = result.can ? result.chosen.map((it) => problem.candidates[it]?.id ?? '') : [];
  tell({
    kind: 'shut-out',
    ask,
    shutOut: {
      animal,
      can: result.can,
      chosen: ids,
      cents: result.can ? result.cents : 0,
      wholeCents: result.can ? result.paid : 0,
      minutes: result.can ? result.minutes : 0,
      stays: result.can ? [] : result.stays,
    },
  });
}

self.addEventListener('message', ({ data }: MessageEvent<ToPlanner>) => {
  if (data.kind === 'stop') {
    stopped.add(data.ask);
    return;
  }
  if (data.kind === 'plan') {
    last = data.ask;
    void plan(data.ask, data.limits, data.shutOut);
    return;
  }
  const laid = applyReadings(data.place, data.walks).place;
  const found = withFlockOn(laid, data.log, data.date);
  const unitPrices = unitPricesOf(data.place, data.shop);
  const year = Number(data.date.slice(0, 4));
  const { low } = livedScales(data.place, data.walks, { log: data.log, date: data.date }, year);
  session = buildProblem(found, {
    log: data.log,
    mends: data.mends,
    year,
    unitPrices,
    scales: low,
  });
  till = tillOf(session, data.shop);
  const { candidates, problem, harmful } = session;
  drawn = undefined;
  tell({
    kind: 'opened',
    opened: {
      candidates: candidates.map(({ proposal: _proposal, ...it }, index) => ({
        ...it,
        efforts: effortsBy(problem, index),
      })),
      harmful: harmful.map(({ mend }) => mend),
      stopgaps: stopgaps(found, data.date, unitPrices),
      ownSpots: session.spots
        .filter(({ spot, zone }) => ownEffects[spot.kind] && !zone)
        .map((weak) => {
          const suggested = suggestedValue(weak);
          return {
            bay: weak.bay.id,
            spot: weak.spot,
            letsBy: weak.letsBy,
            ...(suggested !== undefined && { suggested }),
          };
        }),
    },
  });
});
