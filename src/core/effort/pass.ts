/** Pass: does an opening let this animal's body through? */
import type { AttributeId } from '../place/attributes';
import type { ItemId } from '../place/place';
import type { Animal, Closure } from '../tables/animals';
import type { PartEffort, Reason, Verdict } from './reason';
import { minutesOf } from './rung';

/**
 * An opening above the figure used counts as passing; under it and over the stricter figure it is in doubt,
 * which holds but is said. Where the source says "under", the figure itself passes.
 */
export function verdictOf(opening: number, closure: Closure): Verdict {
  const { used, strict } = closure;
  if (opening > used.value) return 'passes';
  if (closure.passesAtFigure && opening === used.value) return 'passes';
  return opening > strict.value ? 'in-doubt' : 'stopped';
}

/** Effort of passing an opening whose smallest clear dimension is `opening` mm. */
export function passEffort(
  animal: Animal,
  item: ItemId,
  attribute: AttributeId,
  opening: number,
): PartEffort {
  const { used, strict } = animal.closure;
  const verdict = verdictOf(opening, animal.closure);
  const over = Math.round((opening - used.value) * 100) / 100;
  return passPart(
    animal,
    item,
    { kind: 'opening', opening, used, strict, verdict, over },
    attribute,
  );
}

/** A pass judged by any reason: an opening that passes and a door that stands open are open, the rest holds. */
export function passPart(
  animal: Animal,
  item: ItemId,
  reason: Reason,
  attribute?: AttributeId,
): PartEffort {
  const open =
    reason.kind === 'stands-open' || (reason.kind === 'opening' && reason.verdict === 'passes');
  const rung = open ? 'open' : 'holds';
  return {
    animal: animal.id,
    item,
    ...(attribute && { attribute }),
    attack: 'pass',
    rung,
    minutes: minutesOf(rung),
    reason,
  };
}
