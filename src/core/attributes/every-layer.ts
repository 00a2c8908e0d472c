/** Whether every layer of a bay says for itself what holds it, or what state it is in, so that the bay need not. */
import type { Bay } from '../place/bay';

/** True where no layer leaves it to the bay. */
export function everyLayer({ bands, openings }: Bay, says: 'fixing' | 'condition'): boolean {
  const layers = [
    ...bands.flatMap((band) => band.layers),
    ...openings.flatMap((opening) => opening.cover ?? []),
  ];
  return layers.every((layer) => layer[says] !== undefined);
}
