/** What the screens of `prices` say. */
import { spoken } from '../language';
import type { Place } from '@/core/place/place';
import { dayWords } from '../day-words';
import { materialName } from '../mend-words';
import { capital } from '../names';
import { moneyWords } from '../plan-words';
import { sizeWords } from '../shop-words';

export const pricesText = spoken('prices', {
  addAnotherSize: 'Add another size',
  howManyInIt: 'How many in it',
  width: (unit: string) => `Width, ${unit}`,
  price: 'Price',
  sayHowLargeItIs: 'Say how large it is: plain figures, none of them nothing.',
  addItSeenToday: 'Add it, seen today',
  leaveIt: 'Leave it',
  onSale: (name: string, many: number) => `${name}, ${many} on sale`,
  from: (place: Parameters<typeof moneyWords>[0], cents: number) =>
    `from ${moneyWords(place, cents)}`,
  notSold: 'not sold',
  aRoundSumOfOurs: 'A round sum of ours',
  seen: (seen: string) => `Seen ${dayWords(seen)}`,
  close: 'close',
  change: 'change',
  notToBeHad: (size: string) => `${capital(size)}: not to be had`,
  hasIt: 'has it',
  theShopHasItAfter: (name: string, size: string) => `${name}, ${size}: the shop has it after all`,
  priceOf: (size: string) => `Price of ${size}`,
  keepItSeenToday: 'Keep it, seen today',
  notToBeHadThere: 'Not to be had there',
  backToOurRoundSum: 'Back to our round sum',
  takeItOut: 'Take it out',
  shopping: 'Shopping',
  thePriceBook: 'The price book',
  rookleLooksNothingUpUntil:
    'Rookle looks nothing up. Until you write in what your shop asks, it reckons with round sums of ours; sizes are those usual in shops (common practice, recalled from memory). A price of yours stands with the day you saw it.',
  money: 'Money',
  currency: 'Currency',
  toSpareOnTopOf: 'To spare, on top of every sum',
  offcutsInStock: 'Offcuts in stock',
  usedBeforeAnythingIsBought: 'Used before anything is bought. Take out what is no longer there.',
  gone: 'Gone',
  goneOffcut: (
    units: Parameters<typeof materialName>[0],
    material: Parameters<typeof materialName>[1],
    place: Place,
    it: Parameters<typeof sizeWords>[1],
  ) => `Gone: ${materialName(units, material)}, ${sizeWords(place, it)}`,
  prices: 'Prices',
  lookFor: 'Look for',
  saveAllPricesAsA: 'Save all prices as a table (CSV)',
  onYourListNow: 'On your list now',
  withAPriceOfYours: 'With a price of yours',
  allOthers: 'All others',
  length: (unit: string) => `Length, ${unit}`,
});
