/** What measuring again would find if every mend in hand were done as it is meant: a walk nobody has made yet, for comparing. */
import type { Mend } from '../records/mend';
import type { Reading, Walk } from '../records/walk';
import { asMeant } from './as-meant';

/** Empty of readings where no mend is in hand; a mend that holds has been measured already. */
export function plannedWalk(placeId: string, mends: readonly Mend[], date: string): Walk {
  const readings = mends
    .filter(({ state }) => state !== 'held')
    .flatMap(({ id, targets }) =>
      targets.map((target, index): Reading => ({
        id: `${id}-${index}`,
        item: target.item,
        attribute: target.attribute,
        // After every reading of the day.
        at: `${date}T23:59:59.999Z`,
        how: 'estimated',
        value: asMeant(target.value),
      })),
    );
  return { id: 'planned', placeId, date, kind: 'measure-again', ended: true, readings };
}
