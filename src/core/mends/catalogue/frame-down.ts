/** A frame let down on its ground: wheels and jacks up, low corners packed. Done again at every move. */
import { isLightFrame } from './light-frame';
import { workTime, type CatalogueMend } from './catalogue-mend';

/** A frame let down on its ground, wheels and jacks up. */
export const frameDown: CatalogueMend = {
  kind: 'frame-down',
  term: 'tonight',
  spot: 'ground',
  fits: isLightFrame,
  takes: () => [],
  time: () => workTime(10),
  cautions: ['animal-inside'],
};
