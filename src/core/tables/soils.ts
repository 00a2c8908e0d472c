/** Ground by what digs in it and what pegs hold in it. */
import type { Figure } from './figure';
import { practice } from './millimetres';

/** What the ground is. */
export const soils = ['soft', 'firm', 'stony', 'rock', 'hard-surface'] as const;
/** One of `soils`. */
export type Soil = (typeof soils)[number];

/** What the ground does to digging and pegs. */
export interface SoilFigures {
  /** Rungs by which digging is harder than in plain soil; `never` where nothing digs. */
  readonly digging: number | 'never';
  /** Pegs of this length hold; absent where pegs cannot go in. */
  readonly pegsHoldFrom?: Figure;
}

const notes = {
  soft: 'Pegs of 300 mm pull out of soft ground; 450–600 mm hold.',
  firm: 'Pegs of 300 mm hold in firm ground.',
};

/** How each kind of ground takes digging and pegs. */
export const soilFigures: Readonly<Record<Soil, SoilFigures>> = {
  soft: { digging: 0, pegsHoldFrom: practice(450, notes.soft) },
  firm: { digging: 0, pegsHoldFrom: practice(300, notes.firm) },
  stony: { digging: 1, pegsHoldFrom: practice(300, notes.firm) },
  rock: { digging: 'never' },
  'hard-surface': { digging: 'never' },
};
