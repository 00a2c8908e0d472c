/** What the yard says of the evening. */
import type { EveningState } from '@/core/nights/evening-now';
import type { Night } from '@/core/nights/night';
import type { Place } from '@/core/place/place';
import { spoken } from '../language';
import { timeWords } from '../day-words';
import { capital, listOf } from '../names';
import { doorName, doorStateNames, minutesAway } from '../night-words';

interface Said {
  readonly head: string;
  readonly under: string;
  /** Wants doing now. */
  readonly isPressing: boolean;
}

/** "All shut at 17:42.", "Pop door left open." */
function saidWords(place: Place, night: Night): string {
  const amiss = [...night.doors].filter(([, was]) => was !== 'shut');
  if (amiss.length > 0) {
    return `${capital(listOf(amiss.map(([id, was]) => `${doorName(place, id)} ${doorStateNames[was][1]}`)))}.`;
  }
  if (night.state !== 'shut') return 'Something was said of the birds, nothing of the doors.';
  return night.shutAt ? `All shut at ${timeWords(new Date(night.shutAt))}.` : 'All shut.';
}

function darkWords(dusk: { dark: Date; now: Date } | undefined): string {
  if (!dusk) return 'A tap at dusk says all shut, all home.';
  const minutes = (dusk.dark.getTime() - dusk.now.getTime()) / 60_000;
  return `Dark ${minutes >= 0 ? 'at' : 'since'} ${timeWords(dusk.dark)}, ${minutesAway(minutes)}.`;
}

const words = spoken('evening', {
  lastNightUnknown: 'Last night is not known: say how it was',
  nights: 'Nights',
  whatHappened: 'Birds missing, hurt or dead? What happened',
});

export const eveningText = {
  get lastNightUnknown() {
    return words.lastNightUnknown;
  },
  get nights() {
    return words.nights;
  },
  get whatHappened() {
    return words.whatHappened;
  },
  evening(
    place: Place,
    night: Night,
    state: EveningState,
    dusk: { dark: Date; now: Date } | undefined,
  ): Said {
    switch (state) {
      case 'said':
        return {
          head: saidWords(place, night),
          under: 'Said of this night. Tap to say more.',
          isPressing: night.state === 'missed',
        };
      case 'late':
        return { head: 'Not said: is it shut up?', under: darkWords(dusk), isPressing: true };
      case 'due':
        return { head: 'Shut up', under: darkWords(dusk), isPressing: false };
      case 'day':
        return { head: 'Shut up tonight', under: darkWords(dusk), isPressing: false };
    }
  },
  lastNight(place: Place, night: Night): Said {
    return night.said.length === 0
      ? {
          head: 'Last night: how was it?',
          under: 'Say whether it was shut, or what was found open this morning.',
          isPressing: false,
        }
      : {
          head: `Last night: ${saidWords(place, night)}`,
          under: 'Found otherwise this morning? Tap to say so.',
          isPressing: night.state === 'missed',
        };
  },
};
