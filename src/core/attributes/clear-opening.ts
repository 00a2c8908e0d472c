/** Clear opening of a layer, wire edge to wire edge, the smaller way. Netting stretches, so it is measured; welded mesh of a known kind clears what the tables say, and a board has none. */
import { type CoverId } from '../place/bay';
import { isKnown, type Possible } from '../place/possible';
import { meshes } from '../tables/meshes';
import { amount, never } from './attribute';
import { coarsestMesh, usualGaps } from './limits';
import { field } from './paths';

/** Whether the kind of mesh or board says by itself how wide it is open. */
export const saysItsOpening = (mesh: Possible): boolean =>
  isKnown<CoverId>(mesh) &&
  (mesh.is === 'none' || ['solid', 'welded'].includes(meshes[mesh.is].kind));

/** Clear opening, mm, of a mesh whose kind does not say it. */
export const clearOpening = amount('layer', {
  unit: 'mm',
  better: 'less',
  limits: [0, coarsestMesh],
  usual: usualGaps,
  asked: {
    when: ({ mesh }) => !saysItsOpening(mesh),
    isAnswered: ({ mesh }) => !('any' in mesh),
  },
  shortWalks: [],
  wears: false,
  isAlike: true,
  looksAt: ['canvas-in-sun', 'netting-in-sun', 'wire-in-air'],
  spots: ['mesh'],
  isUnreadWithout: never,
  bears: 'hole',
  path: field('clear'),
});
