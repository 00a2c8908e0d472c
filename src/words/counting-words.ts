/** What the figures are called that the judgement itself counts by. */
import type { CountingGroup, countingFigures } from '@/core/tables/counting';

type Names = {
  readonly [Group in CountingGroup]: readonly [
    name: string,
    figures: Readonly<Record<keyof (typeof countingFigures)[Group], string>>,
  ];
};

export const countingNames: Names = {
  effort: [
    'Effort',
    {
      minutes: '“Minutes” count as',
      hour: '“About an hour” counts as',
      night: '“A night” counts as',
      enoughForANight: 'In the ground and above, a night from so much of what is enough:',
      enoughForAnHour: 'and an hour from so much:',
    },
  ],
  ways: [
    'Ways in, slow ways',
    {
      leastChance: 'A slow way counts from a chance of',
      strandsShut: 'Strands shut a way when they turn back a share of',
      slotLength: 'A slot is as long as its figure, times',
      bandSteps: 'From shut out to known to pass:',
      birdHeight: 'Birds by day stand no higher than',
    },
  ],
  walls: [
    'Walls that are described',
    {
      wantingLeast: 'A wall has a gap when it is short by',
      wantingShare: 'and by a share of its length of',
      wallsMeet: 'Ends of walls meet when nearer than',
    },
  ],
  log: [
    'Your log',
    {
      byEye: 'Share of visits that you notice:',
      byCamera: 'Share that a camera catches:',
      logMemory: 'An entry tells for',
      visitsBefore: 'Before anything is logged, visits seen:',
    },
  ],
  day: [
    'Day and evening',
    {
      daylight: 'Daylight, where nobody said where it lies:',
      watchedShare: 'Share of visits that you at home do not keep away:',
      eveningBegins: 'An evening begins before sunset by',
      eveningLate: 'It is late after dark by',
    },
  ],
  sure: [
    'How sure, and what is the same',
    {
      patienceSpread: 'Patience is taken times this, and divided by it:',
      samePoint: 'The same hold, within points of a hundred:',
    },
  ],
  loss: [
    'After a loss',
    {
      manyDead: 'Many dead, from birds:',
      speaks: 'A sign speaks for or against, from times likelier:',
      leastInformation: 'A question is worth a tap, from bits:',
    },
  ],
  air: ['Air', { fabricOpen: 'Insect screen and canvas leave open a share of' }],
};
