/** Which pictures were taken when, and of what: photos of the demo places. */
import { before } from './story';
import type { SceneName } from './scenes';

/** One that was taken. */
export interface Taken {
  readonly scene: SceneName;
  /** Whose photo it is: a bay, an opening, a mend, a loss in the log. */
  readonly item: string;
  /** YYYY-MM-DD */
  readonly date: string;
}

const taken = (ago: number, item: string, scene: SceneName): Taken => ({
  scene,
  item,
  date: before(ago),
});

/** By place, in the order in which they were taken. */
export const takenAt: Readonly<Record<string, readonly Taken[]>> = {
  'samphire-yard': [
    taken(420, 'n2', 'gapUnderSill'),
    taken(419, 'board-n2', 'gapUnderSill'),
    taken(414, 'board-n2', 'boardAlongSill'),
    taken(205, 'patch-s5', 'patchTorn'),
    taken(198, 'patch-s5', 'patchStapled'),
    taken(55, 's4', 'printsInMud'),
    taken(6, 'nest-lid', 'lidCorner'),
    taken(6, 'lid-again', 'lidCorner'),
  ],
  'tamarack-bank': [taken(395, 'brick', 'brickIn'), taken(30, 'fence', 'wireInGrass')],
};
