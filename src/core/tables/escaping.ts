/** What birds themselves get out by. Assumptions of ours: nobody prints them, and breeds differ. */
import type { BirdKind } from './bird-kinds';
import type { Figure } from './figure';
import { assumed } from './millimetres';

/** The smallest opening that a bird of a kind goes out by, mm. */
export const getsOutBy: Readonly<Record<BirdKind, Figure>> = {
  chicks: assumed(40, 'In their first weeks; a day old they pass less.'),
  bantam: assumed(80, 'The head goes first, and the body is all feather.'),
  grown: assumed(100, 'The head goes first, and the body is all feather.'),
  sitting: assumed(100, 'As grown hens.'),
  ducks: assumed(100, 'Under a loose edge rather than through mesh.'),
  other: assumed(80, 'As the smaller hens.'),
};

/** Birds on foot go out by what begins below this, mm. */
export const outOnFoot: Figure = assumed(300, 'A hop, and no more.');
