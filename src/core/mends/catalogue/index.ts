/** All mends, each kind's best first. */
import { flapOut, apronOut, skirtAndFoot, skirtDown, slabsAlong } from './against-digging';
import { baseTimber } from './base-timber';
import { battenEdge } from './batten-edge';
import { boardOver } from './board-over';
import { boarded } from './boarded';
import { collarPlate, lapSeam, screwShut } from './close-opening';
import { lightDoor, shutByDay, shutNightly, springCloser } from './door-habits';
import { floorMesh, meshUnder } from './floor-mesh';
import { frameDown } from './frame-down';
import { carabinerOn, clipEdge, holeStuffed, wedgeShut } from './for-tonight';
import { kerbAlong } from './kerb-along';
import { meshInBare } from './mesh-in-bare';
import { netOver, overhangOut, roofMesh } from './over-the-top';
import { batteryFresh, earthReturn, earthRods, lineJoined } from './line-earth';
import { fenceCharge, mownUnder, strandClear, strandMoved, strandSet } from './strands';
import { firstLine } from './first-line';
import { weightOn } from './weight-on';
import type { CatalogueKind, CatalogueMend } from './catalogue-mend';
import { doorBraced } from './door-braced';
import { doorStop } from './door-stop';
import { edgePegged } from './edge-pegged';
import { clipThroughHasp, padlock, twoMotionLatch } from './extra-latch';
import { lineWelded13, lineWelded25, lineWelded25x50, lineWelded6 } from './line-welded';
import { patchBoard } from './patch-board';
import { patchMesh } from './patch-mesh';
import { pegsIn } from './pegs-in';
import { popDoorRunners } from './pop-door-runners';
import { roostAway } from './roost-away';
import { screwsAndWashers } from './screws-and-washers';
import { coverScrewed, hingeScrews } from './door-holds';
import { secondFastening } from './second-fastening';
import { sillApron } from './sill-apron';
import { sillBoard } from './sill-board';
import { sillStones } from './sill-stones';

export type {
  Added,
  Amount,
  CatalogueKind,
  CatalogueMend,
  Caution,
  Material,
} from './catalogue-mend';

/** Every mend by its kind. */
export const catalogue: Readonly<Record<CatalogueKind, CatalogueMend>> = {
  'sill-board': sillBoard,
  'base-timber': baseTimber,
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
  'kerb-along': kerbAlong,
  'floor-mesh': floorMesh,
  'line-welded-25': lineWelded25,
  'line-welded-25x50': lineWelded25x50,
  boarded,
  'clip-edge': clipEdge,
  'hole-stuffed': holeStuffed,
  'wedge-shut': wedgeShut,
  'carabiner-on': carabinerOn,
  'collar-plate': collarPlate,
  'lap-seam': lapSeam,
  'screw-shut': screwShut,
  'spring-closer': springCloser,
  'light-door': lightDoor,
  'flap-out': flapOut,
  'mesh-under': meshUnder,
  'frame-down': frameDown,
  'hinge-screws': hingeScrews,
  'cover-screwed': coverScrewed,
  'door-braced': doorBraced,
  'edge-pegged': edgePegged,
  'shut-nightly': shutNightly,
  'shut-by-day': shutByDay,
  'overhang-out': overhangOut,
  'roof-mesh': roofMesh,
  'net-over': netOver,
  'weight-on': weightOn,
  'mesh-in-bare': meshInBare,
  'strand-set': strandSet,
  'strand-clear': strandClear,
  'fence-charge': fenceCharge,
  'strand-moved': strandMoved,
  'mown-under': mownUnder,
  'earth-rods': earthRods,
  'earth-return': earthReturn,
  'battery-fresh': batteryFresh,
  'line-joined': lineJoined,
  'first-line': firstLine,
};
