/** What can be said of a place when it is described, in words. */
import type { Standing } from '@/core/place/edit/ground';
import type { DoorMoves, LetGo } from '@/core/place/bay';
import type { HingeState } from '@/core/tables/hinges';
import type {
  ByDay,
  Habit,
  Moves,
  Opening,
  OpeningKind,
  SideKind,
  StrandHours,
  TopEdge,
  ZoneKind,
} from '@/core/place/place';

export const openingNames: Readonly<Record<OpeningKind, string>> = {
  gate: 'gate',
  door: 'door',
  hatch: 'hatch',
  'pop-door': 'pop door',
  'nest-lid': 'nest lid',
  window: 'window',
  vent: 'vent',
  'pass-through': 'hole for a pipe or drinker',
  hole: 'hole',
  seam: 'seam or joint',
  'disused-door': 'door nobody uses',
};

export const habitNames: Readonly<Record<Habit, string>> = {
  'every-night': 'shut every night',
  'cold-or-storms': 'shut in cold or storms',
  never: 'never shut',
};

export const doorMovesNames: Readonly<Record<DoorMoves, string>> = {
  swings: 'swings on hinges',
  'slides-up': 'slides up',
  'slides-sideways': 'slides sideways',
  'drops-open': 'drops open when let go: a ramp, a flap',
  'lifts-off': 'lifts off altogether',
};

export const letGoNames: Readonly<Record<LetGo, string>> = {
  'falls-shut': 'falls shut by its own weight',
  'two-closers': 'is shut by two springs or cords',
  'one-closer': 'is shut by one spring or cord',
  stays: 'stays as it is',
};

export const hingeNames: Readonly<Record<HingeState, string>> = {
  tight: 'tight',
  loose: 'loose, sag or give',
};

export const byDayNames: Readonly<Record<ByDay, string>> = {
  open: 'open by day',
  'open-while-ranging': 'open while they range',
  shut: 'shut by day',
};

export const shutByNames: Readonly<Record<Opening['shutBy'], string>> = {
  hand: 'by hand',
  cord: 'by a cord from outside',
  light: 'by itself, at dusk',
  nobody: 'by nobody',
};

export const topNames: Readonly<Record<TopEdge['kind'], string>> = {
  roof: 'joined to a roof',
  open: 'open above',
  overhang: 'leans out, mesh',
  hood: 'smooth hood',
  tilt: 'tilted outward',
};

export const standingNames: Readonly<Record<Standing, string>> = {
  earth: 'the ground, posts set in it',
  frame: 'the ground, a frame that lifts',
  floor: 'a floor of its own',
};

export const sideKindNames: Readonly<Record<SideKind, string>> = {
  fence: 'a fence or wall of its own',
  building: 'another building',
  rock: 'rock',
  trunk: 'a trunk',
};

export const zoneKindNames: Readonly<Record<ZoneKind, string>> = {
  run: 'run',
  house: 'house',
  'nest-box': 'nest box',
  'under-house': 'space under the house',
};

export const movesNames: Readonly<Record<Moves, string>> = {
  wheels: 'on wheels',
  skids: 'on skids',
  carried: 'carried',
};

export const strandHoursNames: Readonly<Record<StrandHours, string>> = {
  always: 'always on',
  'nights-and-away': 'nights, and when nobody is home',
  nights: 'nights only',
  never: 'never on',
};
