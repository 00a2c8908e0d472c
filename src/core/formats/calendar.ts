/**
 * What falls due and when it gets dark as a calendar file (RFC 5545), for the phone's own calendar to remind of. An event keeps its UID from file to
 * file and counts up its SEQUENCE, so that taking in a later file moves what has moved.
 */
import ical, { ICalAlarmType } from 'ical-generator';
import { remindedAfter } from '../tables/rounds';

interface EventBase {
  /** The same for the same thing in every file of a place. */
  readonly id: string;
  readonly name: string;
  readonly text: string;
}

/** All of a day, reminded of in its morning; or from one instant to another, reminded of at the first. */
export type CalendarEvent =
  | (EventBase & { /** YYYY-MM-DD */ readonly day: string })
  | (EventBase & { readonly from: Date; readonly to: Date });

/** The file. `place`: its id. `at`: when it is written. Every text may be anything a keeper can type. */
export function calendarFile(events: readonly CalendarEvent[], place: string, at: Date): string {
  const calendar = ical({ name: 'Rookle', prodId: { company: 'rookle', product: 'rookle' } });
  for (const event of events) {
    const written = calendar.createEvent({
      // A UID is written as it is: nothing in it may end its line.
      id: `${plain(event.id)}@${plain(place)}.rookle`,
      summary: event.name,
      description: event.text,
      stamp: at,
      sequence: sequenceOf(at),
      ...('day' in event
        ? { start: new Date(`${event.day}T00:00:00Z`), allDay: true, timezone: 'UTC' }
        : { start: event.from, end: event.to }),
    });
    const alarm = written.createAlarm({ type: ICalAlarmType.display, description: event.name });
    // Set after it is made: given with it, the package lays it to the end of the event.
    if ('day' in event) alarm.trigger(-remindedAfter.value * 3600).relatesTo('START');
    else alarm.trigger(0);
  }
  return calendar.toString();
}

/** Half of a pair of signs stands for none. */
const plain = (id: string): string => encodeURIComponent(id.replace(/[\ud800-\udfff]/gu, '_'));

/** Minutes since Rookle's first year: a later file has a higher number, whichever phone wrote it, for as long as a calendar can count. */
const sequenceOf = (at: Date): number =>
  Math.max(0, Math.floor((at.getTime() - Date.UTC(2026, 0, 1)) / 60_000));
