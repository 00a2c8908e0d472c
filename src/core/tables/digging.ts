/** Sets of figures that are enough against digging, as tables write them: depth, then outward, mm. */
import { ranging, type Figure } from './figure';
import { ours } from './assumptions';
import { assumed, practice, published } from './millimetres';
import type { SourceId } from './sources';

/**
 * Figures known to be enough against digging: mesh so deep *and* laid so far outward (0: not needed). A ground line that
 * meets any one set holds.
 */
export interface EnoughAgainstDigging {
  readonly depth: Figure;
  readonly outward: Figure;
  /** A place is judged by it; no mend is made to it, as there is a printed one to make it to. */
  readonly isForJudgingOnly?: true;
}

/** Strong diggers, those that dig, and those that follow a burrow or a hole that is there already. */
export type DiggingAbility = 'strong' | 'able' | 'follows';

/** Levels by which digging is harder for them than for a strong digger (assumption of ours; that they differ is common practice). */
export const harderDigging: Readonly<Record<DiggingAbility, Figure>> = {
  strong: levels(0, 'Badgers, foxes, coyotes, dogs, rats.'),
  able: levels(1, 'They dig, and give up sooner.'),
  follows: levels(2, 'Where something has dug before them, none at all.'),
};

function levels(value: number, note: string): Figure {
  return { value, unit: 'levels', source: 'rookle', mark: 'assumption', note };
}

/** Mesh laid so little short of a printed size has it: a foot is 300 mm to whoever measures in metres, and 24 in are 600. */
export const nominalSize = ours(
  0.02,
  'share',
  'Sizes printed in feet and inches are laid in round millimetres elsewhere.',
);

const needless = (set: (value: number) => EnoughAgainstDigging['depth']) => set(0);

/** Mesh so deep and so far out, mm, published as enough. */
export function enough(
  depth: number,
  outward: number,
  source: SourceId,
  note?: string,
  depthBand?: readonly [low: number, high: number],
): EnoughAgainstDigging {
  const down = published(depth, source, note);
  return {
    depth: depthBand ? ranging(down, ...depthBand) : down,
    outward: published(outward, source, note),
  };
}

/** Common practice: laid out so far and tied to the wall, with nothing down. */
export function outAlone(outward: number, note: string): EnoughAgainstDigging {
  return { depth: needless(practice), outward: practice(outward, note) };
}

/** Common practice: so deep, or laid out so far; each alone. */
export function deepOrOut(depth: number, outward: number): EnoughAgainstDigging[] {
  return [
    { depth: practice(depth, 'Straight down, nothing outward.'), outward: needless(practice) },
    {
      depth: needless(practice),
      outward: practice(
        outward,
        'Laid flat outward and tied to the wall: it digs at the wall and stands on the mesh.',
      ),
    },
  ];
}

/** The same where nobody has printed or agreed on a figure. */
export function assumedDeepOrOut(
  depth: number,
  outward: number,
  note = 'It digs little; no figure is known to us.',
): EnoughAgainstDigging[] {
  return [
    { depth: assumed(depth, note), outward: needless(assumed) },
    { depth: needless(assumed), outward: assumed(outward, note) },
  ];
}

/** Of a strong digger for which only both together are printed: each alone, far beyond what is printed. No mend is made to it. */
export function strongDeepOrOut(depth: number, outward: number): EnoughAgainstDigging[] {
  const note = 'Nothing is printed of it alone: about twice what both need.';
  return assumedDeepOrOut(depth, outward, note).map((it) => ({ ...it, isForJudgingOnly: true }));
}
