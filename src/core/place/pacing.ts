/**
 * A perimeter as paced from the gate: so far, turn, so far, turn. Checked before it is taken: turns that come full circle, a walk
 * that ends about where it began, sides that do not cross. What cannot be right is refused with the turn that most likely slipped.
 */
import { areaOf, closeOutline, type ClosedOutline } from './outline';
import type { Outline, Side } from './place';
import { firstCrossing } from './polygon';

/** One side as paced; mm and degrees. */
export interface PacedSide {
  /** mm */
  readonly length: number;
  /** As typed, with its unit. */
  readonly entered?: string;
  /** Turn at its end; to the right is positive. After the last side, back into the direction of the first. */
  readonly turn: number;
}

/** A walk round that closes. */
export interface Pacing {
  /** Clockwise, whichever way it was paced; the gate's side first. */
  readonly outline: Outline;
  readonly closed: ClosedOutline;
  /** mm² */
  readonly area: number;
  /** True where it was paced anticlockwise, so that sides run the other way. */
  readonly reversed: boolean;
}

/** Set this turn to that, and it closes. */
export interface LikelyTurn {
  readonly side: number;
  readonly turn: number;
}

/** Why a walk round does not close. */
export type PacingProblem =
  | { readonly problem: 'too-few-sides' }
  /** Degrees turned in all, where 360 come full circle. */
  | { readonly problem: 'turns'; readonly sum: number; readonly likely: LikelyTurn | undefined }
  /** Ends this far from its start, mm, on so long a walk. */
  | {
      readonly problem: 'misses';
      readonly misclosure: number;
      readonly perimeter: number;
      readonly likely: LikelyTurn | undefined;
    }
  /** These two sides cross, by number from 0. */
  | {
      readonly problem: 'crosses';
      readonly sides: readonly [number, number];
      readonly likely: LikelyTurn | undefined;
    };

/** A walk that misses its start by more than this share of its length is not a closed one (assumption of ours). */
const mostMissed = 0.1;

/** Degrees that turns may miss a full circle by: angles are guessed, right angles are not (assumption of ours). */
const turnTolerance = 5;

/** Sides as paced, closed to an outline, or why they cannot be. */
export function checkPacing(sides: readonly PacedSide[]): Pacing | PacingProblem {
  if (sides.length < 3) return { problem: 'too-few-sides' };
  const found = problemOf(sides);
  if (!found) return taken(sides);
  return { ...found, likely: likelyTurn(sides) };
}

/** Whether pacing came to an outline. */
export function isPacing(checked: Pacing | PacingProblem): checked is Pacing {
  return 'outline' in checked;
}

type Bare =
  | { readonly problem: 'turns'; readonly sum: number }
  | { readonly problem: 'misses'; readonly misclosure: number; readonly perimeter: number }
  | { readonly problem: 'crosses'; readonly sides: readonly [number, number] };

function problemOf(sides: readonly PacedSide[]): Bare | undefined {
  const sum = sides.reduce((total, { turn }) => total + turn, 0);
  if (Math.abs(Math.abs(sum) - 360) > turnTolerance) return { problem: 'turns', sum };
  const { misclosure, perimeter, points } = closeOutline(outlineOf(sides, 0));
  if (misclosure > mostMissed * perimeter) return { problem: 'misses', misclosure, perimeter };
  const crossing = firstCrossing(points);
  return crossing && { problem: 'crosses', sides: crossing };
}

/** One turn, set to a right angle either way or to the other hand, that leaves nothing wrong; of several the best closing. */
function likelyTurn(sides: readonly PacedSide[]): LikelyTurn | undefined {
  const tries = sides.flatMap(({ turn }, side) =>
    [90, -90, -turn]
      .filter((other) => other !== turn)
      .map((other): LikelyTurn => ({ side, turn: other })),
  );
  const good = tries
    .map((likely) => ({ likely, changed: withTurn(sides, likely) }))
    .filter(({ changed }) => problemOf(changed) === undefined)
    .map(({ likely, changed }) => ({
      likely,
      miss: closeOutline(outlineOf(changed, 0)).misclosure,
    }));
  return good.sort((a, b) => a.miss - b.miss)[0]?.likely;
}

/** The sides with one turn put right. */
export function withTurn(sides: readonly PacedSide[], { side, turn }: LikelyTurn): PacedSide[] {
  return sides.map((it, index) => (index === side ? { ...it, turn } : it));
}

function taken(sides: readonly PacedSide[]): Pacing {
  const reversed = sides.reduce((total, { turn }) => total + turn, 0) < 0;
  const numbered = sides.map((side, index) => ({ ...side, number: index + 1 }));
  const outline = reversed ? outlineOf(turnedRound(numbered), 180) : outlineOf(numbered, 0);
  const closed = closeOutline(outline);
  return { outline, closed, area: areaOf(closed.points), reversed };
}

/** A side keeps the number it was paced under. */
type Numbered = PacedSide & { readonly number?: number };

/** The same walk the other way round, its first side still first. */
function turnedRound(sides: readonly Numbered[]): Numbered[] {
  const [first, ...rest] = sides;
  if (!first) return [];
  const order = [first, ...rest.reverse()];
  // At the end of a side walked backward stands the corner before it.
  return order.map((side, index) => {
    const before = order[(index + 1) % order.length];
    return { ...side, turn: -(before?.turn ?? 0) };
  });
}

/** Names as the list has them: by number, until the keeper gives better ones. */
function outlineOf(sides: readonly Numbered[], heading: number): Outline {
  return {
    start: { x: 0, y: 0 },
    heading,
    sides: sides.map(({ length, entered, turn, number }, index): Side => ({
      id: `side-${index + 1}`,
      name: index === 0 ? 'gate side' : `side ${number ?? index + 1}`,
      kind: 'fence',
      length,
      ...(entered !== undefined && { entered }),
      turn,
    })),
  };
}
