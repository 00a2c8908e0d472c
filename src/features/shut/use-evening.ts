/** The evening that is asked about: which night it is, and what was said of it. */
import { useMemo } from 'react';
import { isMorning, nightOf } from '@/core/nights/calendar';
import { daysLater } from '@/core/schema/day';
import { eveningState, type EveningState } from '@/core/nights/evening-now';
import { nightOn, type Night } from '@/core/nights/night';
import type { Place } from '@/core/place/place';
import type { LogEntry } from '@/core/records/sighting';
import { duskOf, type Dusk } from '@/core/place/dusk';
import { useNow } from '@/store/use-now';

export interface EveningAt {
  readonly now: Date;
  /** The night that is on, or is coming, by the place’s own clock. */
  readonly tonight: string;
  /** Whether that night is in its morning half. */
  readonly isMorning: boolean;
  readonly night: Night;
  readonly dusk: Dusk | undefined;
  readonly state: EveningState;
}

/** When it gets dark on a day at the place; `undefined` where nobody said where it lies, or the sun does not set. */
export function duskAt({ setting }: Place, date: string): Dusk | undefined {
  const { position } = setting;
  return position && duskOf(new Date(`${date}T12:00:00`), position);
}

/** `asked`: a night looked back at; absent: the one that is on. */
export function useEveningAt(
  place: Place,
  log: readonly LogEntry[],
  asked: string | undefined,
): EveningAt {
  const now = useNow();
  return useMemo(() => {
    const { position } = place.setting;
    const offset = -now.getTimezoneOffset();
    const tonight = nightOf(now, position, offset);
    const date = asked !== undefined && asked <= tonight ? asked : tonight;
    const night = nightOn(place, log, date);
    const dusk = duskAt(place, date);
    return {
      now,
      tonight,
      isMorning: isMorning(now, position, offset),
      night,
      dusk,
      state: eveningState(night, now, dusk),
    };
  }, [place, log, asked, now]);
}

/** So many nights back; yesterday’s for the morning after. */
export const nightBefore = (date: string): string => daysLater(date, -1);
