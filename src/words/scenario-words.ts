/** The scenarios by name. */
import type { Scenario } from '@/core/score/scenario';

/** For a narrow button, and in full. */
export const scenarioNames: Readonly<Record<Scenario, readonly [short: string, full: string]>> = {
  'night-shut': ['Shut', 'A night with everything shut as you shut it'],
  'left-open': ['Forgotten', 'A night on which the evening round is forgotten'],
  'day-run': ['Day in run', 'By day, the birds in the run'],
  ranging: ['Ranging', 'While the birds are out of the run'],
};

/** As the command line names them. */
export const scenarioPlain: Readonly<Record<Scenario, string>> = {
  'night-shut': 'night, shut',
  'left-open': 'night, the round forgotten',
  'day-run': 'day in the run',
  ranging: 'ranging',
};

/** What it takes for granted. */
export const scenarioNotes: Readonly<Record<Scenario, string>> = {
  'night-shut': 'Every door stands as your habit leaves it; the birds are at roost.',
  'left-open':
    'Every door of the evening round stands open. A light-sensing door may fail either way.',
  'day-run': 'Pop doors stand open, the birds are about in the run. What hunts by day is counted.',
  ranging: 'The birds are where you let them range, for as many hours as you say.',
};
