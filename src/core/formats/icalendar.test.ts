import fc from 'fast-check';
import { convertIcsCalendar } from 'ts-ics';
import { readBusyTimes, writeCalendar, type CalendarTask } from './icalendar';
import { dayMs, hourMs } from '../duration';

const now = Date.UTC(2026, 5, 1, 17);
const task: CalendarTask = {
  uid: 'wish-w1-brew@yuzet',
  from: Date.UTC(2026, 5, 2, 8),
  until: Date.UTC(2026, 5, 2, 9, 30),
  title: 'Brew: plum, 3 L; "in the evening"',
  words: 'So that it stands cold by Friday,\nat six.',
  url: 'http://localhost/plan',
};

test('a task is read back by another reader as it was written', () => {
  const text = writeCalendar([task], now);
  // Lines end with CRLF, and none is longer than 75 octets.
  expect(text.split('\r\n').every((line) => new TextEncoder().encode(line).length <= 75)).toBe(true);
  const [event] = convertIcsCalendar(undefined, text).events!;
  expect(event!.uid).toBe(task.uid);
  expect(event!.summary).toBe(task.title);
  expect(event!.description).toBe(task.words);
  expect(event!.url).toBe(task.url);
  expect(event!.start.date.getTime()).toBe(task.from);
  expect(event!.end!.date.getTime()).toBe(task.until);
  expect(event!.alarms).toHaveLength(1);
  // What was planned here takes no time when it comes back.
  expect(readBusyTimes(text, now)).toEqual({ ok: true, value: [] });
});

const calendar = (...events: readonly string[]) =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//EN', ...events, 'END:VCALENDAR', ''].join('\r\n');
const event = (...lines: readonly string[]) =>
  ['BEGIN:VEVENT', 'UID:a', 'DTSTAMP:20260601T000000Z', ...lines, 'END:VEVENT'].join('\r\n');

test('busy times: once, every working day but one, and none for whole, free and cancelled days', () => {
  const text = calendar(
    event('DTSTART:20260603T090000Z', 'DTEND:20260603T113000Z', 'SUMMARY:Dentist'),
    event(
      'DTSTART:20260601T080000Z',
      'DURATION:PT8H',
      'RRULE:FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR;UNTIL=20260605T235959Z',
      'EXDATE:20260604T080000Z',
    ),
    event('DTSTART;VALUE=DATE:20260606', 'DTEND;VALUE=DATE:20260607'),
    event('DTSTART:20260607T090000Z', 'DTEND:20260607T100000Z', 'TRANSP:TRANSPARENT'),
    event('DTSTART:20260608T090000Z', 'DTEND:20260608T100000Z', 'STATUS:CANCELLED'),
    event('DTSTART:20270608T090000Z', 'DTEND:20270608T100000Z'),
  );
  const read = readBusyTimes(text, now);
  const day = (june: number, hour: number, minute = 0) => Date.UTC(2026, 5, june, hour, minute);
  // Monday's working day ended before now.
  expect(read).toEqual({
    ok: true,
    value: [
      { from: day(2, 8), until: day(2, 16) },
      { from: day(3, 8), until: day(3, 16) },
      { from: day(3, 9), until: day(3, 11, 30) },
      { from: day(5, 8), until: day(5, 16) },
    ],
  });
});

test('a time in a zone of its own: nine in a zone two hours ahead is seven by UTC', () => {
  const zone = [
    'BEGIN:VTIMEZONE',
    'TZID:Two',
    'BEGIN:STANDARD',
    'DTSTART:19700101T000000',
    'TZOFFSETFROM:+0200',
    'TZOFFSETTO:+0200',
    'END:STANDARD',
    'END:VTIMEZONE',
  ].join('\r\n');
  const text = calendar(zone, event('DTSTART;TZID=Two:20260602T090000', 'DTEND;TZID=Two:20260602T100000'));
  expect(readBusyTimes(text, now)).toEqual({
    ok: true,
    value: [{ from: Date.UTC(2026, 5, 2, 7), until: Date.UTC(2026, 5, 2, 8) }],
  });
});

test('what repeats without end is read as far as it is asked for, and at most five hundred times', () => {
  const text = calendar(event('DTSTART:20200101T060000Z', 'DTEND:20200101T061500Z', 'RRULE:FREQ=DAILY'));
  const week = readBusyTimes(text, Date.UTC(2020, 0, 1), 7 * dayMs);
  expect(week.ok && week.value.length).toBe(7);
  const hourly = calendar(event('DTSTART:20260601T000000Z', 'DTEND:20260601T000500Z', 'RRULE:FREQ=HOURLY'));
  const all = readBusyTimes(hourly, now);
  expect(all.ok && all.value.length).toBe(500);
});

test('what is no calendar is refused, whatever it is', () => {
  expect(readBusyTimes('hello', now)).toEqual({ ok: false, code: 'calendar.unreadable', params: null });
  expect(readBusyTimes('x'.repeat(5_000_001), now)).toMatchObject({ code: 'calendar.too-long' });
  fc.assert(
    fc.property(
      fc.oneof(
        fc.string(),
        fc
          .array(
            fc.constantFrom(
              'BEGIN:VEVENT',
              'END:VEVENT',
              'DTSTART:2026',
              'RRULE:FREQ=SECONDLY',
              'BEGIN:VCALENDAR',
              'END:VCALENDAR',
              'DTEND:x',
              ':',
              ';',
              '\r\n',
            ),
          )
          .map((parts) => parts.join('\r\n')),
      ),
      (text) => {
        const read = readBusyTimes(text, now);
        if (read.ok) for (const { from, until } of read.value) expect(until).toBeGreaterThan(from);
      },
    ),
    { numRuns: 300, seed: 5 },
  );
});

test('any tasks written are read back, in their order', () => {
  const tasks = fc.array(
    fc.record({
      uid: fc.uuid(),
      from: fc.integer({ min: 0, max: 5000 }).map((hour) => now + hour * hourMs),
      until: fc.constant(now + 6000 * hourMs),
      title: fc
        .string({ unit: 'grapheme', minLength: 1, maxLength: 60 })
        .map((text) => `a${text.replace(/\s+/g, ' ')}b`),
      words: fc.constant('w'),
      url: fc.constant('http://localhost/plan'),
    }),
    { minLength: 1, maxLength: 5 },
  );
  fc.assert(
    fc.property(tasks, (all) => {
      const read = convertIcsCalendar(undefined, writeCalendar(all, now)).events!;
      expect(read.map(({ uid, summary }) => [uid, summary])).toEqual(
        all.map(({ uid, title }) => [uid, title]),
      );
    }),
    { numRuns: 60, seed: 6 },
  );
});
