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
  noneAStrandIsStrung: 'None. A strand is strung from the page of any bay.',
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
