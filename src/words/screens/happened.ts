/** What the screens after a loss say. */
import { findBay } from '@/core/place/find';
import type { Place } from '@/core/place/place';
import type { Sign } from '@/core/records/found-signs';
import type { Culprit, Loss } from '@/core/records/sighting';
import type { Ranked, RankedWay } from '@/core/signs/inquiry';
import { spoken } from '../language';
import { dayWords } from '../day-words';
import { entryWords } from '../log-words';
import { capital, count, listOf } from '../names';
import { culpritName, foundWords, shareWords } from '../sign-words';
import { byWayWords } from '../signs-text';

export const happenedText = spoken('happened', {
  yard: 'Yard',
  whatHappened: 'What happened?',
  first: 'Gloves on, and the birds that are left shut in safely first.',
  cautions:
    'Several dead without a wound: illness until shown otherwise; touch nothing more, call a vet or the authority. Never handle a wild animal, alive or dead. Many are protected: no trap, no poison. A bite: wash a quarter of an hour, then a doctor.',
  whichBirds: 'Which birds',
  gone: 'Gone',
  dead: 'Found dead',
  hurt: 'Alive and hurt',
  eggs: 'Eggs gone or broken',
  night: 'When',
  lastNight: 'Last night',
  today: 'Today, by day',
  nightBefore: 'The night before last',
  other: 'Another day',
  theDay: 'The day, like 2026-11-20',
  fewerOf: (what: string) => `${what}: one less`,
  moreOf: (what: string) => `${what}: one more`,
  writeDown: (gone: number, dead: number, hurt: number) => {
    const said = [
      ...(gone > 0 ? [`${gone} gone`] : []),
      ...(dead > 0 ? [`${dead} dead`] : []),
      ...(hurt > 0 ? [`${hurt} hurt`] : []),
    ];
    return said.length > 0 ? `Write down: ${listOf(said)}` : 'Write down: a fright';
  },
  thenAsked:
    'The flock is fewer by the gone and the dead from that day. Then a few questions about what is left.',
  lossIs: (place: Place, { animal: _, cause: __, thought: ___, ...loss }: Loss) =>
    `${capital(entryWords(place, loss))}, ${dayWords(loss.date)}`,
  mostLikely: (culprit: Culprit, share: number) =>
    `Most likely: ${culpritName(culprit).toLowerCase()}, ${shareWords(share)}`,
  between: (a: Culprit, b: Culprit) => `${culpritName(a)} or ${culpritName(b).toLowerCase()}`,
  known: (culprit: Culprit) => `It was: ${culpritName(culprit).toLowerCase()}`,
  cannotTell: 'Can’t tell',
  askedOf: (at: number) => `Question ${at}`,
  enough: 'Nothing more asked would tell much.',
  askMore: 'Ask on',
  whatItComesTo: 'Who it may have been, and by which way',
  who: 'Who it may have been',
  aRanking:
    'A ranking from what was found, what comes by here, and what these walls let in that night; no verdict.',
  share: shareWords,
  name: culpritName,
  spoke: ({ speaksFor, speaksAgainst }: Ranked) =>
    [
      ...(speaksFor.length > 0 ? [`For it: ${listOf(speaksFor.map(foundWords))}.`] : []),
      ...(speaksAgainst.length > 0 ? [`Against: ${listOf(speaksAgainst.map(foundWords))}.`] : []),
    ].join(' '),
  byWhichWay: 'By which way',
  way: (place: Place, way: RankedWay) => capital(byWayWords(place, way)),
  wayOf: (way: RankedWay) => `${culpritName(way.culprit)}, ${shareWords(way.share)}`,
  noWay: 'No way that is known fits. Look at what has not been read yet, and who could come by it.',
  lookFirst: (place: Place, bays: readonly string[]) =>
    `Look first at ${listOf(bays.map((id) => findBay(place, id)?.bay.name ?? id))}.`,
  walkInThisOrder: (stops: number) => `Walk after a loss: ${count(stops, 'wall')} first`,
  readWhatIsUnread: 'Walk after a loss',
  mends: 'What to mend first',
  found: 'What was found',
  foundIs: (sign: Sign) => capital(foundWords(sign)),
  takeBack: 'Take back',
  takeItBack: (sign: Sign) => `Take back: ${foundWords(sign)}`,
  itIsKnown: 'It is known now',
  itIsKnownWhy:
    'A camera, a print, a vet: say who it was, and how often it is reckoned with follows. What was thought first is kept.',
  notKnown: 'Not known',
  thoughtFirst: (culprit: Culprit, share: number) =>
    `Thought first: ${culpritName(culprit).toLowerCase()}, ${shareWords(share)}.`,
  signTable:
    'How often each leaves a sign is a synthesis of our own from keys to kills, recalled from memory; signs overlap, and what comes later changes a carcass.',
  illness:
    'Dead without a wound: treat it as illness until a vet or the authority has said otherwise. Touch nothing more, keep the others in.',
});
