/** What each question asks, and what to do with hand or tape. */
import { findBay, findItem } from '@/core/place/find';
import type { Moves, OpeningKind, Place } from '@/core/place/place';
import type { Question, QuestionKind } from '@/core/walk/questions';
import { checkWords } from './check-words';
import { lengthWords } from './length-words';

export interface QuestionWords {
  readonly title: string;
  readonly todo: string;
  /** For the button that leads here: "Next: pull test". */
  readonly short: string;
}

type Say = (question: Question, place: Place) => QuestionWords;

const says: Readonly<Record<QuestionKind, Say>> = {
  check: checkWords,
  'ground-gap': (question, place) => ({
    title: 'Gap under the sill',
    todo:
      movesOf(question, place) === 'wheels'
        ? 'Run the tape along the ground line, and look on both sides of every wheel. Read the widest spot.'
        : 'Run the tape along the ground line: dips, ruts, roots, burrows. Read the widest spot.',
    short: 'gap under the sill',
  }),
  'bottom-edge-lifted': () => ({
    title: 'Lift the bottom edge',
    todo: 'Midway between the posts, lift by hand. Read the gap while it is up.',
    short: 'lift the bottom edge',
  }),
  soil: () => ({
    title: 'What is the ground here?',
    todo: 'Along the outside of the bay, a spade’s width.',
    short: 'what the ground is',
  }),
  'fresh-digging': () => ({
    title: 'Fresh digging?',
    todo: 'Along the edge, from either side.',
    short: 'fresh digging',
  }),
  'wire-floor': () => ({
    title: 'Mesh under the floor',
    todo: 'What lies under the soil of the run, right across and joined to the wall?',
    short: 'mesh under the floor',
  }),
  'frame-weight': () => ({
    title: 'What does the frame weigh?',
    todo: 'All of it, in kilograms. Lift one edge: what you feel is half.',
    short: 'weight of the frame',
  }),
  pegs: () => ({
    title: 'How long are the pegs?',
    todo: 'That hold this edge down; 0 where there are none.',
    short: 'length of the pegs',
  }),
  'top-edge': () => ({
    title: 'How does the top edge end?',
    todo: 'Joined to a roof all along, or free? Pull at it from below.',
    short: 'top edge',
  }),
  overhang: () => ({
    title: 'How wide is the overhang?',
    todo: 'From the wall outward, at its narrowest. From the ground with a long tape, or a ladder that someone holds.',
    short: 'width of the overhang',
  }),
  'lets-go': ({ opening }) => ({
    title: `Let go of the ${opening ?? 'door'}`,
    todo: 'From wide open and from a hand’s breadth. Does it fall shut and latch, both times?',
    short: 'whether it falls shut',
  }),
  habit: ({ opening }) => ({
    title: `Is the ${opening ?? 'door'} shut at night?`,
    todo: 'As it stood the last nights, not as it should.',
    short: 'how it stands at night',
  }),
  'skirt-mesh': () => ({
    title: 'What is the mesh in the ground?',
    todo: 'Uncover a hand’s breadth, or say what you remember.',
    short: 'mesh in the ground',
  }),
  fixing: () => ({
    title: 'What holds it on?',
    todo: 'The weakest kind of fixing anywhere on this bay’s mesh or board.',
    short: 'fixing',
  }),
  condition: () => ({
    title: 'What state is it in?',
    todo: 'Mesh, board and fixings, at their worst spot.',
    short: 'condition',
  }),
  roost: () => ({
    title: 'How near do birds roost?',
    todo: 'From the perch or nest to this wall’s nearest opening, as a bird sits.',
    short: 'nearest roost',
  }),
  'strand-height': () => ({
    title: 'Height of the strand',
    todo: 'Off at the energizer first. From the ground to the wire, here.',
    short: 'height of the strand',
  }),
  'strand-stand-off': () => ({
    title: 'How far out is the strand?',
    todo: 'From the mesh to the wire; 0 where it stands free.',
    short: 'stand-off of the strand',
  }),
  'strand-touching': () => ({
    title: 'What touches the strand?',
    todo: 'The worst of it along this bay.',
    short: 'what touches the strand',
  }),
  volts: () => ({
    title: 'Volts on the line',
    todo: 'With a fence tester at the far end, in kilovolts. Never by hand.',
    short: 'volts on the line',
  }),
  'skirt-depth': () => ({
    title: 'Mesh below the wall',
    todo: 'How deep does it go? Probe it, or say what you remember; 0 where there is none.',
    short: 'mesh below the wall',
  }),
  'skirt-outward': () => ({
    title: 'Mesh laid outward',
    todo: 'How far out from the wall, flat on the ground or just under it? 0 where there is none.',
    short: 'mesh laid outward',
  }),
  'skirt-tied': () => ({
    title: 'Is it tied to the wall?',
    todo: 'Pull at its inner edge. Lifted by frost or scratched loose is not tied.',
    short: 'whether it is tied',
  }),
  mesh: (question, place) => ({
    title: question.opening
      ? `What is in the ${question.opening}?`
      : isSeasonal(question, place)
        ? 'The seasonal cover: on?'
        : 'What is this?',
    todo: isSeasonal(question, place)
      ? `It is on at this time of year. Say what is there; “nothing” where it is off. ${bandWords(question, place)}`
      : bandWords(question, place),
    short: question.opening ? `mesh in the ${question.opening}` : 'mesh',
  }),
  'clear-opening': (question, place) => ({
    title: 'Clear opening',
    todo: `Wire edge to wire edge, the smaller way. ${bandWords(question, place)}`,
    short: 'clear opening',
  }),
  'pull-test': ({ leg }) => ({
    title: 'Pull test',
    todo:
      leg === 'overhead'
        ? 'Its edge all round, seams and ties: take hold and pull. Read the widest gap that opens.'
        : 'Take hold at staples, seams, ties and corners and pull. Read the widest gap that opens.',
    short: 'pull test',
  }),
  'largest-hole': () => ({
    title: 'Largest hole',
    todo: 'Look the whole bay over: rust, chewed wood, knots, torn wire. Read the largest hole.',
    short: 'largest hole',
  }),
  'opening-gap': ({ opening }) => ({
    title: `Gap round the ${opening}`,
    todo: 'Shut it as at dusk. Read the widest gap all round.',
    short: `gap round the ${opening}`,
  }),
  'opening-corners': (question, place) => {
    const [verb, todo] = pulls[openingKind(question, place)] ?? [
      'Pull',
      'Shut and latched, pull each corner. Read the widest gap.',
    ];
    return {
      title: `${verb} the ${question.opening}`,
      todo,
      short: `corners of the ${question.opening}`,
    };
  },
  latch: ({ opening }) => ({
    title: `What holds the ${opening} shut?`,
    todo: 'As you leave it at night.',
    short: `latch of the ${opening}`,
  }),
};

export function questionWords(question: Question, place: Place): QuestionWords {
  return says[question.kind](question, place);
}

function bandWords({ band, opening }: Question, { units }: Place): string {
  if (opening || !band) return 'Look close: what covers it?';
  const [from, to] = band;
  if (from === to) return 'Overhead, the whole cover.';
  return from === 0
    ? `From the ground up to ${lengthWords(to, units)}.`
    : `From ${lengthWords(from, units)} up to ${lengthWords(to, units)}.`;
}

/** What hands do with an opening that does not swing like a door. */
const pulls: Readonly<
  Partial<Record<OpeningKind | 'none', readonly [verb: string, todo: string]>>
> = {
  'pop-door': [
    'Lift',
    'Shut as at dusk: lift it from below, then pull its edges. Read the widest gap.',
  ],
  'nest-lid': ['Lift', 'Shut and latched: lift it at each corner. Read the widest gap.'],
};

function openingKind({ item }: Question, place: Place): OpeningKind | 'none' {
  const found = findItem(place, item);
  return found?.kind === 'opening' ? found.opening.kind : 'none';
}

/** On what the pen is moved whose wall this is, if it is. */
function movesOf({ bay }: Question, place: Place): Moves | undefined {
  const face = bay === undefined ? undefined : findBay(place, bay)?.face;
  return place.zones.find(({ id, moves }) => moves && face?.between.includes(id))?.moves;
}

/** A layer that is taken off for part of the year; off season it is asked for by a check of its own. */
function isSeasonal({ item }: Question, place: Place): boolean {
  const found = findItem(place, item);
  return found?.kind === 'layer' && found.layer.on !== undefined;
}
