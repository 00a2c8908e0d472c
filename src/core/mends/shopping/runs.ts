/** Aprons and skirts that run on from bay to bay: one stretch, longer at every outer corner it goes round by as far as it reaches out. */
import { lapOf, type LapBay } from '../../place/lap';
import type { Mend } from '../../records/mend';
import type { Place } from '../../place/place';
import { ours } from '../../tables/assumptions';
import { sillUpstand } from '../catalogue/sill-apron';
import { headingsOf } from './corners';
import type { Stretch } from './stretch';
import { wallsMeet } from '../../tables/counting';

/** What one bay takes, as a stretch of its own. */
export interface BayStretch {
  readonly mend: Mend;
  readonly stretch: Stretch;
}

/** Bays that follow each other on the lap, with the same mesh as wide by the same kind of mend, become one. */
export function joinedRuns(found: Place, each: readonly BayStretch[]): Stretch[] {
  const lap = lapOf(found).bays.filter(({ bay }) => (bay.base ?? 0) === 0);
  const turns = headingsOf(lap).map(({ turn }) => turn);
  const at = ({ mend }: BayStretch): number => lap.findIndex(({ bay }) => bay.id === mend.bay);
  const inOrder = each.filter((it) => at(it) >= 0).sort((a, b) => at(a) - at(b));
  const goesOn = (a: BayStretch, b: BayStretch): boolean =>
    isAlike(a, b) && (at(a) + 1) % lap.length === at(b) && meet(lap[at(a)], lap[at(b)]);
  const runs: BayStretch[][] = [];
  for (const it of inOrder) {
    const before = runs.find((run) => goesOn(run.at(-1) as BayStretch, it));
    if (before) before.push(it);
    else runs.push([it]);
  }
  const cornerAt = (it: BayStretch): number =>
    (turns[at(it)] ?? 0) > cornerFrom.value ? outwardOf(it) : 0;
  const elsewhere = each.filter((it) => at(it) < 0).map(({ stretch }) => stretch);
  return [...roundTheGate(runs, goesOn).map((run) => joined(run, goesOn, cornerAt)), ...elsewhere];
}

/** The lap begins at the gate; a run that goes on past it is one all the same. */
function roundTheGate(
  runs: readonly BayStretch[][],
  goesOn: (a: BayStretch, b: BayStretch) => boolean,
): BayStretch[][] {
  for (const first of runs) {
    const last = runs.find(
      (run) => run !== first && goesOn(run.at(-1) as BayStretch, first[0] as BayStretch),
    );
    if (last) return [...runs.filter((it) => it !== first && it !== last), [...last, ...first]];
  }
  return [...runs];
}

function joined(
  run: readonly BayStretch[],
  goesOn: (a: BayStretch, b: BayStretch) => boolean,
  cornerAt: (it: BayStretch) => number,
): Stretch {
  const [first, ...others] = run as [BayStretch, ...BayStretch[]];
  const isRing = run.length > 2 && goesOn(run.at(-1) as BayStretch, first);
  const stretch = others.reduce<Stretch>((soFar, it) => {
    // Round an outer corner the flat part leaves a square open, which the piece before it goes on over.
    const end = soFar.length + cornerAt(it);
    return {
      ...soFar,
      mends: [...soFar.mends, ...it.stretch.mends],
      bays: [...soFar.bays, ...it.stretch.bays],
      length: end + it.stretch.length,
      joints: [...soFar.joints, end],
    };
  }, first.stretch);
  // All the way round it ends over its own beginning.
  return isRing
    ? { ...stretch, length: stretch.length + cornerAt(first) + stretch.overlap }
    : stretch;
}

const isAlike = (a: BayStretch, b: BayStretch): boolean =>
  a.mend.kind === b.mend.kind && a.stretch.height === b.stretch.height;

/** As the lap is chained. */
function meet(a: LapBay | undefined, b: LapBay | undefined): boolean {
  return (
    a !== undefined &&
    b !== undefined &&
    Math.hypot(b.start.x - a.end.x, b.start.y - a.end.y) <= wallsMeet.value
  );
}

/** Turns smaller than this are a wall that is not quite straight. */
export const cornerFrom = ours(20, 'degrees', 'Apron mesh bends that far without a gap.');

/** How far it lies out on the ground: all of it but what is let in and what is turned up the wall. */
function outwardOf({ mend: { targets, kind }, stretch: { height } }: BayStretch): number {
  const target = targets.find(({ attribute }) => attribute === 'skirt.outward');
  if (target && 'atLeast' in target.value) return target.value.atLeast;
  return kind === 'sill-apron' ? height - sillUpstand : 0;
}
