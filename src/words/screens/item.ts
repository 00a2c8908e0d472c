/** What the screens of `item` say. */
import { spoken } from '../language';
import type { AnimalId } from '@/core/tables/animals';
import { animalName } from '../headline';
import { animalList } from '../names';

export const itemText = spoken('item', {
  notKnownOfItIs: (animalsIn: Parameters<typeof animalList>[0]) =>
    `Not known of ${animalList(animalsIn)}: it is not read yet.`,
  whatWouldBeEnough: 'What would be enough',
  whyItHolds: 'Why it holds',
  readingsOverTime: 'Readings over time',
  nothingHasBeenReadHere: 'Nothing has been read here yet.',
  toTheNearestSixteenth: 'To the nearest sixteenth.',
  betterThanBefore: ' · better than before',
  worseThanBefore: ' · worse than before',
  whatTheStrandTurnsBack: 'What the strand turns back',
  triesInHundred: (animal: Parameters<typeof animalName>[0], round: number) =>
    `${animalName(animal)}: ${round} tries in 100`,
  ofPrescribedWiresMetKv: (met: number, of2: number, round: number, touchingName: string) =>
    `${met} of ${of2} prescribed wires met; ${round} kV; touching it: ${touchingName}.`,
  atMostInHundred: (round: number, markName: string, source: string, note: string) =>
    `At most ${round} in 100: ${markName}; ${source}. ${note}`,
  countedAsFarAsIt:
    'Counted as far as it is sure: unread volts or heights turn nothing back. A listed energizer only, signed, and never two on one fence; follow its instructions and local rules.',
  whoGetsByIt: 'Who gets by it',
  readingsPhotosMends: 'Readings, photos, mends',
  yard: 'Yard',
  aStrandStopsNobodyBy: 'A strand stops nobody by itself: it turns tries back.',
  nothingIsJudgedByThis: 'Nothing is judged by this alone.',
  readAgain: (name: string) => `Read ${name} again`,
  mends: 'Mends',
  inThisBay: 'In this bay',
  alsoInThisBay: 'Also in this bay',
  thisIsNotHere: 'This is not here',
  itsWallWasChangedOr:
    'Its wall was changed, or it is of another place. What was read of it stays in the old walks.',
  holdsAgainst: (isTheRest: boolean, animals: readonly AnimalId[]) =>
    `Holds against ${isTheRest ? 'the rest: ' : ''}${animalList(animals)}.`,
  change: (name: string) => `Change ${name}`,
});
