/**
 * Answers about whole places that were plainly false once. Each stands in `answers/<file>.json` as a place file that anybody can open or
 * send through `npm run assess`; here is what was said of it, and what is true (common practice unless a source is named).
 */
import type { Scenario } from '../score/scenario';
import type { AnimalId } from '../tables/animals';

/** `in`: at the birds within the hour. `slow`: an hour or more. `turned back`: by strands, four tries in five. `shut`: not at all. */
export type Outcome = 'in' | 'slow' | 'turned back' | 'shut';

/** One animal at one place. */
export type Fact = readonly [animal: AnimalId, is: Outcome, scenario?: Scenario, date?: string];

/** One place, and what was said of it once. */
export interface OldAnswer {
  readonly file: string;
  readonly said: string;
  readonly facts: readonly Fact[];
}

const answer = (file: string, said: string, ...facts: readonly Fact[]): OldAnswer => ({
  file,
  said,
  facts,
});

/** What doors are made of and how they move. */
const doors: readonly OldAnswer[] = [
  answer('gate-of-nothing', 'a gate of nothing holds 100', ['red-fox', 'in'], ['stoat', 'in']),
  answer(
    'gate-of-screen',
    'a gate of insect screen holds 100',
    ['red-fox', 'in'],
    ['raccoon', 'in'],
  ),
  answer('slide', 'a slide without a latch holds', ['raccoon', 'in'], ['red-fox', 'shut']),
  answer('slide-with-clip', 'a clip on a slide makes it worse', ['raccoon', 'shut']),
  answer(
    'elastic-cords',
    'two elastic cords are a latch like any other',
    ['european-badger', 'in'],
    ['raccoon', 'in'],
  ),
  answer(
    'one-closer',
    'one closer has it shut always',
    ['red-fox', 'shut'],
    ['red-fox', 'in', 'left-open'],
  ),
  answer('two-closers', 'the second is no spare for the first', ['red-fox', 'shut', 'left-open']),
  answer(
    'fallen-shut',
    'a gate that falls shut after a forgotten round is padlocked as well',
    ['red-fox', 'shut'],
    ['red-fox', 'in', 'left-open'],
  ),
  answer('loose-hinges', 'hinges are nothing', ['domestic-dog', 'in'], ['stoat', 'shut']),
  answer(
    'unlatched-door',
    'a door that nothing holds is shut to all that do not lean on doors',
    ['virginia-opossum', 'slow'],
    ['bobcat', 'slow'],
    ['red-fox', 'in'],
    ['norway-rat', 'shut'],
  ),
  answer(
    'flap-let-go',
    'a flap that drops open stays up without latch or cord',
    ['domestic-cat', 'in'],
    ['red-fox', 'in'],
  ),
  answer('slide-and-turn', 'two motions stop a raccoon for ever', ['raccoon', 'slow']),
];

/** Who can do what. */
const abilities: readonly OldAnswer[] = [
  answer(
    'pulled-panel',
    'a hawk lifts what it can pull 200 mm away',
    ['red-tailed-hawk', 'shut', 'day-run'],
    ['raccoon', 'in', 'day-run'],
  ),
  answer(
    'staples-that-held',
    'staples are judged by their name, whatever a hard pull showed',
    ['raccoon', 'shut'],
    ['coyote', 'shut'],
    ['black-bear', 'in'],
  ),
  answer(
    'step-of-20',
    'a wall of 20 mm stops what does not climb',
    ['striped-skunk', 'in'],
    ['red-fox', 'in'],
  ),
  answer('wall-of-a-metre', 'a badger climbs nothing', ['european-badger', 'in'], ['stoat', 'in']),
  answer('mink-without-burrows', 'a mink digs like a fox', ['american-mink', 'slow']),
  answer('mink-with-burrows', 'a burrow is nothing to it', ['american-mink', 'in']),
  answer('half-inch-apron', 'no apron stops a rat', ['norway-rat', 'shut'], ['stoat', 'shut']),
  answer(
    'soft-timber',
    'what a wall stands on never rots',
    ['norway-rat', 'in'],
    ['red-fox', 'in'],
  ),
];

/** A line in front precedes gate, frame and roof. */
const lines: readonly OldAnswer[] = [
  answer('wires-before-a-gate', 'wires before a gate change nothing', ['red-fox', 'turned back']),
  answer('wires-beside-a-gate', 'they turn back where they do not run', ['red-fox', 'in']),
  answer('wires-before-a-frame', 'wires before a light frame change nothing', [
    'red-fox',
    'turned back',
  ]),
  answer('light-frame', 'a frame of 8 kg stays down', ['red-fox', 'in']),
  answer('wires-before-a-roof', 'wires before a climb to the roof change nothing', [
    'raccoon',
    'turned back',
  ]),
];

/** What an attack leaves open, and the band between shut out and passed. */
const openings: readonly OldAnswer[] = [
  answer(
    'vent-of-screen',
    'a vent of 100 by 40 mm with insect screen lets in fox and bear in five minutes',
    ['red-fox', 'shut'],
    ['black-bear', 'shut'],
  ),
  answer(
    'strip-of-screen',
    'a strip of screen 40 mm high lets a fox through',
    ['red-fox', 'shut'],
    ['raccoon', 'shut'],
    ['stoat', 'in'],
  ),
  answer(
    'up-the-ramp',
    'a skunk, which does not climb, never gets up to the pop door that hens walk in by',
    ['striped-skunk', 'in', 'left-open'],
    ['striped-skunk', 'shut'],
    ['red-fox', 'in', 'left-open'],
  ),
  answer(
    'earth-floor',
    'a house stands on a floor, whatever it stands on: nothing digs into a shed on earth',
    ['red-fox', 'in'],
    ['european-badger', 'in'],
    ['norway-rat', 'in'],
    ['stoat', 'slow'],
  ),
  answer(
    'floor-of-slabs',
    'what a house stands on is one thing for all houses',
    ['red-fox', 'shut'],
    ['european-badger', 'shut'],
    ['norway-rat', 'slow'],
    ['stoat', 'shut'],
  ),
  answer(
    'light-mesh',
    'half-inch mesh of 0.7 mm wire, as thin as 23 gauge, holds like that of 1.04',
    ['raccoon', 'in'],
    ['domestic-dog', 'in'],
    ['stoat', 'shut'],
    ['red-fox', 'shut'],
  ),
  answer(
    'mesh-replaced',
    'stoats and mink walk in by what was measured in the netting that half-inch mesh has replaced',
    ['stoat', 'shut'],
    ['american-mink', 'shut'],
    ['norway-rat', 'shut'],
  ),
  answer(
    'two-inch-mesh',
    'cat and badger walk in by mesh of 50.8 mm',
    ['domestic-cat', 'slow'],
    ['european-badger', 'slow'],
    ['stoat', 'in'],
  ),
  answer(
    'narrow-hatch',
    'fox and dog come in by an egg hatch of 60 mm that they push open',
    ['red-fox', 'shut'],
    ['domestic-dog', 'shut'],
  ),
  answer('plug-drawn', 'a raccoon that draws its plug goes through a feed pipe of 50 mm', [
    'raccoon',
    'shut',
  ]),
  answer(
    'hole-in-roof',
    'a skunk, which does not climb, comes in by a hole in the roof',
    ['striped-skunk', 'shut'],
    ['raccoon', 'in'],
  ),
  answer('four-inch-mesh', 'a coyote walks in by 102 mm', ['coyote', 'slow'], ['red-fox', 'in']),
];

/** Hours, seasons and what is kept apart. */
const seasons: readonly OldAnswer[] = [
  answer(
    'by-day',
    'foxes and martens come by night alone',
    ['red-fox', 'in', 'day-run', '2026-05-15'],
    ['pine-marten', 'in', 'day-run', '2026-07-15'],
  ),
  answer('elastic-cords', 'no badger comes in January, and it is about by day only', [
    'european-badger',
    'in',
    'night-shut',
    '2026-01-15',
  ]),
  answer('snake', 'a snake comes in January', ['rat-snake', 'in', 'night-shut', '2026-07-10']),
  answer('moved-every-night', 'a dig begun goes on where the pen stood', ['red-fox', 'shut']),
  answer('stands-for-weeks', 'it is lost where the pen stays', ['red-fox', 'slow']),
  answer('floor-over-a-run', 'the floor of a raised house leads outside', ['red-fox', 'shut']),
  answer(
    'bird-in-a-tree',
    'a bird in a tree is out of reach of all, or of none',
    ['raccoon', 'in'],
    ['great-horned-owl', 'in'],
    ['red-fox', 'shut'],
  ),
  answer('quiet-camera', 'two hundred quiet nights take a way in away', ['red-fox', 'in']),
];

/** All of them. */
export const oldAnswers: readonly OldAnswer[] = [
  ...doors,
  ...abilities,
  ...lines,
  ...openings,
  ...seasons,
];
