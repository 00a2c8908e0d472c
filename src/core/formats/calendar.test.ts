/** Calendar files, read back by a calendar package that had no part in writing them. */
import ICAL from 'ical.js';
import fc from 'fast-check';
import { calendarFile, type CalendarEvent } from './calendar';

const at = new Date('2026-11-29T10:00:00Z');

const read = (file: string) =>
  new ICAL.Component(ICAL.parse(file)).getAllSubcomponents('vevent').map((it) => {
    const event = new ICAL.Event(it);
    const alarm = it.getFirstSubcomponent('valarm');
    const trigger = alarm?.getFirstProperty('trigger');
    return {
      uid: event.uid,
      sequence: event.sequence,
      summary: event.summary,
      text: event.description,
      start: event.startDate,
      end: event.endDate,
      trigger: String(trigger?.getFirstValue()),
      related: trigger?.getParameter('related'),
    };
  });

const volts: CalendarEvent = {
  id: 'line-volts',
  name: 'Read the line',
  text: '',
  day: '2026-12-06',
};

test('a day is a day, reminded of at nine by the phone’s own clock', () => {
  const [event] = read(calendarFile([volts], 'yard', at));
  expect(event?.start.isDate).toBe(true);
  expect(event?.start.toString()).toBe('2026-12-06');
  expect(event).toMatchObject({ trigger: 'PT9H', related: 'START', summary: 'Read the line' });
});

test('dusk is an instant, whatever the zone, reminded of as it comes', () => {
  const [from, to] = [new Date('2026-12-06T16:02:00Z'), new Date('2026-12-06T16:31:00Z')];
  const [event] = read(
    calendarFile([{ id: 'dusk', name: 'Shut up', text: '', from, to }], 'yard', at),
  );
  expect(event?.start.toJSDate()).toEqual(from);
  expect(event?.end.toJSDate()).toEqual(to);
  expect(event?.start.zone.tzid).toBe('UTC');
  expect(event?.trigger).toBe('PT0S');
});

test('in a later file the same thing has the same UID and a higher number, so that it moves', () => {
  const later = new Date('2026-12-03T10:00:00Z');
  const [before, after] = [
    read(calendarFile([volts], 'yard', at))[0],
    read(calendarFile([{ ...volts, day: '2026-12-10' }], 'yard', later))[0],
  ];
  expect(after?.uid).toBe(before?.uid);
  expect(after?.sequence).toBeGreaterThan(before?.sequence ?? NaN);
  expect(after?.start.toString()).toBe('2026-12-10');
  // Of two files written a minute apart the later one counts.
  const minuteOn = read(calendarFile([volts], 'yard', new Date('2026-11-29T10:01:00Z')))[0];
  expect(minuteOn?.sequence).toBe((before?.sequence ?? NaN) + 1);
  // Another place’s are its own.
  expect(read(calendarFile([volts], 'other', at))[0]?.uid).not.toBe(before?.uid);
});

// RFC 5545, 3.1: lines end in CR LF and are no longer than 75 octets (published; recalled from memory).
test('whatever is typed comes back as it was, and no line is too long', () => {
  fc.assert(
    fc.property(
      fc.string({ unit: 'grapheme', maxLength: 200 }),
      fc.string({ unit: 'binary', maxLength: 60 }),
      (typed, id) => {
        const name = typed.replace(/[\u0000-\u001f\u007f\u0085\u2028\u2029]/g, ' ');
        fc.pre(name.trim() !== '');
        const file = calendarFile([{ ...volts, id, name, text: `${name}\nmore` }], 'yard', at);
        for (const line of file.split('\r\n')) {
          expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
          expect(line).not.toMatch(/[\r\n]/);
        }
        const [event, ...more] = read(file);
        expect(more).toEqual([]);
        expect(event).toMatchObject({ summary: name, text: `${name}\nmore` });
      },
    ),
  );
});
