import ICAL from 'ical.js';
import { findIana } from 'windows-iana';
import { instantOf } from '../time/day-time';

const two = (number: number) => String(number).padStart(2, '0');
const isZone = (zone: string): boolean => {
  try {
    return Boolean(new Intl.DateTimeFormat('en', { timeZone: zone }));
  } catch {
    return false;
  }
};

/** A zone by the name that devices know it by: as it is, or by the table of names that some programs write (CLDR). */
const knownZone = (tzid: string): string | null =>
  isZone(tzid) ? tzid : (findIana(tzid).find(isZone) ?? null);

/** How the times of one calendar are read. */
export interface ZoneReader {
  /** The instant (ms since 1970) of a time of an event. */
  instant: (time: ICAL.Time, event: ICAL.Component) => number;
  /** Zones that nobody knows. */
  unknown: Set<string>;
}

/**
 * Times of a zone that devices know are read in it, whatever the file says of its clock changes; those of another zone as the
 * file defines it, else on the studio's wall clock; those of none on the studio's, too.
 */
export function zoneReader(calendar: ICAL.Component, studioZone: string): ZoneReader {
  const defined = new Map<string, ICAL.Timezone>();
  for (const part of calendar.getAllSubcomponents('vtimezone')) {
    const zone = new ICAL.Timezone(part);
    defined.set(zone.tzid, zone);
  }
  const unknown = new Set<string>();
  const onWall = (time: ICAL.Time, zone: string) => {
    const { year, month, day, hour, minute } = time;
    const at = instantOf(`${year}-${two(month)}-${two(day)}`, `${two(hour)}:${two(minute)}`, zone);
    return at ? Date.parse(at) : time.toJSDate().getTime();
  };
  const instant = (time: ICAL.Time, event: ICAL.Component): number => {
    if (time.zone?.tzid === 'UTC') return time.toJSDate().getTime();
    const named = event.getFirstProperty('dtstart')?.getFirstParameter('tzid');
    const tzid = typeof named === 'string' ? named : null;
    if (tzid === null) return onWall(time, studioZone);
    const known = knownZone(tzid);
    if (known) return onWall(time, known);
    const own = defined.get(tzid);
    if (own) {
      const there = time.clone();
      there.zone = own;
      return there.toJSDate().getTime();
    }
    unknown.add(tzid);
    return onWall(time, studioZone);
  };
  return { instant, unknown };
}
