/** What a screen looks at: one scenario on one day. It stands in the address, so that a link and the back button keep it. */
import { useGlobalSearchParams } from 'expo-router';
import { useMemo } from 'react';
import { scenarios, type Scenario } from '@/core/score/scenario';
import { useToday } from '@/store/use-today';

export interface Look {
  readonly scenario: Scenario;
  /** YYYY-MM-DD */
  readonly day: string;
  readonly today: string;
}

export function useLook(): Look {
  const { scenario, day } = useGlobalSearchParams<{ scenario?: string; day?: string }>();
  const today = useToday();
  return useMemo(
    () => ({
      scenario: scenarios.find((it) => it === scenario) ?? 'night-shut',
      day: day !== undefined && isDay(day) ? day : today,
      today,
    }),
    [scenario, day, today],
  );
}

/** What of a look an address has to say: only what differs from a shut night today. */
export function lookParams({ scenario, day, today }: Look): {
  readonly scenario?: Scenario;
  readonly day?: string;
} {
  return {
    ...(scenario !== 'night-shut' && { scenario }),
    ...(day !== today && { day }),
  };
}

function isDay(text: string): boolean {
  return /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(Date.parse(text));
}
