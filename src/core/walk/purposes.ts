/** What short walks ask, and what they leave out. */
import { allBays } from '../place/find';
import type { BayId, Place } from '../place/place';
import type { Walk, WalkPurpose } from '../place/walk';
import type { WayIn } from '../routes/ways-in';
import type { AttributeId } from '../place/attributes';
import { questionsOf, type Question, type QuestionKind } from './questions';

interface Asks {
  readonly kinds: readonly QuestionKind[];
  readonly checks: readonly AttributeId[];
}

/** Heads are counted on every walk. */
const always: readonly AttributeId[] = ['check.shut', 'check.heads'];

/** By what a storm, a loss or a move can have changed (common practice; the-work's "who walks when"). */
const short: Readonly<Record<Exclude<WalkPurpose, 'full' | 'weak'>, Asks>> = {
  storm: {
    kinds: [
      'bottom-edge-lifted',
      'condition',
      'pull-test',
      'largest-hole',
      'opening-gap',
      'opening-corners',
      'strand-touching',
      'volts',
    ],
    checks: ['check.branches', 'check.leaning', 'check.eaves', 'check.load', 'check.on'],
  },
  loss: {
    kinds: [
      'ground-gap',
      'bottom-edge-lifted',
      'fresh-digging',
      'pull-test',
      'largest-hole',
      'opening-gap',
      'opening-corners',
      'latch',
      'roost',
      'volts',
    ],
    checks: ['check.sign', 'check.dugInside', 'check.on', 'check.force'],
  },
  moved: {
    kinds: [
      'ground-gap',
      'bottom-edge-lifted',
      'soil',
      'pegs',
      'strand-height',
      'strand-touching',
      'volts',
    ],
    checks: ['check.square', 'check.earth', 'check.on'],
  },
};

/** Whether a walk of this kind asks it. */
export function isAsked(
  { purpose, bays }: Pick<Walk, 'purpose' | 'bays'>,
  asked: Question,
): boolean {
  if (purpose === undefined || purpose === 'full') return true;
  if (always.includes(asked.attribute)) return true;
  if (purpose === 'weak') {
    return asked.kind !== 'check' && asked.bay !== undefined && (bays ?? []).includes(asked.bay);
  }
  const { kinds, checks } = short[purpose];
  return asked.kind === 'check' ? checks.includes(asked.attribute) : kinds.includes(asked.kind);
}

/** The walks a found place can be given now: no short walk where it would ask nothing of its own. */
export function purposesOf(place: Place, ways: readonly WayIn[]): WalkPurpose[] {
  const hasWeak = weakBays(place, ways).length > 0;
  return [
    'full',
    ...(hasWeak ? (['weak'] as const) : []),
    'storm',
    'loss',
    ...(place.zones.some(({ moves }) => moves !== undefined) ? (['moved'] as const) : []),
  ];
}

/** Bays of these ways in and slow ways, and bays with a question nobody has answered. */
export function weakBays(place: Place, ways: readonly WayIn[]): BayId[] {
  const open = new Set(ways.flatMap(({ bays }) => bays));
  const unread = new Set(
    questionsOf(place)
      .filter(({ answered }) => !answered)
      .flatMap(({ bay }) => bay ?? []),
  );
  return allBays(place)
    .map(({ bay }) => bay.id)
    .filter((id) => open.has(id) || unread.has(id));
}
