/** A mend in hand at a bay of the demo place, for tests that are about what becomes of it. */
import type { Mend, MendKind } from '../records/mend';

export function aMend(kind: MendKind, bay: string, more: Partial<Mend> = {}): Mend {
  const { state = 'planned' } = more;
  return {
    id: `${kind} ${bay}`,
    placeId: 'samphire-yard',
    kind,
    bay,
    spot: { kind: 'ground', item: bay },
    stops: ['norway-rat'],
    targets: [{ item: bay, attribute: 'ground.gap', value: { atMost: 12.7 } }],
    state,
    history: [{ state, at: '2026-11-20T10:00:00Z' }],
    ...more,
  };
}
