/** What it costs to say anew, after a reading, which readings could still change the answer: as the worker does it, at 60 bays. */
import type { Place } from '../src/core/place/place';
import { sharedWith } from '../src/core/place/shared-with';
import { setAttribute } from '../src/core/records/set-attribute';
import { endsOf } from '../src/core/settle/ends';
import { settlingWalk } from '../src/core/settle/settling-walk';
import { questionsOf } from '../src/core/walk/questions';
import { largePlace } from './large-place';

export interface SettlingCost {
  readonly unread: number;
  /** The first time, with nothing kept, and the middle of those after a reading each, ms. */
  readonly firstMs: number;
  readonly nextMs: number;
}

/** Two dozen readings nobody has taken, all over a place that is otherwise known. */
function partlyRead(): Place {
  const place = largePlace(60);
  const all = questionsOf(place).filter(({ attribute }) => endsOf(attribute));
  const every = Math.floor(all.length / 24);
  return all
    .filter((_, index) => index % every === 0)
    .reduce((it, { item, attribute }) => setAttribute(it, item, attribute, { any: true }), place);
}

export function settlingCost(): SettlingCost {
  const day = { date: '2026-11-26' };
  let found = partlyRead();
  const unread = questionsOf(found).filter(({ answered }) => !answered);
  const times = unread.slice(0, 24).map(({ item, attribute }) => {
    const value = endsOf(attribute)?.best;
    const read = value ? setAttribute(found, item, attribute, value) : found;
    // It comes to the worker as a copy.
    const sent = structuredClone(read);
    const start = performance.now();
    found = sharedWith(found, sent);
    settlingWalk(found, day);
    return Math.round(performance.now() - start);
  });
  const [firstMs = 0, ...next] = times;
  return {
    unread: unread.length,
    firstMs,
    nextMs: next.sort((a, b) => a - b)[Math.floor(next.length / 2)] ?? 0,
  };
}
