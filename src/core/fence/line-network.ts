/** The network of a described line: a node for each wire in each bay, wires joined where it is fed and where one of them ends. */
import { choiceAt, type Bound } from '../effort/bound';
import { bounds } from '../place/possible';
import type { Strand } from '../place/bay';
import { usualRods, type FenceLine } from '../place/fence';
import { insulatorEvery, insulatorOhms, leakOhms, type Surface } from '../tables/fence-leaks';
import { clampOhms } from '../tables/fence-first';
import { overgrown } from '../tables/fence-ground';
import { wireOhms } from '../tables/fence-wires';
import { touching, type Touching } from '../tables/shocking';
import { limitsOf } from '../attributes';
import { earthOhms } from './electrode';
import type { LineCase } from './line-case';
import type { LineBay, LinePath } from './line-path';
import type { Leak, Network, Piece } from './network';
import type { Source } from './source';

/** A line as a network, and which node is which wire; Ω. */
export interface LineNetwork {
  readonly network: Network;
  /** By bay on the line and wire from below; `undefined` where that bay has no such wire. */
  readonly nodeOf: (bay: number, wire: number) => number | undefined;
  readonly earth: number;
  readonly earthOhms: number;
  /** From one wire in one bay to the same in the next, for a search that opens the line there. */
  readonly piecesInto: (bay: number) => readonly Piece[];
}

/** The line as a linear network: nodes along its path, wires between them, leaks and the animal to earth. Conductances in siemens. */
export function networkOf(
  path: LinePath,
  line: FenceLine,
  source: Source,
  lineCase: LineCase,
): LineNetwork {
  const { bays, shape, feed } = path;
  const numbers = new Map<string, number>();
  bays.forEach(({ wires }, bay) =>
    wires.forEach((_, wire) => numbers.set(`${bay} ${wire}`, numbers.size)),
  );
  const nodeOf = (bay: number, wire: number) => numbers.get(`${bay} ${wire}`);
  const along = wireOhms[line.wire].value / 1000;
  const piecesInto = (bay: number): Piece[] => {
    const { wires, fromBefore } = bays[bay] ?? none;
    const before = bay > 0 ? bay - 1 : shape === 'ring' ? bays.length - 1 : undefined;
    if (before === undefined || before === bay) return [];
    return wires.flatMap((_, wire) => {
      const [from, to] = [nodeOf(before, wire), nodeOf(bay, wire)];
      const ohms = Math.max(along * fromBefore, 1e-3);
      return from === undefined || to === undefined ? [] : [{ from, to, ohms }];
    });
  };
  const pieces = bays.flatMap(({ isCut }, bay) => (isCut ? [] : piecesInto(bay)));
  const clamps = bays.flatMap((it, bay) =>
    isJoined(bays, bay, path)
      ? it.wires.slice(1).flatMap((_, wire): Piece[] => {
          const [from, to] = [nodeOf(bay, wire), nodeOf(bay, wire + 1)];
          return from === undefined || to === undefined
            ? []
            : [{ from, to, ohms: clampOhms.value }];
        })
      : [],
  );
  const earth = numbers.size;
  const ohms = earthOhms(lineCase.ground, line.rods ?? usualRods);
  const leaks = bays.flatMap((it, bay) =>
    it.wires.flatMap((strand, wire) => {
      const node = nodeOf(bay, wire);
      return node === undefined ? [] : leaksOf(strand, it.bay.width, node, lineCase);
    }),
  );
  const network: Network = {
    nodes: earth + 1,
    pieces: [...pieces, ...clamps],
    leaks: [...leaks, { node: earth, ohms }],
    source: { ...source, feed: nodeOf(feed, 0) ?? 0, earth },
  };
  return { network, nodeOf, earth, earthOhms: ohms, piecesInto };
}

const none: Pick<LineBay, 'wires' | 'fromBefore'> = { wires: [], fromBefore: 0 };

/** Where it is fed, at its ends, and where one wire stops. */
function isJoined(bays: readonly LineBay[], bay: number, { shape, feed, far }: LinePath): boolean {
  const own = bays[bay]?.wires.length ?? 0;
  const beside = [bay - 1, bay + 1].map((it) => bays[it]?.wires.length ?? own);
  const isEnd = shape === 'open' && (bay === 0 || bay === bays.length - 1);
  return bay === feed || bay === far || isEnd || beside.some((it) => it !== own);
}

function leaksOf(strand: Strand, width: number, node: number, lineCase: LineCase): Leak[] {
  const { surface } = lineCase;
  const insulators = Math.ceil(width / insulatorEvery.value);
  const sound = { node, ohms: insulatorOhms[surface].value / insulators };
  const touched = touchedBy(strand, lineCase);
  // In a short bay grass leaks less than one wet board: what is the worse to find is never taken for less than what is better.
  const upToIt = touching.slice(0, touching.indexOf(touched) + 1);
  const ohms = upToIt.map((it) => leakThrough(it, width, surface));
  return touched === 'nothing' ? [sound] : [sound, { node, ohms: Math.min(...ohms) }];
}

function leakThrough(touched: Touching, width: number, surface: Surface): number {
  if (touched === 'nothing') return Infinity;
  const { by, ohms } = leakOhms[touched];
  return by === 'metre' ? ohms[surface].value / (width / 1000) : ohms[surface].value;
}

/** What touches a wire: as read, or what today's snow and grass add to it, whichever is the worse. */
export function touchedBy(strand: Strand, { bound, snow = 0, grass = 0 }: LineCase): Touching {
  const read = choiceAt<Touching>(strand.touching, 'strand.touching', touching, bound);
  const height = lowest(strand, bound);
  const grown: Touching =
    grass >= height + overgrown.value ? 'weeds' : grass >= height ? 'grass' : 'nothing';
  const lying: Touching = snow >= height ? 'snow' : 'nothing';
  return [read, grown, lying].reduce<Touching>(
    (worst, it) => (touching.indexOf(it) > touching.indexOf(worst) ? it : worst),
    'nothing',
  );
}

function lowest({ height }: Strand, bound: Bound): number {
  const [low, high] = bounds(height, limitsOf('strand.height'));
  return bound === 'best' ? high : low;
}
