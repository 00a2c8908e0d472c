/** What a walk looks at beside the readings: what to do, and what the answers are called. */
import type { choiceChecks, CheckId } from '@/core/place/checks';
import { earthAtMost } from '@/core/tables/shocking';
import type { Question } from '@/core/walk/questions';
import type { QuestionWords } from './question-words';

type Words = Omit<QuestionWords, 'short'>;
type Asked = Pick<Question, 'attribute' | 'name' | 'opening'>;

const says: Readonly<Record<CheckId, (asked: Asked) => Words>> = {
  'check.cover': () => ({
    title: 'Cover near the wall?',
    todo: 'Brush, stacked wood, long grass within a few steps: what would a fox lie up in?',
  }),
  'check.leaning': () => ({
    title: 'Anything to climb by?',
    todo: 'Things leaning, stacked or growing on the wall.',
  }),
  'check.branches': () => ({
    title: 'Branches over it?',
    todo: 'Overhanging the run or touching the roof. They hide birds from above, and are a ladder.',
  }),
  'check.food': () => ({
    title: 'Food lying about?',
    todo: 'Feed left out or spilled, open compost, eggs not collected: it calls rats, and rats call the rest.',
  }),
  'check.sign': () => ({
    title: 'Fresh sign?',
    todo: 'Tracks, droppings, smell, digging at the edge, hair on wire, chewed wood. Droppings: gloves, and no dust.',
  }),
  'check.dressed': ({ name }) => ({
    title: 'Is the seasonal cover off?',
    todo: `At ${name ?? 'this bay'} it is off at this time of year.`,
  }),
  'check.eaves': ({ name }) => ({
    title: 'Eaves and ridge firm?',
    todo: `Tap and push soffits, ridge and sheets of the ${name ?? 'house'}. From a ladder only with someone to hold it.`,
  }),
  'check.load': ({ name }) => ({
    title: 'Anything lying on the roof?',
    todo: `Snow, leaves or branches on the cover of the ${name ?? 'run'}. Clear it from the side, never from under it.`,
  }),
  'check.voltsNear': () => ({
    title: 'Volts near the energizer',
    todo: 'With a fence tester where the line begins, in kilovolts. Never by hand.',
  }),
  'check.earth': () => ({
    title: 'Volts on the earth stake',
    todo: `Line shorted well away from it, tester on the stake. Up to ${earthAtMost.value} kV is common practice; more: the earth is too small or too dry.`,
  }),
  'check.battery': () => ({ title: 'The battery?', todo: 'What feeds the energizer today.' }),
  'check.on': () => ({
    title: 'Switched on again?',
    todo: 'Off to go in, and back on: is it on now, at the hours you keep?',
  }),
  'check.signs': () => ({
    title: 'Warning signs up?',
    todo: 'Readable from every side people come from. Local rules say how many.',
  }),
  'check.joined': () => ({
    title: 'Part of a longer fence?',
    todo: 'A fault far off takes these volts too. Never two energizers on one line, never mains.',
  }),
  'check.dugInside': ({ name }) => ({
    title: 'Fresh digging inside?',
    todo: `Along the inner edge and in the corners of the ${name ?? 'run'}. Hens dust-bathe; a tunnel goes under the wall.`,
  }),
  'check.vermin': ({ name }) => ({
    title: 'Feed and water open to vermin?',
    todo: `In the ${name ?? 'run'} at dusk: feeders open, feed on the floor, water that stands.`,
  }),
  'check.hides': ({ name }) => ({
    title: 'Somewhere to hide from above?',
    todo: `Boards, brush, under the house: can birds in the ${name ?? 'run'} get under something in two hops?`,
  }),
  'check.wayOut': ({ name }) => ({
    title: 'Could you get out?',
    todo: `Shut yourself in the ${name ?? 'run'}: does the door open from inside?`,
  }),
  'check.air': ({ name }) => ({
    title: 'Vents clear?',
    todo: `Air goes in and out of the ${name ?? 'house'}: nothing over the vents but mesh. Never block the air.`,
  }),
  'check.lamp': ({ name }) => ({
    title: 'A heat lamp or cords?',
    todo: `In the ${name ?? 'house'}: hung twice, guarded, off the litter, cords out of reach. They start fires; where in doubt, off, and ask an electrician.`,
  }),
  'check.force': ({ opening }) => ({
    title: `How hard does the latch of the ${opening ?? 'door'} go?`,
    todo: 'Work it once as you do at dusk.',
  }),
  'check.square': ({ name }) => ({
    title: 'Square, and off its jacks?',
    todo: `The ${name ?? 'pen'}: all corners on the ground, wheels up, pegs and earth stake in.`,
  }),
  'check.shut': () => ({
    title: 'Shut as at dusk?',
    todo: 'Close everything as you do, and pull each door once. The hour is kept.',
  }),
  'check.heads': () => ({
    title: 'Count heads',
    todo: 'At roost is easiest. “32 to 34” is an answer; so is “can’t tell”.',
  }),
  'check.shutTook': () => ({
    title: 'How long did it take?',
    todo: 'Minutes from the first door to the last.',
  }),
};

const short: Readonly<Record<CheckId, string>> = {
  'check.cover': 'cover near the wall',
  'check.leaning': 'what helps climbers',
  'check.branches': 'branches over it',
  'check.food': 'food lying about',
  'check.sign': 'fresh sign',
  'check.dressed': 'seasonal cover',
  'check.eaves': 'eaves and ridge',
  'check.load': 'what lies on the roof',
  'check.voltsNear': 'volts at the energizer',
  'check.earth': 'volts on the earth stake',
  'check.battery': 'the battery',
  'check.on': 'switched on again',
  'check.signs': 'warning signs',
  'check.joined': 'a longer fence',
  'check.dugInside': 'digging inside',
  'check.vermin': 'feed and water',
  'check.hides': 'somewhere to hide',
  'check.wayOut': 'your way out',
  'check.air': 'vents clear',
  'check.lamp': 'lamp and cords',
  'check.force': 'force of the latch',
  'check.square': 'square, off its jacks',
  'check.shut': 'shut as at dusk',
  'check.heads': 'count heads',
  'check.shutTook': 'how long it took',
};

export function checkWords(asked: Asked): QuestionWords {
  const id = asked.attribute as CheckId;
  return { short: short[id], ...says[id](asked) };
}

type Answers = {
  readonly [Id in keyof typeof choiceChecks]?: Readonly<Record<string, readonly [string, string]>>;
};

/** Answers that "yes" and "no" would not say well. */
const answers: Answers = {
  'check.cover': {
    no: ['none within a few steps', ''],
    yes: ['yes', 'something can lie up unseen'],
  },
  'check.leaning': { no: ['nothing', ''], yes: ['yes', 'a ladder: move it a leap away'] },
  'check.branches': { no: ['none', ''], yes: ['yes', 'shade and hiding, and a way up'] },
  'check.food': { no: ['none', ''], yes: ['yes', 'it calls rats'] },
  'check.sign': { no: ['none', ''], yes: ['yes', 'log what it was under “What lives here”'] },
  'check.dressed': {
    off: ['off', 'as it should be now'],
    on: ['still on', 'air and shade as in winter'],
  },
  'check.eaves': {
    firm: ['firm', ''],
    loose: ['something gives', 'read how wide it opens in the pull test'],
  },
  'check.load': { no: ['nothing', ''], yes: ['yes', 'weight, and a way over'] },
  'check.battery': {
    mains: ['runs from a listed mains unit', ''],
    full: ['charged', ''],
    low: ['low', 'volts fall quietly'],
  },
  'check.lamp': {
    none: ['none here', ''],
    safe: ['hung twice, guarded', ''],
    'at-risk': ['not safe', 'off now; fire'],
  },
  'check.force': {
    'two-hands': ['both hands', 'few animals manage it'],
    hand: ['one hand', ''],
    finger: ['a finger', 'clever paws manage it too'],
  },
};

/** Name of an answer, and what is to be said of it. */
export function checkAnswer(id: CheckId, answer: string): readonly [name: string, note: string] {
  const own: Readonly<Record<string, readonly [string, string]>> | undefined =
    id in answers ? answers[id as keyof Answers] : undefined;
  return own?.[answer] ?? [answer, ''];
}
