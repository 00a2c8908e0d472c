/** What the screens of `routine` say. */
import { spoken } from '../language';
import { timeWords } from '../day-words';

export const routineText = spoken('routine', {
  place: 'Place',
  routine: 'Routine',
  shuttingUp: 'Shutting up',
  whoShutsUpAtDusk: 'Who shuts up at dusk',
  whoDoesWhenYouAre: 'Who does when you are away',
  nightsOfAYearOn: 'Nights of a year on which nobody does',
  whatShutsEachDoorAnd:
    'What shuts each door, and whether every night, is said of the door itself, in its bay.',
  electricStrands: 'Electric strands',
  noneAStrandIsStrung:
    'None. A line is strung here round everything or along some walls, or along one bay from its page.',
  aLine: 'String a line',
  anotherLine: 'String another line, instead of what is strung',
  whereItRuns: 'Where it runs',
  roundEverything: 'Round everything',
  alongSomeWalls: 'Along some walls',
  whichWalls: 'Walls that it runs along',
  fromBayToBay: (first: string, last: string) => `${first} to ${last}`,
  oneWireMore: 'One wire more',
  oneWireLess: 'One wire less',
  doesItCrossTheDoors: 'At gates and doors',
  itCrosses: 'it runs across, hooked on',
  itStopsAtDoors: 'it leaves them out',
  insteadOfWhatIsStrung:
    'What is strung now along the outer walls on the ground is taken away for it.',
  stringIt: 'String it',
  notNow: 'Not now',
  theyAreOn: 'They are on',
  whenItGetsDark: 'When it gets dark',
  forTheHourOfDusk:
    'For the hour of dusk Rookle would need to know roughly where this is. It stays in this browser and in your files; whole degrees are enough.',
  sayWhereItIs: 'Say where it is',
  todayTheSunSetsAt: (
    sunset: Parameters<typeof timeWords>[0],
    dark: Parameters<typeof timeWords>[0],
  ) => `Today the sun sets at ${timeWords(sunset)}; it is dark by ${timeWords(dark)}.`,
  todayTheSunDoesNot: 'Today the sun does not set, or does not rise, there.',
  degreesNorth: 'Degrees north',
  degreesEast: 'Degrees east',
  southAndWestBelowZero: 'South and west below zero. Times are this device’s.',
  forgetWhereItIs: 'Forget where it is',
});
