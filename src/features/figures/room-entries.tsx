/** Entries of the reference about room for the birds. */
import { birdKinds } from '@/core/tables/bird-kinds';
import { asHens, roomAsked, roomKinds, schools } from '@/core/tables/room';
import { birdNames, capital } from '@/words/names';
import { roomNames, schoolNames } from '@/words/room-words';
import { roomText } from '@/words/screens/room';
import type { Entry } from './entry';
import { FigureLine } from './FigureLine';

export const roomEntries: readonly Entry[] = [
  ...roomKinds.map((kind): Entry => ({
    id: `room-${kind}`,
    kind: 'nights',
    name: roomText.roomOf(roomNames[kind]),
    words: roomText.words,
    figures: () => (
      <>
        {schools.map((school) => {
          const figure = roomAsked[kind][school];
          return (
            figure && (
              <FigureLine key={school} name={`${capital(schoolNames[school])}:`} figure={figure} />
            )
          );
        })}
      </>
    ),
  })),
  {
    id: 'room-as-hens',
    kind: 'nights',
    name: roomText.aBirdAsHens,
    words: roomText.words,
    figures: () => (
      <>
        {birdKinds.map((kind) => (
          <FigureLine key={kind} name={`${capital(birdNames[kind])}:`} figure={asHens[kind]} />
        ))}
      </>
    ),
  },
];
