/** What the screens of `place` say. */
import { spoken } from '../language';
import type { Units } from '@/core/place/place';
import { distanceWords, lengthWords } from '../length-words';
import { capital, count } from '../names';

export const placeText = spoken('place', {
  planAndLap: 'Plan and lap',
  asTheDevice: 'as the device',
  aTremble: 'a tremble',
  aClick: 'a click',
  looksAndSignals: 'Looks and signals',
  looksNow: (look: string, signal: string) => `${capital(look)}; ${signal} when a reading is saved`,
  duskSparesNightSightSunlight: 'Dusk spares night sight; sunlight is as hard as ink on paper',
  whenAReadingIsSaved: 'When a reading is saved',
  noneWithoutANetwork:
    'At this address Rookle opens only while its server is there: browsers keep a page for when there is no network only from https, or from this machine itself. What you save is kept all the same.',
  theFile: 'The file',
  everythingIsKeptInThis:
    'Everything is kept in this browser only. A file of it is your copy: structure, every walk, every mend, prices and purchases; with the photos or without. Either is opened again below.',
  tooManyPhotos:
    'With all its photos this place is larger than one file that can be opened again. Save a copy without photos, or take some photos away first. Nothing was changed.',
  manyPhotos: (many: number, fit: number) =>
    `${many} photos: one file has room for about ${fit}. Take some away before it is too late to save them all.`,
  damagedArePutAway: (many: number) =>
    `${count(many, 'damaged record')} of this place ${many === 1 ? 'is put away. It goes with the place, and is kept as it is.' : 'are put away. They go with the place, and are kept as they are.'}`,
  savePutAway: 'Save what is put away as a file',
  saving: 'Saving …',
  saveEverythingPhotosToo: 'Save everything, photos too',
  saveACopyAsA: 'Save a copy as a file',
  toTheYard: 'To the yard',
  itIsHereAlready: 'It is here already',
  keepBoth: 'Keep both as two places',
  joinThem: 'Join them',
  changedOnBoth: (part: string) => `Changed on both: ${part}`,
  asHere: 'as it is here',
  asInTheFile: 'as it is in the file',
  chooseFirst: 'Say first which state of each part is to stand.',
  keepers: 'Who keeps it',
  oneOrTwoPhones: 'What you are called; keeping it on two phones',
  whatYouAreCalled: 'What you are called, on this phone',
  keepersAre: (names: string) => `Also kept by ${names}.`,
  twoPhones:
    'Two phones keep one place so: save a copy as a file on the one, open it on the other, and join. Then the other way round. Nothing is lost on either, in whichever order, and what came is taken back in one step.',
  putAside: (name: string) => `Put ${name} aside and open the file`,
  doNotOpen: 'Leave it as it is',
  openAFile: 'Open a file',
  takeAwayItCanBe: (name: string) =>
    `Take ${name} away? It can be brought back until you remove it for good.`,
  yesRemove: (name: string) => `Yes, remove ${name}`,
  keepIt: 'Keep it',
  removeFromThisBrowser: 'Remove from this browser',
  touchAWallToChange: 'Touch a wall to change it.',
  planAsAPicture: 'Plan as a picture',
  lapAsAPicture: 'Lap as a picture',
  otherPlaces: 'Other places',
  whatStandsHere: 'What stands here',
  addARunAHouse: 'Add a run, a house or a nest box',
  addARunAHouseA: 'Add a run, a house, a nest box …',
  whoLivesInItAnd: 'Who lives in it, and how',
  changeTheFlock: 'Change the flock',
  theFlock: 'The flock',
  changeTheRoutine: 'Change the routine',
  routineAndStrandHours: 'Routine and strand hours',
  shutUpBy: (shuts: string) => `Shut up by ${shuts}.`,
  whoShutsUpWhoDoes: 'Who shuts up, who does when you are away.',
  whatLivesNearYou: 'What lives near you',
  whatLivesHereAndWhat: 'What lives here, and what was seen',
  nameAndUnits: 'Name and units',
  nameAndWhere: (name: string, units: string, where: string) => `${name}, ${units}, ${where}`,
  nameOfThePlace: 'Name of the place',
  units: 'Units',
  howItJudges: 'How it judges',
  everyFigureAndItsSource: 'Every figure and its source',
  howItIsJudged: 'How it is judged',
  sqFt: (round: number) => `${round} sq ft`,
  round: (perimeter: number, units: Units, size: string, many: number) =>
    `${distanceWords(perimeter, units)} round, ${size}, ${count(many, 'side')}`,
  asPacedItMissesIts: (round: string, round2: number, units: Units) =>
    `${round}. As paced it misses its start by ${lengthWords(round2, units)}, shared out along the sides.`,
  theTableCouldNotBe:
    'The table could not be made here and now. Nothing was changed; with a network, load the page again and try once more.',
  change: (name: string) => `Change ${name}`,
});
