/** A described line worked out: volts in every bay, on the stake, along the wire, and across an animal. */
import type { Bay } from '../place/bay';
import type { FenceLine } from '../place/fence';
import { isBuried } from '../tables/shocking';
import { shareAcross, worthOfVolts } from './animal-share';
import type { LineCase } from './line-case';
import { networkOf, touchedBy } from './line-network';
import type { LinePath } from './line-path';
import { solve, type Solved } from './network';
import type { Source } from './source';

/** The line in one bay. */
export interface SolvedBay {
  readonly bay: Bay;
  /** On its wires against true earth, kV: of several, the least. */
  readonly volts: number;
  /** Through the wires from the bay before, A. */
  readonly amps: number;
  /** Of those volts, across an animal with its nose on the wire, 0 to 1. */
  readonly share: number;
  /** What those volts are worth against the tables' own, 0 to 1. */
  readonly worth: number;
}

/** A whole line, in the order of the path. */
export interface SolvedLine {
  readonly bays: readonly SolvedBay[];
  /** On the earth rods against true earth, kV. */
  readonly stake: number;
  /** What the rods resist, Ω. */
  readonly earthOhms: number;
  /** Out of the energizer at the peak, A. */
  readonly amps: number;
}

/** `undefined` volts are nowhere: a bay without live wire has 0. */
export function solveLine(
  path: LinePath,
  line: FenceLine,
  source: Source,
  lineCase: LineCase,
): SolvedLine {
  const { network, nodeOf, earth, earthOhms, piecesInto } = networkOf(path, line, source, lineCase);
  const solved = solve(network);
  const { snow = 0, ground } = lineCase;
  const bays = path.bays.map(({ bay, wires, isCut }, index): SolvedBay => {
    const nodes = wires.flatMap((strand, wire) => {
      const node = nodeOf(index, wire);
      // What lies in snow or on the ground is met by nobody: the others are.
      return node === undefined || isBuried(touchedBy(strand, lineCase)) ? [] : [node];
    });
    const [least] = nodes.sort((a, b) => voltsAt(solved, a) - voltsAt(solved, b));
    const amps = isCut
      ? 0
      : piecesInto(index).reduce((sum, piece) => sum + through(solved, piece), 0);
    if (least === undefined) return { bay, volts: 0, amps, share: 0, worth: 0 };
    const behind = solved.transfer(least, least);
    return {
      bay,
      volts: voltsAt(solved, least),
      amps,
      share: shareAcross(behind, ground, line.back, snow),
      worth: worthOfVolts(behind, ground, line.back, snow),
    };
  });
  const stake = Math.abs(voltsAt(solved, earth));
  return { bays, stake, earthOhms, amps: (stake / earthOhms) * 1000 };
}

/** Against true earth; rounding below it is nothing. */
const voltsAt = ({ volts }: Solved, node: number): number => {
  const found = volts[node] ?? 0;
  return Math.abs(found) < 1e-9 ? 0 : found;
};

const through = (solved: Solved, { from, to, ohms }: { from: number; to: number; ohms: number }) =>
  (Math.abs(voltsAt(solved, from) - voltsAt(solved, to)) / ohms) * 1000;
