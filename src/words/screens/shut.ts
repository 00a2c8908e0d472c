/** What the screen of the evening round says. */
import type { Night } from '@/core/nights/night';
import type { Place } from '@/core/place/place';
import type { RoostCount } from '@/core/records/evening';
import type { Learning } from '@/core/records/spells';
import type { Range } from '@/core/score/judge';
import { spoken } from '../language';
import { dayWords, timeWords } from '../day-words';
import { holdWords } from '../headline';
import { count, listOf } from '../names';
import { countWords, doorName, doorStateNames, learningWords, minutesAway } from '../night-words';

export const shutText = spoken('shut', {
  yard: 'Yard',
  nights: 'Nights',
  title: (date: string, isTonight: boolean, morning: boolean) =>
    isTonight ? (morning ? 'Last night' : 'Shut up') : `The night of ${dayWords(date)}`,
  dark: (dark: Date, minutes: number) =>
    `Dark ${minutes >= 0 ? 'at' : 'since'} ${timeWords(dark)}, ${minutesAway(minutes)}.`,
  wasDark: (dark: Date) => `It was dark by ${timeWords(dark)}.`,
  noDusk: 'The sun does not set, or does not rise, here today.',
  noPosition: 'Say under Routine where the place lies, and dusk stands here.',
  line: 'Electric line',
  on: 'On',
  off: 'Off',
  anotherDoor: 'Another door is not as it should be',
  closeIt: 'Close',
  change: 'Not so',
  changeIt: (name: string) => `Not so: ${name}`,
  shouldBeShut: 'should be shut',
  shouldBeIn: 'should be in',
  shouldBeOn: 'should be on',
  groupIs: (said: RoostCount) => {
    const more = [
      ...(said.out ? [`${said.out} still out`] : []),
      ...(said.elsewhere ? [`${said.elsewhere} asleep elsewhere`] : []),
    ];
    return listOf([`${countWords(said)} in`, ...more]);
  },
  allIn: (number: number) => `All ${number} in`,
  oneFewer: (number: number) => `${number} in`,
  either: (a: number, b: number) => `${a} or ${b}`,
  oneOut: (number: number) => `${number} in, one still out`,
  oneElsewhere: (number: number) => `${number} in, one asleep elsewhere`,
  inAtLeast: 'In at roost, at least',
  inAtMost: 'At most',
  stillOut: 'Still out',
  elsewhere: 'Asleep elsewhere',
  hidesALoss: (missing: number) =>
    `${count(missing, 'bird')} may be missing. Count again at the roost, with a dim light; look under the house and in the nearest tree.`,
  whoDidIt: 'Who shut up',
  keeper: 'As ever',
  somebodyElse: 'Somebody else',
  theirName: 'Their name',
  whenShut: 'When',
  justNow: 'Just now',
  ago: (minutes: number) => minutesAway(-minutes),
  allShut: 'All shut, all home',
  restAsItShould: 'All else as it should be',
  wasShut: 'It was shut, all were home',
  toTheYard: 'To the yard',
  lookFor: (place: Place, learning: Learning) =>
    `${learningWords(place, learning)}. They do not find in by themselves yet: look under the house, by the fence, in the nearest tree, and lift them in.`,
  foundOpen: 'Found otherwise? Say so on its line: a door found open was missed that night.',
  unknown:
    'Nothing was said of this night: it counts neither as shut nor as missed until somebody says.',
  said: (place: Place, night: Night) => {
    const amiss = [...night.doors].filter(([, was]) => was !== 'shut');
    if (night.state === 'not-known') return 'Said so far';
    if (amiss.length === 0) return 'All shut';
    return listOf(amiss.map(([id, was]) => `${doorName(place, id)} ${doorStateNames[was][1]}`));
  },
  at: (at: string, by: string | undefined) => `${timeWords(new Date(at))}${by ? `, ${by}` : ''}`,
  tonightHolds: (hold: Range) => `${holdWords(hold)} tonight, as it was said.`,
  nightBefore: 'The night before',
  thisNight: 'Tonight',
  whatHappened: 'Birds missing, hurt or dead? What happened',
});
