/** A run with an elbow, paced clockwise from its gate, and a place begun from it. */
import type { PacedBeginning, PacedHouse } from '../place/begin-paced';
import { checkPacing, isPacing, type PacedSide } from '../place/pacing';

export const elbow: readonly PacedSide[] = [
  { length: 4100, turn: 90 },
  { length: 5600, turn: 90 },
  { length: 2700, turn: 90 },
  { length: 2200, turn: -90 },
  { length: 1400, turn: 90 },
  { length: 3400, turn: 90 },
];

/** What is said of a place paced so; throws where the pacing does not close. */
export function beginningOf(sides: readonly PacedSide[], house?: PacedHouse): PacedBeginning {
  const pacing = checkPacing(sides);
  if (!isPacing(pacing)) throw new Error(JSON.stringify(pacing));
  return {
    id: 'p',
    name: 'Paced',
    units: 'metric',
    region: 'gb',
    birds: 6,
    kind: 'grown',
    runHeight: 1800,
    pacing,
    ...(house && { house }),
  };
}
