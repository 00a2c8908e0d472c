/** What measuring again would read if a mend were done just as it was asked for. */
import type { TargetValue } from '../records/mend';
import type { Is } from '../place/possible';

/** No better than what was asked for. */
export function asMeant(value: TargetValue): Is<number> | Is<string> {
  if ('atMost' in value) return { is: value.atMost };
  if ('atLeast' in value) return { is: value.atLeast };
  if ('near' in value) return { is: value.near };
  return { is: value.is };
}
