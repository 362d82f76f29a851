import ICAL from 'ical.js';
import { v5, validate } from 'uuid';
import { zoneReader, type ZoneReader } from './calendar-zones';

/** An hour of a calendar file that can become a booking. */
export interface FileHour {
  /** The same for the same hour of the same file, so that reading it twice books nothing twice. */
  id: string;
  /** What the file calls it. */
  title: string;
  startsAt: string;
  minutes: number;
  isOff: boolean;
}

/** What a calendar file holds: hours from now on, and what was passed over. */
export interface CalendarFile {
  hours: FileHour[];
  /** Events that are over, that last whole days, or that are shorter or longer than bookings. */
  over: number;
  wholeDays: number;
  otherLengths: number;
  /** What the file calls events that could not be read, or that repeat by the second or minute. */
  unread: string[];
  /** Zones that nobody knows, whose times were read on the studio's wall clock. */
  unknownZones: string[];
}

/** Any id: names of calendar files are made ids in it. */
const NAMES = '8f6f0c3e-5a38-4a6b-9d0b-2a7f0e1c4d55';
/** How far ahead repeated events are followed, and how many of them at the most. */
const AHEAD_MS = 370 * 24 * 3600 * 1000;
const MOST = 400;
/** Starts of a series that are passed over on the way to now: a daily one since fifty years. */
const MOST_OVER = 20_000;
const LEAST_MINUTES = 10;
const MOST_MINUTES = 240;
/** What repeats so often is no booking, and would never end. */
const TOO_OFTEN: readonly unknown[] = ['SECONDLY', 'MINUTELY'];

/** An event's own id: what this studio sent out comes back as the booking that it was. */
function idOf(uid: string, startsAt: string): string {
  const own = uid.replace(/@spalo$/, '');
  return uid.endsWith('@spalo') && validate(own) ? own : v5(`${uid} ${startsAt}`, NAMES);
}

/** What is told of a file while it is read. */
interface Reading {
  zones: ZoneReader;
  nowMs: number;
  found: CalendarFile;
}

/** The starts of an event that lie from now on: one, or those of its rule as far as they are followed. */
function startsOf(event: ICAL.Event, { nowMs, found }: Reading): ICAL.Time[] {
  if (!event.isRecurring()) return [event.startDate];
  const starts: ICAL.Time[] = [];
  const steps = event.iterator();
  // A day is left for zones: each start is compared exactly when it is read.
  const [from, until] = [nowMs - 24 * 3600 * 1000, nowMs + AHEAD_MS];
  for (
    let left = MOST_OVER, next = steps.next();
    next && left > 0;
    next = steps.next(), left -= 1
  ) {
    const at = next.toJSDate().getTime();
    if (at > until || starts.length >= MOST) break;
    if (at < from) found.over += 1;
    else starts.push(next.clone());
  }
  return starts;
}

/** The calendars of a text: most files hold one, some several. */
function calendarsOf(text: string): ICAL.Component[] {
  let parsed: unknown[];
  try {
    parsed = ICAL.parse(text) as unknown[];
  } catch {
    throw new Error('This is no calendar file');
  }
  const several = Array.isArray(parsed[0]) ? (parsed as unknown[][]) : [parsed];
  const calendars = several.map((each) => new ICAL.Component(each));
  if (calendars.length === 0 || calendars.some(({ name }) => name !== 'vcalendar'))
    throw new Error('This is no calendar file');
  return calendars;
}

/**
 * Reads a calendar file (RFC 5545); `nowMs` is ms since 1970. An event that cannot be read is named, and the rest is read all
 * the same. Throws Error where the text is no calendar.
 */
export function readCalendarFile(text: string, studioZone: string, nowMs: number): CalendarFile {
  const found: CalendarFile = {
    ...{ hours: [], over: 0, wholeDays: 0, otherLengths: 0 },
    ...{ unread: [], unknownZones: [] },
  };
  for (const calendar of calendarsOf(text)) {
    const zones = zoneReader(calendar, studioZone);
    readEvents(calendar.getAllSubcomponents('vevent'), { zones, nowMs, found });
    found.unknownZones = [...new Set([...found.unknownZones, ...zones.unknown])];
  }
  found.hours.sort((a, b) => (a.startsAt < b.startsAt ? -1 : 1));
  return found;
}

/** Events with those of their hours that were moved; a moved hour whose series the file leaves out stands for itself. */
function readEvents(parts: readonly ICAL.Component[], reading: Reading): void {
  const uidOf = (part: ICAL.Component) => part.getFirstPropertyValue('uid');
  const isMoved = (part: ICAL.Component) => part.hasProperty('recurrence-id');
  const series = new Set(parts.filter((part) => !isMoved(part)).map(uidOf));
  for (const part of parts) {
    if (isMoved(part) && series.has(uidOf(part))) continue;
    const moved = parts.filter((each) => isMoved(each) && uidOf(each) === uidOf(part));
    try {
      readEvent(part, isMoved(part) ? [] : moved, reading);
    } catch {
      const title = part.getFirstPropertyValue('summary');
      reading.found.unread.push(typeof title === 'string' ? title.trim() : '');
    }
  }
}

function readEvent(part: ICAL.Component, exceptions: ICAL.Component[], reading: Reading): void {
  const { zones, nowMs, found } = reading;
  const event = new ICAL.Event(part, { exceptions });
  if (!event.startDate || event.startDate.isDate) {
    found.wholeDays += 1;
    return;
  }
  const rule = part.getFirstPropertyValue('rrule');
  if (rule instanceof ICAL.Recur && TOO_OFTEN.includes(rule.freq))
    throw new RangeError('Repeats too often');
  for (const start of startsOf(event, reading)) {
    const { item, startDate, endDate } = event.getOccurrenceDetails(start);
    const from = zones.instant(startDate, item.component);
    const minutes = Math.round((zones.instant(endDate, item.component) - from) / 60_000);
    if (from < nowMs) found.over += 1;
    else if (minutes < LEAST_MINUTES || minutes > MOST_MINUTES) found.otherLengths += 1;
    else {
      const planned = event.recurrenceId ?? start;
      const first = new Date(zones.instant(planned, item.component)).toISOString();
      found.hours.push({
        id: idOf(event.uid, first),
        title: item.summary?.trim() ?? '',
        startsAt: new Date(from).toISOString(),
        minutes,
        isOff: item.component.getFirstPropertyValue('status') === 'CANCELLED',
      });
    }
  }
}
