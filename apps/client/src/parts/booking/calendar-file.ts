import ICAL from 'ical.js';
import { v5, validate } from 'uuid';
import { instantOf } from '../time/day-time';

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
}

/** Any id: names of calendar files are made ids in it. */
const NAMES = '8f6f0c3e-5a38-4a6b-9d0b-2a7f0e1c4d55';
/** How far ahead repeated events are followed, and how many of them at the most. */
const AHEAD_MS = 370 * 24 * 3600 * 1000;
const MOST = 400;
const LEAST_MINUTES = 10;
const MOST_MINUTES = 240;

const two = (number: number) => String(number).padStart(2, '0');
const isZone = (zone: string): boolean => {
  try {
    return Boolean(new Intl.DateTimeFormat('en', { timeZone: zone }));
  } catch {
    return false;
  }
};

/**
 * The instant of a time in a file. Times of a zone that devices know are read in it, whatever the file says of its clock changes;
 * those of another zone as the file defines it; those of none on the studio's wall clock.
 */
function instantIn(time: ICAL.Time, tzid: string | null, studioZone: string): number {
  const { year, month, day, hour, minute } = time;
  const known = tzid && isZone(tzid) ? tzid : time.zone?.tzid === 'floating' ? studioZone : null;
  if (time.zone?.tzid === 'UTC' || !known) return time.toJSDate().getTime();
  const at = instantOf(`${year}-${two(month)}-${two(day)}`, `${two(hour)}:${two(minute)}`, known);
  return at ? Date.parse(at) : time.toJSDate().getTime();
}

/** An event's own id: what this studio sent out comes back as the booking that it was. */
function idOf(uid: string, startsAt: string): string {
  const own = uid.replace(/@spalo$/, '');
  return uid.endsWith('@spalo') && validate(own) ? own : v5(`${uid} ${startsAt}`, NAMES);
}

/** The starts of an event: one, or those of its rule as far as they are followed. */
function startsOf(event: ICAL.Event, untilMs: number): ICAL.Time[] {
  if (!event.isRecurring()) return [event.startDate];
  const starts: ICAL.Time[] = [];
  const steps = event.iterator();
  for (let next = steps.next(); next && starts.length < MOST; next = steps.next()) {
    if (next.toJSDate().getTime() > untilMs) break;
    starts.push(next.clone());
  }
  return starts;
}

/** Reads a calendar file (RFC 5545). Throws Error where it is none. */
export function readCalendarFile(text: string, studioZone: string, nowMs: number): CalendarFile {
  let calendar: ICAL.Component;
  try {
    calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
  } catch {
    throw new Error('This is no calendar file');
  }
  if (calendar.name !== 'vcalendar') throw new Error('This is no calendar file');
  for (const zone of calendar.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(zone);
  const found: CalendarFile = { hours: [], over: 0, wholeDays: 0, otherLengths: 0 };
  const parts = calendar.getAllSubcomponents('vevent');
  const isMoved = (part: ICAL.Component) => part.hasProperty('recurrence-id');
  for (const part of parts.filter((each) => !isMoved(each))) {
    const moved = parts.filter(
      (each) =>
        isMoved(each) && each.getFirstPropertyValue('uid') === part.getFirstPropertyValue('uid'),
    );
    readEvent(new ICAL.Event(part, { exceptions: moved }), studioZone, nowMs, found);
  }
  found.hours.sort((a, b) => (a.startsAt < b.startsAt ? -1 : 1));
  return found;
}

function readEvent(
  event: ICAL.Event,
  studioZone: string,
  nowMs: number,
  found: CalendarFile,
): void {
  if (!event.startDate || event.startDate.isDate) {
    found.wholeDays += 1;
    return;
  }
  for (const start of startsOf(event, nowMs + AHEAD_MS)) {
    const { item, startDate, endDate } = event.getOccurrenceDetails(start);
    const parameter = item.component.getFirstProperty('dtstart')?.getFirstParameter('tzid');
    const tzid = typeof parameter === 'string' ? parameter : null;
    const from = instantIn(startDate, tzid, studioZone);
    const minutes = Math.round((instantIn(endDate, tzid, studioZone) - from) / 60_000);
    const startsAt = new Date(from).toISOString();
    if (from < nowMs) found.over += 1;
    else if (minutes < LEAST_MINUTES || minutes > MOST_MINUTES) found.otherLengths += 1;
    else {
      const first = new Date(instantIn(start, tzid, studioZone)).toISOString();
      found.hours.push({
        id: idOf(event.uid, first),
        title: item.summary?.trim() ?? '',
        startsAt,
        minutes,
        isOff: item.component.getFirstPropertyValue('status') === 'CANCELLED',
      });
    }
  }
}
