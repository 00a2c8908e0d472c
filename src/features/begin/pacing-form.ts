/** A perimeter as it is being typed: lengths and turns, side by side from the gate. */
import { beginText } from '@/words/screens/begin';
import type { PacedSide } from '@/core/place/pacing';
import { isLength, readLength } from '@/core/walk/length-entry';
import { type Units } from '@/core/place/place';
import { lengthSentence } from '@/words/problem-sentence';

export interface SideText {
  readonly length: string;
  readonly turn: TurnChoice;
  /** Degrees to the right (below zero: left), where the turn is neither right nor left. */
  readonly angle: string;
}

export const turnChoices = ['right', 'left', 'other'] as const;
export type TurnChoice = (typeof turnChoices)[number];

const side = (length: string): SideText => ({ length, turn: 'right', angle: '45' });

export const firstSides: Readonly<Record<Units, readonly SideText[]>> = {
  metric: [side('3.6 m'), side('4.5 m'), side('3.6 m'), side('4.5 m')],
  imperial: [side('12 ft'), side('15 ft'), side('12 ft'), side('15 ft')],
};

export const oneMoreSide = (units: Units): SideText => side(units === 'metric' ? '2 m' : '6 ft');

/** Longest side anybody paces, and shortest that is one, mm. */
const limits = { longest: 100_000, shortest: 300 } as const;

export type ReadSides = { readonly sides: readonly PacedSide[] } | { readonly sentence: string };

export function readSides(texts: readonly SideText[], units: Units): ReadSides {
  const sides: PacedSide[] = [];
  for (const [index, text] of texts.entries()) {
    const name = beginText.side(index + 1);
    const read = readLength(text.length, units, limits.longest);
    if (!isLength(read)) return { sentence: `${name}: ${lengthSentence(read, units)}` };
    if (read.mm < limits.shortest) {
      return { sentence: beginText.isTooShortDidYou(name, read.entered) };
    }
    const turn = turnOf(text);
    if (turn === undefined) {
      return {
        sentence: beginText.isNoTurnWriteDegrees(name, text.angle),
      };
    }
    sides.push({ length: read.mm, entered: read.entered, turn });
  }
  return { sides };
}

function turnOf({ turn, angle }: SideText): number | undefined {
  if (turn !== 'other') return turn === 'right' ? 90 : -90;
  const typed = angle.trim().replace(',', '.').replace(/[−–]/, '-').replace(/°$/, '');
  const degrees = Number(typed);
  return typed !== '' && Number.isFinite(degrees) && Math.abs(degrees) < 180 ? degrees : undefined;
}

/** The same side with another turn. */
export function turned(text: SideText, turn: number): SideText {
  if (turn === 90) return { ...text, turn: 'right' };
  if (turn === -90) return { ...text, turn: 'left' };
  return { ...text, turn: 'other', angle: String(turn) };
}
