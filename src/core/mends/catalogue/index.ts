/** All mends, each kind's best first. */
import type { MendKind } from '../../place/mend';
import { apronOut, skirtAndFoot, skirtDown, slabsAlong } from './against-digging';
import { battenEdge } from './batten-edge';
import { boardOver } from './board-over';
import type { CatalogueMend } from './catalogue-mend';
import { doorStop } from './door-stop';
import { clipThroughHasp, padlock, twoMotionLatch } from './extra-latch';
import { lineWelded13, lineWelded6 } from './line-welded';
import { patchBoard } from './patch-board';
import { patchMesh } from './patch-mesh';
import { pegsIn } from './pegs-in';
import { popDoorRunners } from './pop-door-runners';
import { roostAway } from './roost-away';
import { screwsAndWashers } from './screws-and-washers';
import { secondFastening } from './second-fastening';
import { sillApron } from './sill-apron';
import { sillBoard } from './sill-board';
import { sillStones } from './sill-stones';

export type { Amount, CatalogueMend, Caution, Material } from './catalogue-mend';

export const catalogue: Readonly<Record<MendKind, CatalogueMend>> = {
  'sill-board': sillBoard,
  'sill-apron': sillApron,
  'sill-stones': sillStones,
  'apron-out': apronOut,
  'skirt-down': skirtDown,
  'skirt-and-foot': skirtAndFoot,
  'slabs-along': slabsAlong,
  'line-welded-13': lineWelded13,
  'line-welded-6': lineWelded6,
  'board-over': boardOver,
  'batten-edge': battenEdge,
  'screws-and-washers': screwsAndWashers,
  'patch-mesh': patchMesh,
  'patch-board': patchBoard,
  'pop-door-runners': popDoorRunners,
  'second-fastening': secondFastening,
  'door-stop': doorStop,
  'two-motion-latch': twoMotionLatch,
  'clip-through-hasp': clipThroughHasp,
  padlock,
  'roost-away': roostAway,
  'pegs-in': pegsIn,
};
