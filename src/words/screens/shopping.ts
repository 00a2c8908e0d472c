/** What the screens of `shopping` say. */
import { spoken } from '../language';
import type { Place } from '@/core/place/place';
import { materialName } from '../mend-words';
import { capital, count } from '../names';
import { moneyWords } from '../plan-words';
import { forWhat, soldWords } from '../shop-words';

export const shopText = spoken('shopping', {
  shoppingFor: (name: string) => `Shopping for ${name}`,
  shareAsText: 'Share as text',
  saveAsATableCsv: 'Save as a table (CSV)',
  print: 'Print',
  copiedPutItIntoA: 'Copied: put it into a message.',
  savedAsATextFile: 'Saved as a text file.',
  mends: 'Mends',
  lookingWhetherItCanBe: 'Looking whether it can be cut for less …',
  workingOutHowItIs: 'Working out how it is cut …',
  theListCouldNotBe: 'The list could not be worked out in this browser. Nothing was changed.',
  isInYourPriceBook: (
    units: Parameters<typeof materialName>[0],
    material: Parameters<typeof materialName>[1],
    place: Place,
    mends: Parameters<typeof forWhat>[1],
    ids: Parameters<typeof forWhat>[2],
  ) =>
    `${capital(materialName(units, material))} is in your price book in no size that does for ${forWhat(place, mends, ids)}. It is not in the sum.`,
  ofIt: (many: number, place: Place, sold: Parameters<typeof soldWords>[1], cents: number) =>
    `${many} of ${soldWords(place, sold)}, ${moneyWords(place, cents)}`,
  sign: (many: number, place: Place, sold: Parameters<typeof soldWords>[1]) =>
    `${many} × ${soldWords(place, sold)}`,
  ourRoundPrice: 'Our round price.',
  forYourOwnMends: 'For your own mends',
  inTheShop: 'In the shop',
  ofTickedTicksAndThe: (inBasket: number, many: number) =>
    `${count(inBasket, 'line')} of ${many} ticked. Ticks and the list work with no network.`,
  theCuttingList: 'The cutting list',
  howItIsCut: 'How it is cut',
  theCuttingListDrawnTo: 'The cutting list, drawn to scale',
  thePriceBook: 'The price book',
  whatYourShopSellsAnd: 'What your shop sells and asks; offcuts in stock',
  nothingToBuy: 'Nothing to buy',
  mendsThatArePlannedCome: 'Mends that are planned come here, until their things are bought.',
  toBuy: (place: Parameters<typeof moneyWords>[0], cents: number) =>
    `${moneyWords(place, cents)} to buy`,
  theShoppingList: 'The shopping list',
  forWholeRollsBoardsAnd: (many: number, name: string) =>
    `For ${count(many, 'mend')}, ${name}. Whole rolls, boards and packs.`,
  whereItGoes: 'Where it goes',
  theSum: 'The sum',
  theThings: 'The things',
  toSpare: (allowance: number) => `To spare, ${allowance} %`,
  takeWithYou: 'Take with you',
  noCheaperWayOfCutting: 'No cheaper way of cutting these pieces from what is sold.',
  thereMayBeACheaper: (money: string) =>
    `These pieces might be cut for less, by ${money} at the most.`,
  pricesWithoutADayAre: (it: string) =>
    `${it} Prices without a day are round sums of ours: write your shop’s into the price book.`,
  allOfItIsBought: 'All of it is bought',
});
