/** Harm a mend can do, and whether this one can: all of it is looked at for every mend. */
import { meshes, type MeshId } from '../../tables/meshes';
import type { CatalogueMend, Caution } from './catalogue-mend';

/** What a mend may take from the birds or their keeper. */
export const harms = [
  'air',
  'shade',
  'fire',
  'keeper-shut-in',
  'animal-inside',
  'entangling',
  'drainage',
  'snow',
] as const satisfies readonly Caution[];
/** A way in which a mend can harm birds or others. */
export type Harm = (typeof harms)[number];

/** Whether one kind of harm is to be looked at in a mend. */
export interface HarmCheck {
  readonly harm: Harm;
  readonly applies: boolean;
  /** Of air: the share that what it adds takes away, 0 to 1. */
  readonly share?: number;
}

/** The eight kinds of harm, each with whether the mend can do it here. */
export function harmChecks(mend: CatalogueMend): HarmCheck[] {
  const cautions: readonly Caution[] = mend.cautions;
  return harms.map((harm) => {
    const applies = cautions.includes(harm);
    const mesh = harm === 'air' && applies ? meshOf(mend) : undefined;
    return { harm, applies, ...(mesh && { share: airTakenBy(mesh) }) };
  });
}

/** Harms that lower the worth of a mend among its like: what lasts, of birds and house, and not of whoever makes it. */
const lasting: readonly Harm[] = ['air', 'shade', 'snow', 'drainage', 'entangling'];

/** How much of them a mend does: each counts one, air the share that it takes (assumption of ours: none is worse than another). */
export function harmOf(mend: CatalogueMend): number {
  return harmChecks(mend)
    .filter(({ harm, applies }) => applies && lasting.includes(harm))
    .reduce((sum, { share = 1 }) => sum + share, 0);
}

/** Share of a plain opening that wire and knots fill: `1 − (clear ÷ pitch)²` for square mesh (geometry); boards fill all of it. */
export function airTakenBy(mesh: MeshId): number {
  const { kind, clear, pitch } = meshes[mesh];
  if (kind === 'solid' || pitch.value === 0) return 1;
  return 1 - (clear.value / pitch.value) ** 2;
}

/** Mesh that the mend adds, wherever it goes. */
export function meshOf({ adds }: CatalogueMend): MeshId | undefined {
  if (!adds) return undefined;
  if ('layer' in adds) return adds.layer;
  if ('cover' in adds) return adds.cover;
  return 'roof' in adds ? adds.roof : undefined;
}
