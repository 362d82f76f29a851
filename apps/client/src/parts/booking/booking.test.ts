import { instantOf } from '../time/day-time';
import { readCalendarFile } from './calendar-file';
import { fromDay, movedAlike, repeated, ruleText, weekdayOf } from './repeat';

const wall = (iso: string, zone: string) =>
  new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    weekday: 'short',
    hour: '2-digit',
    minute: '2-digit',
  }).format(new Date(iso));

describe('a repeated booking', () => {
  // In Berlin the clocks change on 28 March 2027, in New York on 14 March, in Sydney on 4 April, in Kolkata never.
  it.each(['Europe/Berlin', 'America/New_York', 'Australia/Sydney', 'Asia/Kolkata'])(
    'stays at its hour on the wall across clock changes in %s',
    (zone) => {
      const { rule, startsAt } = repeated(
        { every: 1, days: [1], count: 10 },
        { day: '2027-03-02', time: '18:00' },
        zone,
      );
      expect(rule).toBe('FREQ=WEEKLY;INTERVAL=1;BYDAY=TU;COUNT=10;WKST=MO');
      expect(startsAt).toHaveLength(10);
      expect(new Set(startsAt.map((each) => wall(each, zone)))).toEqual(new Set(['Tue 18:00']));
    },
  );

  it('takes several days, every other week, and begins no earlier than its day', () => {
    const { startsAt } = repeated(
      { every: 2, days: [0, 3], count: 5 },
      { day: '2027-01-06', time: '09:30' },
      'UTC',
    );
    expect(startsAt.map((each) => each.slice(0, 10))).toEqual([
      '2027-01-07',
      '2027-01-18',
      '2027-01-21',
      '2027-02-01',
      '2027-02-04',
    ]);
  });

  it('goes to the weekday of another day where it was on that of the day before', () => {
    const weekly = { every: 1, days: [0], count: 12 } as const;
    expect(fromDay(weekly, '2026-11-30', '2026-12-02')).toEqual({ ...weekly, days: [2] });
    // Days that were chosen stay.
    const chosen = { ...weekly, days: [0, 3] };
    expect(fromDay(chosen, '2026-11-30', '2026-12-02')).toBe(chosen);
    expect(fromDay(weekly, '2026-12-01', '2026-12-02')).toBe(weekly);
    expect(fromDay(weekly, '2026-11-30', '1.12.')).toBe(weekly);
  });

  it('is said in words, and moved as one of it was moved', () => {
    expect(ruleText('FREQ=WEEKLY;INTERVAL=1;BYDAY=TU;COUNT=10')).toMatch(/^Every week on Tuesday/);
    expect(ruleText('nonsense')).toBe('Repeated');
    expect(weekdayOf('2026-11-29')).toBe(6);
    const zone = 'Europe/Berlin';
    const moved = movedAlike(
      instantOf('2027-03-30', '18:00', zone)!,
      { day: '2027-03-02' },
      { day: '2027-03-04', time: '07:15' },
      zone,
      (iso) => iso.slice(0, 10),
    );
    expect(wall(moved, zone)).toBe('Thu 07:15');
  });
});

const file = (...events: string[]) =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//EN', ...events, 'END:VCALENDAR'].join('\r\n');
const event = (...lines: string[]) => ['BEGIN:VEVENT', ...lines, 'END:VEVENT'].join('\r\n');
const NOW = Date.parse('2027-03-01T00:00:00Z');
const read = (...events: string[]) => readCalendarFile(file(...events), 'Europe/Berlin', NOW);

describe('a calendar file', () => {
  it('is read in its own zones, with what was moved and called off', () => {
    const weekly = event(
      'UID:one@elsewhere',
      'DTSTART;TZID=America/New_York:20270305T180000',
      'DTEND;TZID=America/New_York:20270305T190000',
      'RRULE:FREQ=WEEKLY;COUNT=3',
      'SUMMARY:Isolde',
    );
    const moved = event(
      'UID:one@elsewhere',
      'RECURRENCE-ID;TZID=America/New_York:20270312T180000',
      'DTSTART;TZID=America/New_York:20270313T100000',
      'DTEND;TZID=America/New_York:20270313T104500',
      'SUMMARY:Isolde',
      'STATUS:CANCELLED',
    );
    const { hours } = read(weekly, moved);
    expect(hours.map(({ startsAt, minutes, isOff }) => [startsAt, minutes, isOff])).toEqual([
      ['2027-03-05T23:00:00.000Z', 60, false],
      ['2027-03-13T15:00:00.000Z', 45, true],
      // The clocks changed on the 14th: the same hour on the wall is another instant.
      ['2027-03-19T22:00:00.000Z', 60, false],
    ]);
    expect(new Set(hours.map(({ id }) => id)).size).toBe(3);
    expect(read(weekly, moved).hours).toEqual(hours);
  });

  it('knows times without a zone by the studio’s wall, and its own bookings by their ids', () => {
    const id = '01906c6e-7a10-7000-8000-000000000001';
    const { hours } = read(
      event(`UID:${id}@spalo`, 'DTSTART:20270401T090000', 'DTEND:20270401T100000', 'SUMMARY:Runa'),
    );
    expect(hours).toEqual([
      { id, title: 'Runa', startsAt: '2027-04-01T07:00:00.000Z', minutes: 60, isOff: false },
    ]);
  });

  const hour = (uid: string, ...lines: string[]) =>
    event(`UID:${uid}`, 'DTSTART:20270401T090000Z', 'DTEND:20270401T100000Z', ...lines);
  const starts = (...events: string[]) => read(...events).hours.map(({ startsAt }) => startsAt);

  it('follows a series from now on, however long ago it began, and once a year at least', () => {
    const since = (year: number, rule: string) =>
      event(
        'UID:old',
        `DTSTART;TZID=Europe/Berlin:${year}0301T180000`,
        `DTEND;TZID=Europe/Berlin:${year}0301T190000`,
        `RRULE:${rule}`,
      );
    const daily = starts(since(1995, 'FREQ=DAILY'));
    expect(daily[0]).toBe('2027-03-01T17:00:00.000Z');
    expect(daily).toHaveLength(370);
    const weekly = read(since(2018, 'FREQ=WEEKLY'));
    expect(weekly.hours).toHaveLength(53);
    expect(weekly.over).toBeGreaterThan(400);
    expect(starts(since(2019, 'FREQ=YEARLY'))).toHaveLength(2);
  });

  it('keeps an hour that was moved where the file has nothing else of its series', () => {
    const alone = event(
      'UID:series@elsewhere',
      'RECURRENCE-ID:20270401T070000Z',
      'DTSTART:20270402T090000Z',
      'DTEND:20270402T100000Z',
      'SUMMARY:Runa',
    );
    const series = event(
      'UID:series@elsewhere',
      'DTSTART:20270401T070000Z',
      'DTEND:20270401T080000Z',
      'RRULE:FREQ=WEEKLY;COUNT=1',
    );
    const [found] = read(alone).hours;
    expect(found).toMatchObject({ title: 'Runa', startsAt: '2027-04-02T09:00:00.000Z' });
    // Read with its series later, it is the same booking.
    expect(read(series, alone).hours).toEqual([found]);
  });

  it('knows zones by the names that other programs write, and says which it does not know', () => {
    const inZone = (tzid: string) =>
      event(
        `UID:${tzid}`,
        `DTSTART;TZID=${tzid}:20270701T090000`,
        `DTEND;TZID=${tzid}:20270701T100000`,
      );
    expect(starts(inZone('W. Europe Standard Time'))).toEqual(['2027-07-01T07:00:00.000Z']);
    expect(starts(inZone('Eastern Standard Time'))).toEqual(['2027-07-01T13:00:00.000Z']);
    const odd = read(inZone('Boathouse Time'), inZone('Europe/Berlin'));
    expect(odd.unknownZones).toEqual(['Boathouse Time']);
    expect(odd.hours.map(({ startsAt }) => startsAt)).toEqual(
      Array(2).fill('2027-07-01T07:00:00.000Z'),
    );
  });

  it('reads every calendar of a file, and the rest where an event cannot be read', () => {
    const two = [file(hour('a')), file(hour('b', 'SUMMARY:Runa'))].join('\r\n');
    expect(readCalendarFile(two, 'UTC', NOW).hours).toHaveLength(2);
    const endless = hour('c', 'RRULE:FREQ=SECONDLY', 'SUMMARY:Alarm');
    const broken = event('UID:d', 'DTSTART:2027', 'DTEND:20270401T100000Z', 'SUMMARY:Torn');
    const found = read(endless, broken, hour('e', 'SUMMARY:Runa'));
    expect(found.unread).toEqual(['Alarm', 'Torn']);
    expect(found.hours.map(({ title }) => title)).toEqual(['Runa']);
  });

  it('says what it passes over, and that a text is no calendar', () => {
    const found = read(
      event('UID:a', 'DTSTART;VALUE=DATE:20270401', 'SUMMARY:Fair'),
      event('UID:b', 'DTSTART:20260401T090000Z', 'DTEND:20260401T100000Z'),
      event('UID:c', 'DTSTART:20270401T090000Z', 'DTEND:20270401T180000Z'),
    );
    expect(found).toMatchObject({ hours: [], over: 1, wholeDays: 1, otherLengths: 1 });
    expect(() => readCalendarFile('name,load', 'UTC', NOW)).toThrow('This is no calendar file');
    expect(() => readCalendarFile('BEGIN:VCARD\r\nEND:VCARD', 'UTC', NOW)).toThrow();
  });
});
