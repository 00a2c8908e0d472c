/** What is drawn for each attribute: what hands do, where on the strip of wall to look, and what its answers look like. */
import type { ReactNode } from 'react';
import type { AttributeId, ChoiceId, ChoicesOf } from '@/core/attributes';
import {
  conditionPictures,
  coverPicture,
  fixingPictures,
  latchPicture,
  soilPictures,
  touchingPictures,
} from './answer-pictures';
import * as shapes from './hands/shapes';

/** Where on the strip the spot is marked; `item`: the opening or layer itself, or else the bay. */
export type SpotMark = 'ground-line' | 'lifted-edge' | 'below-ground' | 'band' | 'item';

interface Drawn {
  /** `by-opening`: as the opening moves. */
  readonly hands: ReactNode;
  readonly mark: SpotMark;
}

type Answers<C extends string> =
  Readonly<Record<C, ReactNode>> | ((choice: C) => ReactNode) | 'words-only';

export type AttributeDrawing = Drawn & { readonly answers?: Answers<never> };

export const attributeDrawings: {
  readonly [Id in AttributeId]: Drawn &
    (Id extends ChoiceId ? { readonly answers: Answers<ChoicesOf<Id>> } : object);
} = {
  'ground.gap': { hands: shapes.gapUnder, mark: 'ground-line' },
  'ground.gapLifted': { hands: shapes.edgeLifted, mark: 'lifted-edge' },
  'ground.soil': { hands: shapes.spade, mark: 'ground-line', answers: soilPictures },
  'ground.weight': { hands: shapes.frameLifted, mark: 'ground-line' },
  'ground.pegs': { hands: shapes.peg, mark: 'ground-line' },
  'ground.timber': { hands: shapes.timberProbed, mark: 'ground-line', answers: 'words-only' },
  'ground.digging': { hands: shapes.dugUnder, mark: 'ground-line', answers: 'words-only' },
  'ground.floor': { hands: shapes.wireFloor, mark: 'ground-line', answers: coverPicture },
  'skirt.depth': { hands: shapes.skirtDown, mark: 'below-ground' },
  'skirt.outward': { hands: shapes.skirtFlat, mark: 'below-ground' },
  'skirt.mesh': { hands: shapes.skirtFlat, mark: 'below-ground', answers: coverPicture },
  'skirt.tied': { hands: shapes.skirtPulled, mark: 'below-ground', answers: 'words-only' },
  'bay.fixing': { hands: shapes.fixings, mark: 'item', answers: fixingPictures },
  'bay.condition': { hands: shapes.look, mark: 'item', answers: conditionPictures },
  'bay.panelPulled': { hands: shapes.panelPulled, mark: 'item' },
  'bay.largestHole': { hands: shapes.hole, mark: 'item' },
  'bay.roost': { hands: shapes.roost, mark: 'item' },
  'top.kind': { hands: shapes.look, mark: 'item', answers: 'words-only' },
  'top.width': { hands: shapes.look, mark: 'item' },
  'layer.mesh': { hands: shapes.look, mark: 'band', answers: coverPicture },
  'layer.clear': { hands: shapes.meshMeasured, mark: 'band' },
  'layer.wire': { hands: shapes.meshMeasured, mark: 'band' },
  'layer.fixing': { hands: shapes.fixings, mark: 'band', answers: fixingPictures },
  'layer.condition': { hands: shapes.look, mark: 'band', answers: conditionPictures },
  'opening.gap': { hands: shapes.doorGap, mark: 'item' },
  'opening.gapPulled': { hands: 'by-opening', mark: 'item' },
  'opening.hinges': { hands: shapes.look, mark: 'item', answers: 'words-only' },
  'opening.crossed': { hands: shapes.look, mark: 'item', answers: 'words-only' },
  'opening.hooked': { hands: shapes.look, mark: 'item', answers: 'words-only' },
  'opening.letGo': { hands: shapes.look, mark: 'item', answers: 'words-only' },
  'opening.shutBy': { hands: shapes.look, mark: 'item', answers: 'words-only' },
  'opening.byDay': { hands: shapes.look, mark: 'item', answers: 'words-only' },
  'opening.habit': { hands: shapes.look, mark: 'item', answers: 'words-only' },
  'latch.kind': { hands: shapes.latch, mark: 'item', answers: latchPicture },
  'strand.height': { hands: shapes.strandUp, mark: 'item' },
  'strand.standOff': { hands: shapes.strandOut, mark: 'item' },
  'strand.touching': { hands: shapes.strandTouched, mark: 'item', answers: touchingPictures },
  'strand.volts': { hands: shapes.volts, mark: 'item' },
  'fence.open': { hands: shapes.volts, mark: 'item' },
  'fence.volts': { hands: shapes.volts, mark: 'item' },
  'fence.ground': { hands: shapes.earthStake, mark: 'item', answers: 'words-only' },
  'fence.rods': { hands: shapes.earthStake, mark: 'item' },
  'fence.back': { hands: shapes.look, mark: 'item', answers: 'words-only' },
  'check.cover': { hands: shapes.lyingUp, mark: 'item', answers: 'words-only' },
  'check.leaning': { hands: shapes.ladder, mark: 'item', answers: 'words-only' },
  'check.branches': { hands: shapes.branchOver, mark: 'item', answers: 'words-only' },
  'check.food': { hands: shapes.look, mark: 'item', answers: 'words-only' },
  'check.sign': { hands: shapes.look, mark: 'item', answers: 'words-only' },
  'check.dressed': { hands: shapes.look, mark: 'item', answers: 'words-only' },
  'check.force': { hands: shapes.latchWorked, mark: 'item', answers: 'words-only' },
  'check.eaves': { hands: shapes.eavesTapped, mark: 'item', answers: 'words-only' },
  'check.load': { hands: shapes.loadedRoof, mark: 'item', answers: 'words-only' },
  'check.voltsNear': { hands: shapes.volts, mark: 'item' },
  'check.earth': { hands: shapes.earthStake, mark: 'item' },
  'check.battery': { hands: shapes.batteryBox, mark: 'item', answers: 'words-only' },
  'check.restVolts': { hands: shapes.batteryBox, mark: 'item' },
  'check.on': { hands: shapes.look, mark: 'item', answers: 'words-only' },
  'check.signs': { hands: shapes.warningSign, mark: 'item', answers: 'words-only' },
  'check.joined': { hands: shapes.look, mark: 'item', answers: 'words-only' },
  'check.square': { hands: shapes.squarePen, mark: 'item', answers: 'words-only' },
  'check.dugInside': { hands: shapes.look, mark: 'item', answers: 'words-only' },
  'check.vermin': { hands: shapes.look, mark: 'item', answers: 'words-only' },
  'check.hides': { hands: shapes.hide, mark: 'item', answers: 'words-only' },
  'check.air': { hands: shapes.look, mark: 'item', answers: 'words-only' },
  'check.lamp': { hands: shapes.lamp, mark: 'item', answers: 'words-only' },
  'check.wayOut': { hands: shapes.doorOut, mark: 'item', answers: 'words-only' },
  'check.shut': { hands: shapes.doorTicked, mark: 'item', answers: 'words-only' },
  'check.heads': { hands: shapes.headsInRow, mark: 'item' },
  'check.shutTook': { hands: shapes.clock, mark: 'item' },
};
