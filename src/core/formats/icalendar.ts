import ICAL from 'ical.js';
import type { Busy } from '../kitchen/busy';
import { refusal, success, type Result } from '../result';
import { dayMs } from '../duration';

/** Something to do, as a calendar holds it. */
export interface CalendarTask {
  /** The same for the same thing: a second import updates it. */
  readonly uid: string;
  readonly from: number;
  readonly until: number;
  readonly title: string;
  readonly words: string;
  /** Leads back into the app. */
  readonly url: string;
}

/** Warned so long before. */
const alarmBefore = 'PT15M';

const utc = (at: number) => ICAL.Time.fromJSDate(new Date(at), true);

/**
 * Tasks as an iCalendar file.
 *
 * @param stamp when it was written, ms
 * @returns text with CRLF line ends
 * @source RFC 5545
 */
export function writeCalendar(tasks: readonly CalendarTask[], stamp: number): string {
  const calendar = new ICAL.Component('vcalendar');
  calendar.addPropertyWithValue('prodid', '-//Yuzet//Plan//EN');
  calendar.addPropertyWithValue('version', '2.0');
  for (const { uid, from, until, title, words, url } of tasks) {
    const event = new ICAL.Component('vevent');
    event.addPropertyWithValue('uid', uid);
    event.addPropertyWithValue('dtstamp', utc(stamp));
    event.addPropertyWithValue('dtstart', utc(from));
    event.addPropertyWithValue('dtend', utc(Math.max(until, from)));
    event.addPropertyWithValue('summary', title);
    event.addPropertyWithValue('description', words);
    event.addPropertyWithValue('url', url);
    // What is planned here keeps nobody from anything else.
    event.addPropertyWithValue('transp', 'TRANSPARENT');
    const alarm = new ICAL.Component('valarm');
    alarm.addPropertyWithValue('action', 'DISPLAY');
    alarm.addPropertyWithValue('description', title);
    alarm.addPropertyWithValue('trigger', ICAL.Duration.fromString(`-${alarmBefore}`));
    event.addSubcomponent(alarm);
    calendar.addSubcomponent(event);
  }
  return `${calendar.toString()}\r\n`;
}

/** So many times are read at most, and a file is this long at most, characters. */
const mostSpans = 500;
const mostRepeats = 2000;
const longest = 5_000_000;

/**
 * The busy times of a calendar file between two instants: events that take time, repeated as often as they come.
 *
 * @param ahead how far from `now` on is read, ms
 * @returns in the order they begin, at most 500; refusals `calendar.unreadable` and `calendar.too-long`
 * @source RFC 5545; free events, cancelled ones and whole days are no busy times
 */
export function readBusyTimes(text: string, now: number, ahead = 60 * dayMs): Result<Busy[]> {
  if (text.length > longest) return refusal('calendar.too-long');
  const until = now + ahead;
  try {
    const calendar = new ICAL.Component(ICAL.parse(text));
    for (const zone of calendar.getAllSubcomponents('vtimezone'))
      ICAL.TimezoneService.register(new ICAL.Timezone(zone));
    const spans = calendar
      .getAllSubcomponents('vevent')
      .filter(takesTime)
      .flatMap((event) => timesOf(new ICAL.Event(event), now, until));
    return success(spans.sort((a, b) => a.from - b.from).slice(0, mostSpans));
  } catch {
    return refusal('calendar.unreadable');
  }
}

const said = (event: ICAL.Component, name: string): string =>
  String(event.getFirstPropertyValue(name) ?? '').toUpperCase();

const takesTime = (event: ICAL.Component): boolean =>
  said(event, 'transp') !== 'TRANSPARENT' && said(event, 'status') !== 'CANCELLED';

function timesOf(event: ICAL.Event, now: number, until: number): Busy[] {
  if (!event.startDate || event.startDate.isDate || event.isRecurrenceException()) return [];
  const span = (start: ICAL.Time, end: ICAL.Time): Busy => ({
    from: start.toJSDate().getTime(),
    until: end.toJSDate().getTime(),
  });
  const inTime = (each: Busy) => each.until > now && each.from < until && each.until > each.from;
  if (!event.isRecurring()) return [span(event.startDate, event.endDate)].filter(inTime);
  const out: Busy[] = [];
  const times = event.iterator();
  for (let i = 0; i < mostRepeats; i++) {
    const next = times.next();
    if (!next) break;
    const { startDate, endDate } = event.getOccurrenceDetails(next);
    const each = span(startDate, endDate);
    if (each.from >= until) break;
    if (inTime(each)) out.push(each);
  }
  return out;
}
