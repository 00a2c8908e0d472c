/** What the screens see of the open place, and how another is put there. */
import type { QueryClient } from '@tanstack/react-query';
import { readyToJudge } from './ready-to-judge';
import type { Yard } from './records';

export const yardKey = ['yard'] as const;

/** What is being fetched meanwhile was stored before this: it would show last, so it is let go, and asked for anew. */
export async function showYard(client: QueryClient, yard: Yard | null): Promise<void> {
  if (yard) await readyToJudge(yard.place);
  const wasFetching = client.isFetching({ queryKey: yardKey }) > 0;
  if (wasFetching) await client.cancelQueries({ queryKey: yardKey });
  client.setQueryData(yardKey, yard);
  if (wasFetching) void client.invalidateQueries({ queryKey: yardKey });
}
