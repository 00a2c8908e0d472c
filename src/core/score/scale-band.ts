/** How far out the scale of the losses may be: apart from `experience.ts`, so that a screen that asks for no band need not load its package. */
import { jStat } from 'jstat';
import { priorLosses } from '../tables/losing';
import { fromOutside, timesOf, type Expected, type Lived } from './experience';

/** Chance that the true figure lies below the lower end, and above the upper end, of what is shown. */
const tail = 0.05;

/** The 90 % band of the scale about its mean, as times that mean: it closes with every loss seen and every year kept. */
export function bandAbout(lived: Lived, expected: readonly Expected[]): readonly [number, number] {
  const shape =
    priorLosses +
    lived.losses.reduce((all, loss) => all + fromOutside(loss), 0) +
    timesOf(lived.lost, expected);
  return [jStat.gamma.inv(tail, shape, 1 / shape), jStat.gamma.inv(1 - tail, shape, 1 / shape)];
}
