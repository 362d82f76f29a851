import {
  cautionsOf,
  liftById,
  repLifts,
  screeningQuestions,
  type ScreeningAnswer,
} from '@spalo/catalog';
import { historyContext } from '@spalo/coaching';
import type { Booking, Client, ClientFacts } from '@spalo/contract';
import { blockEvent, reduceBlock, type BlockEvent } from '@spalo/core/block';
import { emptyHistory, historyOf, type ClientHistory } from '@spalo/core/memory';
import type { Flag, Person } from '@spalo/core/person';
import type { Room } from '@spalo/core/room';
import { reduceSession, type SessionEvent, type SessionState } from '@spalo/core/session';
import { priorLog } from '@spalo/core/strength';
import { studioDay, setStudioZone, listText } from '@spalo/core/unit';
import { draftBlock, templates } from '@spalo/core/blocks';
import { addDays, format, getISODay, subDays, subYears } from 'date-fns';
import { seededRandom, type Lifter, type Random } from '@spalo/simulator';
import { boathouseRoom } from './boathouse';
import { seededIds } from './ids';
import { demoFilms, filmed, type DemoFilm } from './films';
import { people, type DemoPerson } from './people';
import { demoSession } from './session';

/** Everything the demo studio holds, made from a seed and a day. */
export interface DemoStudio {
  studio: { id: string; name: string; unit: 'kg'; zone: string };
  trainer: { id: string; name: string; email: string };
  room: Room;
  clients: (ClientFacts &
    Pick<Client, 'id' | 'flags' | 'measurements'> & {
      answers: Record<string, ScreeningAnswer>;
    })[];
  bookings: Omit<Booking, 'session' | 'trainerId'>[];
  events: (SessionEvent | BlockEvent)[];
  films: DemoFilm[];
}

const DAY_MS = 24 * 3600 * 1000;
const SESSION_MINUTES = 60;
const DAYS_AHEAD = 14;

/** The day of a moment in the process's own zone, as in 2026-11-24. */
const dayOf = (at: Date | number): string => format(at, 'yyyy-MM-dd');

/** Milliseconds of a wall-clock time on the day `daysBack` before `now`, in the process's own zone. */
function clock(now: Date, daysBack: number, hour: number, minute: number): number {
  return new Date(
    now.getFullYear(),
    now.getMonth(),
    now.getDate() - daysBack,
    hour,
    minute,
  ).getTime();
}

function lifterFor(who: DemoPerson, person: Person, now: string, random: Random): Lifter {
  const endurance = random.normal() * 0.12;
  const trueMax = repLifts().map((lift) => {
    const prior = Math.exp(priorLog(person, lift, now));
    return [lift.id, prior * who.strength * Math.exp(random.normal() * 0.08)] as const;
  });
  return {
    oneRepMaxG: Object.fromEntries(trueMax),
    curve: 'decaying',
    repsAt75: Object.fromEntries(
      repLifts().map((lift) => [lift.id, (lift.repConstant / 3) * Math.exp(endurance)]),
    ),
    weeklyGain: who.weeklyGain,
    dayToDay: 0.02,
    fatigue: 1.2,
    carry: 1,
    modesty: 0.5 + random.normal() * 0.3,
    blur: 0.2,
    looseness: who.looseness,
  };
}

/** The same person before what is told only now. */
const beforeNews = (who: DemoPerson): DemoPerson => ({
  ...who,
  screening: who.screening.filter(({ isNew }) => !isNew),
});

/** Every question answered, yes where the cast says so. */
function answersOf(who: DemoPerson, day: string): Record<string, ScreeningAnswer> {
  return Object.fromEntries(
    screeningQuestions.map(({ id }) => {
      const yes = who.screening.find(({ questionId }) => questionId === id);
      const clearedBy = yes?.clearedBy ?? '';
      const clearedOn = clearedBy ? day : null;
      return [id, { yes: yes !== undefined, note: '', clearedBy, clearedOn }];
    }),
  );
}

/** Bookings for the days from `firstDay` to `DAYS_AHEAD`, today's as the cast has it. */
export function comingBookings(
  clients: readonly { id: string; index: number }[],
  now: Date,
  id: (atMs: number) => string,
): DemoStudio['bookings'] {
  const list: DemoStudio['bookings'] = [];
  for (const { id: clientId, index } of clients) {
    const who = people[index]!;
    for (let ahead = 0; ahead <= DAYS_AHEAD; ahead += 1) {
      const [hour, minute] = who.today ?? [18, 0];
      const startMs = clock(now, -ahead, hour, minute);
      if (!who.comes.includes(ahead % 7)) continue;
      const startsAt = new Date(startMs).toISOString();
      list.push({ id: id(now.getTime()), clientId, startsAt, minutes: SESSION_MINUTES });
    }
  }
  return list;
}

/** What the cast is told with that the product does not keep. */
function factsOf(who: DemoPerson, now: Date) {
  const {
    age,
    availability,
    flags: _flags,
    screening: _screening,
    opened: _opened,
    weeks: _weeks,
    comes,
    misses: _misses,
    strength: _strength,
    weeklyGain: _gain,
    looseness: _looseness,
    habits: _habits,
    talks: _talks,
    today: _today,
    stalled: _stalled,
    fades: _fades,
    block: _block,
    less: _less,
    ...facts
  } = who;
  return {
    ...facts,
    // Half a year older than the year says, so that no birthday comes between the history and today.
    birthDate: dayOf(subDays(subYears(now, age), 183)),
    availability: availability.replace('{days}', weekdays(comes, now)),
  };
}

/** The days of the week that somebody comes, as one says them: "Mondays, Thursdays and Fridays". */
function weekdays(comes: readonly number[], now: Date): string {
  const days = comes
    .map((ahead) => addDays(now, ahead))
    .sort((a, b) => getISODay(a) - getISODay(b));
  return listText(days.map((day) => `${format(day, 'EEEE')}s`));
}

/** Where and when the demo is made, and what its ids and chances come from. */
interface Making {
  now: Date;
  random: Random;
  /** Whether they come is drawn apart from what they lift: who lifts otherwise misses the same days. */
  missing: Random;
  /** An id of a moment; `id` one of before the history. */
  idAt: (atMs: number) => string;
  id: () => string;
  trainerId: string;
  device: string;
  room: Room;
}

/** A client as the product keeps them, and as the person who began to train with their history's first day. */
function demoClient(who: DemoPerson, { now, id, trainerId }: Making) {
  const { weeks } = who;
  const dayBack = (days: number) => dayOf(subDays(now, days));
  const flags: Flag[] = who.flags.map(({ told, ...flag }) => ({
    ...flag,
    ...(told && { since: dayBack(told.began * 7) }),
    id: id(),
  }));
  const startedAt = new Date(clock(now, weeks.from * 7 + 1, 9, 0)).toISOString();
  const answers = answersOf(who, dayBack(weeks.from * 7 + 1));
  const overrides = who.opened.map(({ liftId, reason }) => ({
    liftId,
    range: null,
    reason,
    at: startedAt,
    by: trainerId,
  }));
  const facts = factsOf(who, now);
  const person: Person = {
    ...facts,
    trainingMonths: Math.max(0, who.trainingMonths - Math.round(weeks.from / 4.3)),
    flags,
    cautions: cautionsOf(answersOf(beforeNews(who), studioDay(startedAt))),
    overrides,
  };
  const weighed = [weeks.from * 7 + 1, Math.max(1, weeks.to * 7 + 2)];
  const client: DemoStudio['clients'][number] = {
    ...facts,
    id: id(),
    phone: '',
    email: '',
    emergencyContact: '',
    consentAt: startedAt,
    filmConsentAt: who.name === filmed.name ? startedAt : null,
    archivedAt: null,
    overrides,
    ...(who.less && {
      turnedDown: [
        { from: dayBack(-who.less.from), to: dayBack(-who.less.to), reason: who.less.reason },
      ],
    }),
    flags,
    answers,
    measurements: weighed.map((daysBack, index) => ({
      id: id(),
      day: dayBack(daysBack),
      bodyMassG: index === 0 ? Math.round(who.bodyMassG / 100 + 6) * 100 : who.bodyMassG,
      removed: false,
    })),
  };
  return { client, person, startedAt };
}

const strongerBy = (lifter: Lifter, factor: number): Lifter => ({
  ...lifter,
  oneRepMaxG: Object.fromEntries(
    Object.entries(lifter.oneRepMaxG).map(([liftId, max]) => [liftId, max * factor]),
  ),
});

/** A client's flags as they stood so many days ago: what was told later had not begun, or was not cleared. */
const flagsThen = (who: DemoPerson, flags: readonly Flag[], daysBack: number): Flag[] =>
  flags.flatMap((flag, at) => {
    const told = who.flags[at]?.told;
    if (!told || daysBack <= told.cleared * 7) return [flag];
    return daysBack <= told.began * 7 ? [{ ...flag, state: 'watched' as const }] : [];
  });

/** The block that a client is in, as its log begins; null where they are in none. */
function demoBlock(
  who: DemoPerson,
  clientId: string,
  { now, idAt, trainerId, device }: Making,
): BlockEvent | null {
  const template = templates.find(({ id }) => id === who.block?.template);
  if (!who.block || !template) return null;
  const startMs = clock(now, Math.round(who.block.began * 7), 8, 0);
  const at = new Date(startMs).toISOString();
  const shape = { from: dayOf(startMs), days: who.comes.length };
  const plan = draftBlock(template, who.programme.map(liftById), shape);
  const envelope = { id: idAt(startMs), streamId: idAt(startMs), at, author: trainerId, device };
  return blockEvent(envelope, 'block.started', { clientId, plan });
}

/** The weeks that a client has trained: a booking and a session's log for each time they came. */
function train(
  who: DemoPerson,
  clientId: string,
  person: Person,
  lifter: Lifter,
  making: Making,
): Pick<DemoStudio, 'bookings' | 'events'> {
  const { now, random, missing, idAt, trainerId, device, room } = making;
  const block = demoBlock(who, clientId, making);
  const begun = block && reduceBlock([block]);
  const made: Pick<DemoStudio, 'bookings' | 'events'> = {
    bookings: [],
    events: block ? [block] : [],
  };
  const done: SessionState[] = [];
  let history: ClientHistory = emptyHistory;
  const { from, to } = who.weeks;
  for (let daysBack = from * 7; daysBack > Math.max(0, to * 7); daysBack -= 1) {
    const startMs = clock(now, daysBack, 9 + (daysBack % 3) * 2, 0);
    if (!who.comes.includes((7 - (daysBack % 7)) % 7) || missing.unit() < who.misses) continue;
    const weeks = from - daysBack / 7;
    const today = {
      ...person,
      flags: flagsThen(who, person.flags, daysBack),
      trainingMonths: person.trainingMonths + Math.floor(weeks / 4.3),
    };
    const grown = Math.min(weeks, from - (who.stalled ?? 0));
    const kept = Math.pow(1 - (who.fades ?? 0), weeks - grown);
    const bookingId = idAt(startMs);
    const startsAt = new Date(startMs).toISOString();
    made.bookings.push({ id: bookingId, clientId, startsAt, minutes: SESSION_MINUTES });
    const events = demoSession({
      who,
      person: today,
      lifter: strongerBy(lifter, Math.pow(1 + who.weeklyGain, grown) * kept),
      blocks: begun ? [begun] : [],
      history,
      room,
      clientId,
      bookingId,
      trainerId,
      device,
      startMs,
      ordinal: done.length,
      id: idAt,
      random,
    });
    made.events.push(...events);
    const state = reduceSession(events);
    if (state) done.push(state);
    history = historyOf(done, historyContext(today));
  }
  return made;
}

/** The logs of sessions, the earliest first. */
function logsOf(events: readonly (SessionEvent | BlockEvent)[]): SessionEvent[][] {
  const logs = new Map<string, SessionEvent[]>();
  for (const event of events)
    if (event.stream === 'session')
      logs.set(event.streamId, [...(logs.get(event.streamId) ?? []), event]);
  return [...logs.values()];
}

/** The boathouse scenario as it stands on the day of `now`, the same for the same seed and day. */
export function generateDemo(seed: number, now: Date, filmsDir: string): DemoStudio {
  const random = seededRandom(seed);
  const idAt = seededIds(random);
  // Of their own, so that films and furniture change nothing of whoever comes after them.
  const filmIds = seededIds(seededRandom(seed + 1));
  const furnitureIds = seededIds(seededRandom(seed + 2));
  const madeMs = now.getTime() - 100 * DAY_MS;
  const id = () => idAt(madeMs);
  const trainer = { id: id(), name: 'Maren Oskarby', email: 'maren@boathouse.invalid' };
  const making: Making = {
    now,
    random,
    missing: seededRandom(seed + 3),
    idAt,
    id,
    trainerId: trainer.id,
    device: id(),
    room: boathouseRoom(id, () => furnitureIds(madeMs)),
  };
  setStudioZone(Intl.DateTimeFormat().resolvedOptions().timeZone);
  const demo: DemoStudio = {
    studio: {
      id: id(),
      name: 'Boathouse Strength, Orrin Bay',
      unit: 'kg',
      zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    },
    trainer,
    room: making.room,
    clients: [],
    bookings: [],
    events: [],
    films: [],
  };
  for (const who of people) {
    const { client, person, startedAt } = demoClient(who, making);
    const lifter = lifterFor(who, person, startedAt, random);
    const { bookings, events } = train(who, client.id, person, lifter, making);
    demo.clients.push(client);
    demo.bookings.push(...bookings);
    demo.events.push(...events);
    if (who.name === filmed.name) {
      const { films, events: filmedEvents } = demoFilms(
        filmsDir,
        logsOf(events),
        client.id,
        filmIds,
      );
      demo.films.push(...films);
      demo.events.push(...filmedEvents);
    }
  }
  const numbered = demo.clients.map((client, index) => ({ id: client.id, index }));
  demo.bookings.push(...comingBookings(numbered, now, idAt));
  return demo;
}
