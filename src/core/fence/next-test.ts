/** The next test for a leak, after what is on record. */
import type { Fence } from '../place/fence';
import type { DescribedFence, FenceView } from './fence-view';
import { nextStep, type LeakTestResult, type NextStep } from './find-leak';
import { leakSearch } from './leak-search';
import { readVolts } from './read-volts';

/** Readings on record that show a leak are tests of it already; from before the line fell they say nothing of it. */
export function readingsOfLeak({ path, first }: FenceView, fence: Fence): LeakTestResult[] {
  if (first.kind !== 'leak') return [];
  return [...readVolts(path, fence)].map(([at, [low, high]]) => ({
    test: { kind: 'read', at },
    volts: (low + high) / 2,
  }));
}

/** The best next test for a leak, after the readings that show it. */
export function nextTest(view: FenceView, fence: DescribedFence): NextStep | undefined {
  const { path, source, lineCase } = view;
  if (!source) return undefined;
  const search = leakSearch(path, fence.line, source, lineCase);
  return nextStep(search, readingsOfLeak(view, fence), path.feed);
}
