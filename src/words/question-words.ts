/** What each question asks, and what to do with hand or tape. */
import type { Place } from '@/core/place/place';
import type { Question, QuestionKind } from '@/core/walk/questions';
import { lengthWords } from './length-words';

export interface QuestionWords {
  readonly title: string;
  readonly todo: string;
  /** For the button that leads here: "Next: pull test". */
  readonly short: string;
}

type Say = (question: Question, place: Place) => QuestionWords;

const says: Readonly<Record<QuestionKind, Say>> = {
  'ground-gap': () => ({
    title: 'Gap under the sill',
    todo: 'Run the tape along the ground line. Read the widest spot.',
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
    title: question.opening ? `What is in the ${question.opening}?` : 'What is this?',
    todo: bandWords(question, place),
    short: question.opening ? `mesh in the ${question.opening}` : 'mesh',
  }),
  'clear-opening': (question, place) => ({
    title: 'Clear opening',
    todo: `Wire edge to wire edge, the smaller way. ${bandWords(question, place)}`,
    short: 'clear opening',
  }),
  'pull-test': () => ({
    title: 'Pull test',
    todo: 'Take hold at staples, seams, ties and corners and pull. Read the widest gap that opens.',
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
  'opening-corners': ({ opening }) => ({
    title: `Pull the ${opening}`,
    todo: 'Shut and latched, pull each corner. Read the widest gap.',
    short: `corners of the ${opening}`,
  }),
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
