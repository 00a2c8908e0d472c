/** What pacing came to, and what is wrong with it, in plain words. */
import type { PacedBeginningProblem } from '@/core/place/begin-paced';
import type { LikelyTurn, Pacing, PacingProblem } from '@/core/place/pacing';
import type { Units } from '@/core/place/place';
import { distanceWords } from './length-words';

/** "right", "left", "right by 45°", "straight on". */
export function turnWords(turn: number): string {
  if (turn === 0) return 'straight on';
  const hand = turn > 0 ? 'right' : 'left';
  return Math.abs(turn) === 90 ? hand : `${hand} by ${round(Math.abs(turn))}°`;
}

export function pacingProblemWords(problem: PacingProblem, units: Units): string {
  switch (problem.problem) {
    case 'too-few-sides':
      return 'Pace at least three sides.';
    case 'turns':
      return `The turns come to ${round(problem.sum)}°, and once round is 360°.${likelyWords(problem.likely)}`;
    case 'misses':
      return `The walk ends ${distanceWords(problem.misclosure, units)} from where it began, on ${distanceWords(problem.perimeter, units)} paced: more than one in ten.${likelyWords(problem.likely)}`;
    case 'crosses':
      return `Sides ${problem.sides[0] + 1} and ${problem.sides[1] + 1} cross.${likelyWords(problem.likely)}`;
  }
}

function likelyWords(likely: LikelyTurn | undefined): string {
  return likely
    ? ` Did you turn ${turnWords(likely.turn)} after side ${likely.side + 1}?`
    : ' Check the turns, and whether a side is missing.';
}

/** "17.4 m round, 19.7 m² inside. It missed its start by 2 cm; that is shared out along the sides." */
export function pacingWords({ closed, area }: Pacing, units: Units): string {
  const { perimeter, misclosure } = closed;
  const size = `${distanceWords(perimeter, units)} round, ${areaWords(area, units)} inside.`;
  if (misclosure < 5) return `${size} It ends where it began.`;
  const oneIn = Math.round(perimeter / misclosure);
  return `${size} It missed its start by ${smallWords(misclosure, units)} (1 in ${oneIn}); that is shared out along the sides.`;
}

function areaWords(mm2: number, units: Units): string {
  return units === 'metric'
    ? `${(mm2 / 1e6).toFixed(1)} m²`
    : `${Math.round(mm2 / 92_903)} square feet`;
}

function smallWords(mm: number, units: Units): string {
  return units === 'metric' ? `${Math.round(mm / 10)} cm` : `${Math.round(mm / 25.4)} in`;
}

export function housePlaceWords(problem: PacedBeginningProblem): string {
  return problem.problem === 'side-too-short'
    ? `Side ${problem.side + 1} is too short for the house: some run must be left on either hand, and room for the gate on its own side.`
    : 'The house reaches through another wall of the run: make it less deep, or stand it on another side.';
}

const round = (degrees: number): number => Math.round(degrees * 10) / 10;
