/**
 * What is folded away on a stop. The worker answers a moment after each reading, when a finger is on its way to the next row: nothing is
 * folded under it, only with what the keeper does next. What matters again is shown at once.
 */
import { useEffect, useState } from 'react';
import type { Settled } from './use-settling';

type Ids = ReadonlySet<string>;
const none: Ids = new Set();

/** The last answer, so that what is folded stays so on the next stop until the worker has looked again. */
let last: { readonly placeId: string; readonly folded: Ids } | undefined;

interface Held {
  readonly moment: readonly unknown[];
  readonly folded: Ids;
}

/** `moment`: another stop, or another reading. */
export function useFolds(
  placeId: string,
  settled: Settled | undefined,
  moment: readonly unknown[],
): Ids {
  useEffect(() => {
    if (settled) last = { placeId, folded: settled.folded };
  }, [placeId, settled]);
  const latest = settled?.folded ?? (last?.placeId === placeId ? last.folded : none);
  const [held, setHeld] = useState<Held>({ moment, folded: latest });
  const isSameMoment = moment.every((it, index) => it === held.moment[index]);
  const folded = isSameMoment ? still(held.folded, latest) : latest;
  if (!isSameMoment || folded.size < held.folded.size) setHeld({ moment, folded });
  return isSameMoment && folded.size === held.folded.size ? held.folded : folded;
}

const still = (folded: Ids, latest: Ids): Ids =>
  folded === latest ? folded : new Set([...folded].filter((id) => latest.has(id)));
