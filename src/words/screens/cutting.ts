/** What the screens of `cutting` say. */
import { spoken } from '../language';
import { dayWords } from '../day-words';
import { capital, count } from '../names';

export const cuttingText = spoken('cutting', {
  piece: (
    size: string,
    forWhat: string | undefined,
    part: { readonly at: number; readonly of: number } | undefined,
    isTooLong: boolean,
  ) => {
    const of = part ? `, ${part.at} of ${part.of}` : '';
    const whose = forWhat === undefined ? size : `${size}. ${forWhat}${of}`;
    return isTooLong
      ? `${whose}. Longer than anything sold: join it where there is wood behind it`
      : whose;
  },
  cutInto: (trim: string, of2: string) => `${capital(trim)}, cut into ${of2}`,
  shopping: 'Shopping',
  nothingToCut: 'Nothing to cut',
  toCut: (pieces: number) => `${count(pieces, 'piece')} to cut`,
  crosscutAlongTheDashedLines: (name: string) =>
    `${name}. Crosscut along the dashed lines first, then slit along. Measure on the wall again before you cut.`,
  lookingWhetherItCanBe: 'Looking whether it can be cut for less …',
  workingOutHowItIs: 'Working out how it is cut …',
  itCouldNotBeWorked: 'It could not be worked out in this browser. Nothing was changed.',
  printOnOnePage: 'Print on one page',
  bought: (date: string) => `Bought ${dayWords(date)}`,
  stillToBuy: 'Still to buy',
  whatComesHere: 'What comes here',
  meshSheetBoardsAndBattens:
    'Mesh, sheet, boards and battens of mends that are planned or bought, until they are done. Other things are only counted.',
  offcutsInStock: 'Offcuts in stock',
  usedBeforeAnyRollIs: (many: number) => `${count(many, 'piece')}, used before any roll is bought`,
});
