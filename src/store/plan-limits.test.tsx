import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { firstLimits, usePlanLimits } from './plan-limits';
import { storage } from './storage';

function rendered(placeId: string) {
  const client = new QueryClient();
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  return renderHook(() => usePlanLimits(placeId), { wrapper }).result;
}

beforeEach(() => storage.clear());

test('what was said is there again, for each place apart', async () => {
  const here = rendered('here');
  await waitFor(() => expect(here.current.limits).toEqual(firstLimits));
  const said = { cents: 2000, minutes: 90, must: ['a'], wont: [] };
  act(() => here.current.setLimits(said));
  await waitFor(() => expect(here.current.limits).toEqual(said));
  await waitFor(async () => expect(await storage.getItem('plan-limits:here')).not.toBeNull());
  const again = rendered('here');
  await waitFor(() => expect(again.current.limits).toEqual(said));
  const there = rendered('there');
  await waitFor(() => expect(there.current.limits).toEqual(firstLimits));
});

test.each(['not json', '{"cents": -1}', '{"cents": "5"}', '{"colour": 1}', '[]'])(
  'what cannot be read counts as never said: %s',
  async (kept) => {
    await storage.setItem('plan-limits:here', kept);
    const here = rendered('here');
    await waitFor(() => expect(here.current.limits).toEqual(firstLimits));
  },
);
