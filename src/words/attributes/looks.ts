/** What a walk looks at beside the readings that are judged: from a distance, of zones, and at dusk. */
import { yesNoWords, type AllWords } from './attribute-words';

export const lookWords = {
  'check.cover': {
    ask: {
      title: 'Cover near the wall?',
      todo: 'Brush, stacked wood, long grass within a few steps: what would a fox lie up in?',
      short: 'cover near the wall',
    },
    answers: {
      no: ['none within a few steps', ''],
      yes: ['yes', 'something can lie up unseen'],
    },
  },
  'check.leaning': {
    ask: {
      title: 'Anything to climb by?',
      todo: 'Things leaning, stacked or growing on the wall.',
      short: 'what helps climbers',
    },
    answers: { no: ['nothing', ''], yes: ['yes', 'a ladder: move it a leap away'] },
  },
  'check.branches': {
    ask: {
      title: 'Branches over it?',
      todo: 'Overhanging the run or touching the roof. They hide birds from above, and are a ladder.',
      short: 'branches over it',
    },
    answers: { no: ['none', ''], yes: ['yes', 'shade and hiding, and a way up'] },
  },
  'check.food': {
    ask: {
      title: 'Food lying about?',
      todo: 'Feed left out or spilled, open compost, eggs not collected: it calls rats, and rats call the rest.',
      short: 'food lying about',
    },
    answers: { no: ['none', ''], yes: ['yes', 'it calls rats'] },
  },
  'check.sign': {
    ask: {
      title: 'Fresh sign?',
      todo: 'Tracks, droppings, smell, digging at the edge, hair on wire, chewed wood. Droppings: gloves, and no dust.',
      short: 'fresh sign',
    },
    answers: { no: ['none', ''], yes: ['yes', 'log what it was under “What lives here”'] },
  },
  'check.dressed': {
    ask: ({ name = 'this bay' }) => ({
      title: 'Is the seasonal cover off?',
      todo: `At ${name} it is off at this time of year.`,
      short: 'seasonal cover',
    }),
    answers: {
      off: ['off', 'as it should be now'],
      on: ['still on', 'air and shade as in winter'],
    },
  },
  'check.force': {
    ask: ({ opening = 'door' }) => ({
      title: `How hard does the latch of the ${opening} go?`,
      todo: 'Work it once as you do at dusk.',
      short: 'force of the latch',
    }),
    answers: {
      'two-hands': ['both hands', 'few animals manage it'],
      hand: ['one hand', ''],
      finger: ['a finger', 'clever paws manage it too'],
    },
  },
  'check.eaves': {
    ask: ({ name = 'house' }) => ({
      title: 'Eaves and ridge firm?',
      todo: `Tap and push soffits, ridge and sheets of the ${name}. From a ladder only with someone to hold it.`,
      short: 'eaves and ridge',
    }),
    answers: {
      firm: ['firm', ''],
      loose: ['something gives', 'read how wide it opens in the pull test'],
    },
  },
  'check.load': {
    ask: ({ name = 'run' }) => ({
      title: 'Anything lying on the roof?',
      todo: `Snow, leaves or branches on the cover of the ${name}. Clear it from the side, never from under it.`,
      short: 'what lies on the roof',
    }),
    answers: { no: ['nothing', ''], yes: ['yes', 'weight, and a way over'] },
  },
  'check.square': {
    ask: ({ name = 'pen' }) => ({
      title: 'Square, and off its jacks?',
      todo: `The ${name}: all corners on the ground, wheels up, pegs and earth stake in.`,
      short: 'square, off its jacks',
    }),
    answers: yesNoWords,
  },
  'check.dugInside': {
    ask: ({ name = 'run' }) => ({
      title: 'Fresh digging inside?',
      todo: `Along the inner edge and in the corners of the ${name}. Hens dust-bathe; a tunnel goes under the wall.`,
      short: 'digging inside',
    }),
    answers: yesNoWords,
  },
  'check.vermin': {
    ask: ({ name = 'run' }) => ({
      title: 'Feed and water open to vermin?',
      todo: `In the ${name} at dusk: feeders open, feed on the floor, water that stands.`,
      short: 'feed and water',
    }),
    answers: yesNoWords,
  },
  'check.hides': {
    ask: ({ name = 'run' }) => ({
      title: 'Somewhere to hide from above?',
      todo: `Boards, brush, under the house: can birds in the ${name} get under something in two hops?`,
      short: 'somewhere to hide',
    }),
    answers: yesNoWords,
  },
  'check.air': {
    ask: ({ name = 'house' }) => ({
      title: 'Vents clear?',
      todo: `Air goes in and out of the ${name}: nothing over the vents but mesh. Never block the air.`,
      short: 'vents clear',
    }),
    answers: yesNoWords,
  },
  'check.lamp': {
    ask: ({ name = 'house' }) => ({
      title: 'A heat lamp or cords?',
      todo: `In the ${name}: hung twice, guarded, off the litter, cords out of reach. They start fires; where in doubt, off, and ask an electrician.`,
      short: 'lamp and cords',
    }),
    answers: {
      none: ['none here', ''],
      safe: ['hung twice, guarded', ''],
      'at-risk': ['not safe', 'off now; fire'],
    },
  },
  'check.wayOut': {
    ask: ({ name = 'run' }) => ({
      title: 'Could you get out?',
      todo: `Shut yourself in the ${name}: does the door open from inside?`,
      short: 'your way out',
    }),
    answers: yesNoWords,
  },
  'check.shut': {
    ask: {
      title: 'Shut as at dusk?',
      todo: 'Close everything as you do, and pull each door once. The hour is kept.',
      short: 'shut as at dusk',
    },
    answers: yesNoWords,
  },
  'check.heads': {
    ask: {
      title: 'Count heads',
      todo: 'At roost is easiest. “11 to 13” is an answer; so is “can’t tell”.',
      short: 'count heads',
    },
  },
  'check.shutTook': {
    ask: {
      title: 'How long did it take?',
      todo: 'Minutes from the first door to the last.',
      short: 'how long it took',
    },
  },
} satisfies Partial<AllWords>;
