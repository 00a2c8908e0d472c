/** Where the line runs: the bays that its wires cross in the order of the lap, what lies between them, and where it is cut. */
import { memoized } from '../memo';
import type { Bay, Opening, Strand } from '../place/bay';
import type { FenceLine } from '../place/fence';
import { lapOf, type LapBay } from '../place/lap';
import { isFixed } from '../place/opening-cover';
import type { BayId, Place } from '../place/place';
import { bounds } from '../place/possible';
import { limitsOf } from '../attributes';
import { isThere } from '../place/strand-there';

/** A bay on the line. */
export interface LineBay {
  readonly bay: Bay;
  /** Lowest first. */
  readonly wires: readonly Strand[];
  /** Along the lap from the gate to its middle, mm. */
  readonly at: number;
  /** Wire from the bay before it on the line to this one, mm from middle to middle. */
  readonly fromBefore: number;
  /** A handle unhooked, or a line that ends, between the bay before and this. */
  readonly isCut: boolean;
  /** Joined to the feed. */
  readonly isLive: boolean;
}

/** The line in the order of the lap; `feed` and `far` are places in `bays`. */
export interface LinePath {
  readonly bays: readonly LineBay[];
  readonly shape: FenceLine['shape'];
  readonly feed: number;
  /** The end farthest from the feed; of a ring, halfway round. */
  readonly far: number;
}

/** `undefined` where no wire is strung, or nobody has described the line. */
export const linePathOf = memoized((place: Place): LinePath | undefined => {
  const line = place.fence?.line;
  if (!line) return undefined;
  const lap = lapOf(place);
  const onGround = lap.bays.filter(({ bay }) => (bay.base ?? 0) === 0);
  const isOn = ({ bay }: LapBay): boolean => wiresOf(bay).length > 0;
  const strung = onGround.filter(isOn);
  const fed = strung.findIndex(({ bay }) => bay.id === line.feedsAt);
  const isRound = strung.length === onGround.length && strung.length > 1;
  // An open line round everything begins where it is fed; one along some walls, after the longest stretch without it.
  const begins =
    isRound || line.shape === 'ring' ? Math.max(0, fed) : afterLongestGap(strung, lap.length);
  const turned = [...strung.slice(begins), ...strung.slice(0, begins)];
  const [first] = turned;
  if (!first) return undefined;
  // Where it leaves walls out, a ring is closed by a lead along them.
  const shape = strung.length > 2 ? line.shape : 'open';
  const cut = turned.map((it, index): Omit<LineBay, 'isLive'> => {
    const before = turned[index - 1] ?? turned.at(-1) ?? it;
    return {
      bay: it.bay,
      wires: wiresOf(it.bay),
      at: (it.from + it.to) / 2,
      fromBefore: index === 0 && shape === 'open' ? 0 : wireBetween(before, it, lap.length),
      isCut: endsAfterMiddle(before.bay) || endsBeforeMiddle(it.bay),
    };
  });
  const feed = Math.max(
    0,
    turned.findIndex(({ bay }) => bay.id === line.feedsAt),
  );
  const live = joinedTo(feed, cut, shape);
  const bays = cut.map((it, index) => ({ ...it, isLive: live.has(index) }));
  return { bays, shape, feed, far: farFrom(bays, feed, shape) };
});

/** The wires that are there, lowest first. */
function wiresOf({ strands }: Bay): Strand[] {
  const low = ({ height }: Strand) => bounds(height, limitsOf('strand.height'))[0];
  return strands.filter(isThere).sort((a, b) => low(a) - low(b));
}

function afterLongestGap(strung: readonly LapBay[], round: number): number {
  let longest = -1;
  let after = 0;
  strung.forEach((it, index) => {
    const before = strung.at(index - 1) ?? it;
    const gap = (it.from - before.to + round) % round;
    if (gap > longest) [longest, after] = [gap, index];
  });
  return after;
}

const wireBetween = (from: LapBay, to: LapBay, round: number): number =>
  ((to.from + to.to) / 2 - (from.from + from.to) / 2 + round) % round || round;

/** Which doors end the line here, and on which side of the bay's middle. */
const endsBeforeMiddle = (bay: Bay): boolean =>
  bay.openings.some((it) => isEnd(it) && !isPast(it, bay));
const endsAfterMiddle = (bay: Bay): boolean =>
  bay.openings.some((it) => isEnd(it) && isPast(it, bay));
const isPast = ({ at, width }: Opening, bay: Bay): boolean => at + width / 2 >= bay.width / 2;

function isEnd(opening: Opening): boolean {
  if (isFixed(opening)) return false;
  return opening.lineBy === 'ends' || isUnhooked(opening);
}

/** A handle that was found unhooked. */
export function isUnhooked({ lineBy, hooked }: Opening): boolean {
  return (
    (lineBy ?? 'handle') === 'handle' &&
    hooked !== undefined &&
    'is' in hooked &&
    hooked.is === 'no'
  );
}

/** The bays that current comes to from the feed. */
function joinedTo(
  feed: number,
  bays: readonly Pick<LineBay, 'isCut'>[],
  shape: FenceLine['shape'],
): ReadonlySet<number> {
  const live = new Set([feed]);
  const follow = (step: number) => {
    for (let at = feed, gone = 1; gone < bays.length; gone += 1) {
      const next = shape === 'ring' ? (at + step + bays.length) % bays.length : at + step;
      const between = bays[step > 0 ? next : at];
      if (!bays[next] || between?.isCut !== false) return;
      live.add(next);
      at = next;
    }
  };
  follow(1);
  follow(-1);
  return live;
}

function farFrom(bays: readonly LineBay[], feed: number, shape: FenceLine['shape']): number {
  const last = bays.length - 1;
  if (shape === 'open') return lengthTo(bays, feed, 0) > lengthTo(bays, feed, last) ? 0 : last;
  return (feed + Math.floor(bays.length / 2)) % bays.length;
}

const lengthTo = (bays: readonly LineBay[], a: number, b: number): number =>
  bays
    .slice(Math.min(a, b) + 1, Math.max(a, b) + 1)
    .reduce((sum, { fromBefore }) => sum + fromBefore, 0);

/** Place of a bay on the line. */
export const indexOnLine = ({ bays }: LinePath, id: BayId): number =>
  bays.findIndex(({ bay }) => bay.id === id);
