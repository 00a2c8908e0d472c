/** The loose bottom edge of netting or wire that hangs slack, drawn tight and pegged down. */
import { isKnown } from '../../place/possible';
import { meshes, type MeshKind } from '../../tables/meshes';
import { practice } from '../../tables/millimetres';
import { soilFigures, type Soil } from '../../tables/soils';
import { meshMembers } from '../../effort/bound';
import type { WeakSpot } from '../weak-spot';
import { workTime, type CatalogueMend } from './catalogue-mend';

/** From one peg to the next along a bottom edge. */
export const edgePegs = practice(300, 'Netting’s bottom edge is pegged every 300 mm or so.');

/** What hangs by its upper edge: a welded panel or a board stands by itself. */
const hangs: readonly MeshKind[] = ['fabric', 'hex', 'chain-link', 'woven'];

/** Pegs along a bottom edge that lifts. */
export const edgePegged: CatalogueMend = {
  kind: 'edge-pegged',
  term: 'lasting',
  spot: 'ground',
  // A gap that is there without lifting wants something that fills it.
  fits: (weak) =>
    weak.parts.every(({ attribute }) => attribute === 'ground.gapLifted') &&
    holdsPegs(weak) &&
    isHung(weak),
  takes: ({ bay }) => [{ material: 'pegs', count: Math.ceil(bay.width / edgePegs.value) + 1 }],
  time: ({ bay }) => workTime(10 + bay.width / 200),
  cautions: ['digging'],
};

function holdsPegs({ bay }: WeakSpot): boolean {
  const soil = bay.ground?.soil;
  return isKnown<Soil>(soil) && soilFigures[soil.is].pegsHoldFrom !== undefined;
}

/** All that reaches the ground. */
function isHung({ bay }: WeakSpot): boolean {
  const low = bay.bands
    .find(({ from }) => from === 0)
    ?.layers.flatMap(({ mesh }) => meshMembers(mesh));
  return (
    low !== undefined &&
    low.length > 0 &&
    low.every((mesh) => mesh !== 'none' && hangs.includes(meshes[mesh].kind))
  );
}
