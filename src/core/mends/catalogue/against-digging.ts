/** What keeps diggers out: mesh laid out, mesh let in, both, or a hard edge. Each as far as those it is to stop require. */
import type { EnoughAgainstDigging } from '../../tables/digging';
import { stopsInGround } from '../../effort/dig';
import { animals, type AnimalId } from '../../tables/animals';
import type { WeakSpot } from '../weak-spot';
import { isLightFrame, standsFast } from './light-frame';
import {
  workTime,
  type Amount,
  type CatalogueKind,
  type CatalogueMend,
  type Caution,
  type SpotTarget,
} from './catalogue-mend';

interface Lengths {
  readonly depth: number;
  readonly outward: number;
}

/** The least that is enough for all of them with sets of this kind; `undefined` where one has no such set. */
export function leastEnough(
  ids: readonly AnimalId[],
  allowed: (enough: EnoughAgainstDigging) => boolean,
): Lengths | undefined {
  const each = ids.map((id) => {
    const sets = (animals[id].digs ?? []).filter((it) => !it.isForJudgingOnly && allowed(it));
    return sets.sort((a, b) => total(a) - total(b))[0];
  });
  if (each.length === 0 || each.some((set) => set === undefined)) return undefined;
  return {
    depth: Math.max(...each.map((set) => set?.depth.value ?? 0)),
    outward: Math.max(...each.map((set) => set?.outward.value ?? 0)),
  };
}

/** Mesh in the ground has to stop the animal itself: no depth of it keeps out what bites through. */
function stoppedBySkirt(id: AnimalId): boolean {
  return stopsInGround({ is: skirtMesh }, animals[id], 'worst');
}

const total = ({ depth, outward }: EnoughAgainstDigging): number => depth.value + outward.value;

function againstDigging(
  kind: CatalogueKind,
  allowed: (enough: EnoughAgainstDigging) => boolean,
  minutesPerMetre: number,
  cautions: readonly Caution[],
  fits: (weak: WeakSpot) => boolean = standsFast,
): CatalogueMend {
  const least = ({ letsBy }: WeakSpot) =>
    letsBy.every(stoppedBySkirt) ? leastEnough(letsBy, allowed) : undefined;
  return {
    kind,
    term: 'lasting',
    spot: 'dig',
    fits,
    targets: (weak) => {
      const enough = least(weak);
      return enough && targetsOf(enough);
    },
    takes: (weak) => {
      const { depth, outward } = least(weak) ?? { depth: 0, outward: 0 };
      return [meshFor(weak.bay.width, depth + outward)];
    },
    time: ({ bay }) => workTime(20 + (bay.width / 1000) * minutesPerMetre),
    cautions,
  };
}

function targetsOf({ depth, outward }: Lengths): SpotTarget[] {
  return [
    { attribute: 'skirt.mesh', value: { is: skirtMesh } },
    ...(depth > 0 ? [{ attribute: 'skirt.depth' as const, value: { atLeast: depth } }] : []),
    ...(outward > 0
      ? [
          { attribute: 'skirt.outward' as const, value: { atLeast: outward } },
          { attribute: 'skirt.tied' as const, value: { is: 'yes' } },
        ]
      : []),
  ];
}

/** What is let in or laid out. */
const skirtMesh = 'welded-13';

/** A hand's breadth goes up the wall, where it is fixed. */
const upstand = 100;

function meshFor(length: number, height: number): Amount {
  return { material: skirtMesh, length, height: height + upstand };
}

/** Mesh laid outward on the ground. */
export const apronOut = againstDigging('apron-out', ({ depth }) => depth.value === 0, 20, [
  'cut-wire',
  'animal-inside',
]);

/** Mesh hinged to the frame, that lies flat on the grass by itself and is turned up to move. */
export const flapOut = againstDigging(
  'flap-out',
  ({ depth }) => depth.value === 0,
  15,
  ['cut-wire', 'animal-inside'],
  isLightFrame,
);

/** Mesh let down into the ground. */
export const skirtDown = againstDigging('skirt-down', ({ outward }) => outward.value === 0, 60, [
  'digging',
  'cut-wire',
  'animal-inside',
]);

/** Mesh let down and turned outward. */
export const skirtAndFoot = againstDigging('skirt-and-foot', () => true, 75, [
  'digging',
  'cut-wire',
  'animal-inside',
]);

/** Slabs laid along the wall. */
export const slabsAlong: CatalogueMend = {
  kind: 'slabs-along',
  term: 'lasting',
  spot: 'dig',
  fits: standsFast,
  targets: () => [{ attribute: 'ground.soil', value: { is: 'hard-surface' } }],
  takes: ({ bay }) => [{ material: 'slabs', length: bay.width, height: 450 }],
  time: ({ bay }) => workTime(20 + bay.width / 40),
  cautions: ['digging', 'animal-inside'],
};
