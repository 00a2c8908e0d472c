/** What the screens of the electric line say. */
import type { FenceView } from '@/core/fence/fence-view';
import type { ViewedBay } from '@/core/fence/viewed-bay';
import type { LinePath } from '@/core/fence/line-path';
import type { LinePass } from '@/core/place/bay';
import type { LineReturn, LineShape } from '@/core/place/fence';
import { chargeAtFreezing, type BatteryKind, type Feed } from '@/core/tables/energizers';
import type { FenceWire } from '@/core/tables/fence-wires';
import { spoken } from '../language';
import type { Banded } from '@/core/fence/battery';
import type { BatteryTrend } from '@/core/fence/battery-trend';
import { dayWords } from '../day-words';
import { batteryWords, kv, nightsBanded, nightsWords, rodsWords } from '../fence-words';
import { capital, count, listOf } from '../names';

export const feedNames: Readonly<Record<Feed, string>> = {
  mains: 'mains',
  'battery-12': '12 V battery',
  'dry-cells': 'dry cells',
  solar: 'solar panel',
};

export const wireNames: Readonly<Record<FenceWire, string>> = {
  'polywire-3': 'polywire, 3 filaments',
  'polywire-6': 'polywire, 6',
  'polywire-9': 'polywire, 9',
  'polywire-copper': 'polywire with copper',
  'steel-1.6': 'steel 1.6 mm',
  'steel-2': 'steel 2 mm',
  'steel-2.5': 'steel 2.5 mm',
  'aluminium-2.5': 'aluminium 2.5 mm',
};

export const shapeNames: Readonly<Record<LineShape, string>> = {
  open: 'its end is left open',
  ring: 'it closes to a ring',
};

export const returnNames: Readonly<Record<LineReturn, string>> = {
  ground: 'the ground alone',
  'earth-wire': 'an earthed wire beside it',
  mesh: 'mesh at the foot, joined to the rods',
};

export const batteryNames: Readonly<Record<BatteryKind, string>> = {
  'lead-acid': 'lead, wet',
  agm: 'lead, AGM or gel',
  lithium: 'lithium (LiFePO₄)',
};

export const passNames: Readonly<Record<LinePass, string>> = {
  handle: 'a handle to unhook',
  buried: 'a lead in the ground',
  overhead: 'a lead overhead',
  ends: 'it ends here',
};

export const fenceText = spoken('fence', {
  yard: 'Yard',
  fence: 'Fence',
  facts: 'Earth, battery, tests',
  drawingSays: (bays: readonly ViewedBay[], { feed }: LinePath, needed: number) =>
    `The line along ${count(bays.length, 'bay')}, fed at ${bays[feed]?.bay.name ?? 'its beginning'}: ${listOf(
      bays.map(({ bay, volts, isRead }) => `${bay.name} ${kv(volts)}${isRead ? ' as read' : ''}`),
    )}. ${kv(needed)} are asked for.`,
  planSays: (name: string) => `Plan of ${name}, north up: the line outside the walls it crosses`,
  bayVolts: (name: string, volts: string) => `${capital(name)}: ${volts}`,
  needed: (volts: string) => `${volts} asked for`,
  legend:
    'Height is volts on the wire; the ground under it is what reaches an animal. A square was read, a ring is worked out. Whole: enough; broken: too little; dotted: dead.',
  ifSo: (answer: string) => `If so: ${answer.charAt(0).toLowerCase()}${answer.slice(1)}`,
  noLine: 'No electric line here yet',
  noLineWhy:
    'One wire a hand’s breadth up, all round, that bites, turns back most of what comes on foot. Say where it runs, then what feeds it.',
  notDescribed: 'Say how the line is made',
  notDescribedWhy:
    'Then Rookle works out what reaches a nose in every bay, in today’s ground, how long the battery lasts, and where to look when the volts fall.',
  describe: 'Describe the line',
  change: 'How the line is made',
  whatIf: 'What if',
  whatIfWhy: 'Nothing of this is kept.',
  asItIs: 'As it is',
  dry: 'Dry ground',
  moist: 'Moist',
  wet: 'Wet',
  frozen: 'Frozen',
  snow: (depth: string) => `Snow ${depth}`,
  unmown: (weeks: number) => `Unmown ${count(weeks, 'week')}`,
  oneMoreRod: 'One more rod',
  handleOff: (name: string) => `Handle off at the ${name}`,
  bays: 'Along the line',
  bayLine: (it: ViewedBay, needed: number) =>
    `${kv(it.volts)} ${it.isRead ? 'read' : 'worked out'}; ${kv(it.reaching)} reaches a nose${it.reaching < needed ? `, ${kv(needed)} asked for` : ''}`,
  touches: (what: string) => `Touching it: ${what}`,
  allOf: (name: string) => `All about ${name}`,
  readHere: (name: string) => `Volts read at ${name}, kV`,
  groundToday: 'The ground today',
  groundTodayWhy: 'The place is judged by it until you say otherwise.',
  earth: 'Earth',
  stakeNow: (volts: number, ohms: number) =>
    `While the line runs, ${kv(volts)} stand on the rods (${Math.round(ohms)} Ω, worked out).`,
  rodsMissing: (missing: FenceView['rodsMissing'], stakeRead: number | undefined) =>
    stakeRead === undefined
      ? `By plate and ground, rods missing: ${rodsWords(missing)}.${missing === 0 ? '' : ' Test the earth before you drive any.'}`
      : `Rods missing: ${rodsWords(missing)}.`,
  earthTest:
    'Earth test: off; short the line to the ground at its far end until it reads less than 2 kV; on; tester on the stake, its own probe a metre off and more. 300 V or less is good (common practice).',
  testTheEarth: 'Test the earth, a step at a time',
  testTheBattery: 'Test the battery, a step at a time',
  stakeRead: 'Volts on the stake, kV',
  stakeOfRods: (now: number) =>
    `Read with fewer rods; with those there are now about ${kv(now)}, worked out. Read it again.`,
  battery: 'Battery',
  batteryLeft: (view: FenceView) => {
    const words = batteryWords(view);
    return words ? `${capital(words)}.` : 'Say what its plate draws, and how large it is.';
  },
  batteryInFrost: (nights: Banded) =>
    `At freezing ${nightsBanded(nights)}: cold takes ${Math.round((1 - chargeAtFreezing.value) * 100)} in 100 of its charge.`,
  batteryTrend: ({ readings, from, perNight, nights }: BatteryTrend) => {
    const since = `By its ${readings} readings since ${dayWords(from)}`;
    if (nights === Infinity) return `${since} it has not fallen.`;
    return `${since} it loses ${Math.max(1, Math.round(perNight * 100))} in 100 of its charge a night: ${nightsWords(nights)} left.`;
  },
  batteryLeavesOut:
    'By its charge at rest, what it draws, the hours of your routine. Leaves out age, self-discharge, clouds in a row. A lead battery is kept above half.',
  rest: 'Battery at rest, V',
  walk: 'Walk the line',
  walkWhy: 'Six readings on a sound line, and a look at each bay.',
  search: 'Where is it?',
  searchWhy:
    'When the volts have fallen: test by test to the leak, or to where the wire is broken.',
  onlyFromAListedEnergizer:
    'Only from a listed energizer, by its own instructions and your local rules; one energizer to a fence, never mains; signs at every access. People with medical devices, and children, keep off. In lightning, unplug it. Off, unhook, through, hook, on.',
  figures: 'What this is worked out by',
  // Describing it.
  describeTitle: 'How the line is made',
  describeWhy: 'What stands on the plate is enough; what you do not know, leave out.',
  energizer: 'The energizer',
  whatFeedsIt: 'What feeds it',
  open: 'Volts with nothing on it, kV',
  loaded: 'Volts at 500 Ω, kV',
  joules: 'Joules',
  draws: 'Draws, mA',
  moreOpenThanLoaded:
    'With nothing on it there must be more volts than at 500 Ω: a load pulls them down. One of the two is the other.',
  batteryKind: 'Which battery',
  ampHours: 'Its size, Ah',
  panel: 'The panel, W',
  wireAndShape: 'Wire and shape',
  wireIs: 'The wire',
  itsEnd: 'How it ends',
  backBy: 'The current comes back by',
  backWhy:
    'Dry or frozen ground leads badly: an earthed wire beside the live one bites all the same.',
  fedAt: 'Where the energizer is joined on',
  fedAtWhy: 'Touch the bay in the drawing, or choose it here.',
  rods: 'Earth rods',
  howMany: 'How many',
  rodLength: 'In the ground',
  rodDiameter: 'Thickness',
  rodsApart: 'From one to the next',
  rodsWhy: 'At least 10 m from any other earth. Call before you dig.',
  noRodsTold: 'Not told: one of a metre is reckoned with.',
  tellRods: 'Tell of the rods',
  crossings: 'At each door',
  crossingsWhy: 'Found from where the line runs.',
  passes: (name: string, bay: string) => `${capital(name)}, ${bay}`,
  // The search.
  searchTitle: 'Where is it?',
  found: (bay: string) => `It is at ${bay}`,
  foundBroken: (a: string, b: string) => `Between ${a} and ${b} the wire no longer leads`,
  brokenWhy:
    'Live before, dead beyond. Energizer off; look for a broken wire, an undone joint or knot, a handle or lead that no longer joins.',
  foundPoor: (a: string, b: string) => `Between ${a} and ${b} a joint leads poorly`,
  poorWhy:
    'Less arrives beyond it than before it. Energizer off; look for twisted or rusty ends, a knot in polywire, a loose clamp, a worn handle.',
  wireBroken: 'a broken wire, or a joint undone or poor',
  lookAt: (bays: readonly string[]) => `Look at ${listOf(bays, 'then')}`,
  beforeEnergizer:
    'Switch off, take the line off the energizer, switch on: what does it give by itself? Below three quarters of its plate it is the energizer or its battery, not the line.',
  read: (bay: string) => `Read the volts at ${bay}`,
  readWhy: 'The line whole, energizer on.',
  openAt: (a: string, b: string) => `Open the line between ${a} and ${b}`,
  openWhy: (bay: string) =>
    `Energizer off; undo the wire at the post between them (or the handle there); on again; read it at ${bay}, on the side that is still fed. Off before you join it again.`,
  ringFirst: 'A ring is undone first where it closes, beside the energizer.',
  itReads: 'It reads, kV',
  note: 'Write it down',
  cannotBe: 'Between 0 and 15 kV, please.',
  tests: 'Tests so far',
  noTests: 'None yet.',
  readAt: (bay: string, volts: number, time?: string) =>
    `${time ? `${time}, ` : ''}${capital(bay)}: ${kv(volts)}`,
  openedAt: (bay: string, volts: number, time?: string) =>
    `${time ? `${time}, opened` : 'Opened'} before ${bay}: ${kv(volts)}`,
  comesAndGoes:
    'Volts that are well again at the next test: it comes and goes, with wind, rain or dew. Search in the weather in which it is bad.',
  hereItIs: 'Found it: what was it?',
  nothingThere: 'Nothing to be seen there: look on',
  lookedAt: (bay: string, time: string) => `${time}, looked at ${bay}: nothing to be seen`,
  beginAnew: 'Begin the search anew',
  practise: 'Practise without a fence',
  practising:
    'Practice: Rookle has hidden a leak, a broken wire or a poor joint, and plays the tester. Nothing is written down.',
  practiseIt: 'Make the test',
  practiceFound: (bay: string, tests: number) => `It was at ${bay}: ${count(tests, 'test')}.`,
  practiceOver: 'Hide another',
  endPractice: 'Enough practised',
  sure: (bay: string, share: number) => `${capital(bay)}: ${Math.round(share * 100)} in 100`,
  likeliest: 'Likeliest',
  searchNeedsPlate:
    'The search works from what stands on the energizer’s plate. Describe the line first.',
  lineIsWell:
    'As far as it has been read, the line gives what it should. Search when the volts have fallen.',
});
