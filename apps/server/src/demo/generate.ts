import {
  cautionsOf,
  lifts,
  mainFaultIn,
  screeningQuestions,
  type ScreeningAnswer,
} from '@spalo/catalog';
import type { Booking, Client } from '@spalo/contract';
import {
  emptyHistory,
  historyOf,
  priorLog,
  reduceSession,
  seededRandom,
  type ClientHistory,
  type Flag,
  type Lifter,
  type Person,
  type Random,
  type Room,
  type SessionEvent,
  type SessionState,
} from '@spalo/core';
import { boathouseRoom } from './boathouse';
import { seededIds } from './ids';
import { people, type DemoPerson } from './people';
import { demoSession } from './session';

/** Everything the demo studio holds, made from a seed and a day. */
export interface DemoStudio {
  studio: { id: string; name: string; unit: 'kg'; zone: string };
  trainer: { id: string; name: string; email: string };
  room: Room;
  clients: (Omit<Client, 'history' | 'mine' | 'cautions' | 'screened'> & {
    answers: Record<string, ScreeningAnswer>;
  })[];
  bookings: Omit<Booking, 'session' | 'trainerId'>[];
  events: SessionEvent[];
}

const DAY_MS = 24 * 3600 * 1000;
const SESSION_MINUTES = 60;
const DAYS_AHEAD = 14;

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
  const trueMax = lifts.map((lift) => {
    const prior = Math.exp(priorLog(person, lift, now));
    return [lift.id, prior * who.strength * Math.exp(random.normal() * 0.08)] as const;
  });
  return {
    oneRepMaxG: Object.fromEntries(trueMax),
    curve: 'decaying',
    repsAt75: Object.fromEntries(
      lifts.map((lift) => [lift.id, (lift.repConstant / 3) * Math.exp(endurance)]),
    ),
    weeklyGain: who.weeklyGain,
    dayToDay: 0.03,
    fatigue: 0.5,
    modesty: 0.5 + random.normal() * 0.3,
    blur: 0.2,
    looseness: who.looseness,
  };
}

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
      const comes =
        ahead === 0 ? who.today !== null : who.days.includes(new Date(startMs).getDay());
      if (!comes) continue;
      const startsAt = new Date(startMs).toISOString();
      list.push({ id: id(now.getTime()), clientId, startsAt, minutes: SESSION_MINUTES });
    }
  }
  return list;
}

/** The boathouse scenario as it stands on the day of `now`, the same for the same seed and day. */
export function generateDemo(seed: number, now: Date): DemoStudio {
  const random = seededRandom(seed);
  const makeId = seededIds(random);
  const madeMs = now.getTime() - 100 * DAY_MS;
  const id = () => makeId(madeMs);
  const trainer = { id: id(), name: 'Maren Oskarby', email: 'maren@boathouse.invalid' };
  const device = id();
  const room = boathouseRoom(id);
  const demo: DemoStudio = {
    studio: {
      id: id(),
      name: 'Boathouse Strength, Orrin Bay',
      unit: 'kg',
      zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    },
    trainer,
    room,
    clients: [],
    bookings: [],
    events: [],
  };

  for (const who of people) {
    const clientId = id();
    const flags: Flag[] = who.flags.map((flag) => ({ ...flag, id: id() }));
    const startMonths = Math.max(0, who.trainingMonths - Math.round(who.weeks.from / 4.3));
    const startedAt = new Date(clock(now, who.weeks.from * 7 + 1, 9, 0)).toISOString();
    const answers = answersOf(who, startedAt.slice(0, 10));
    const overrides = who.opened.map(({ liftId, reason }) => ({
      liftId,
      range: null,
      reason,
      at: startedAt,
      by: trainer.id,
    }));
    const {
      flags: _flags,
      screening: _screening,
      opened: _opened,
      weeks,
      days: _days,
      misses: _misses,
      strength: _strength,
      weeklyGain: _gain,
      looseness: _looseness,
      habits: _habits,
      today: _today,
      ...facts
    } = who;
    const person: Person = {
      ...facts,
      trainingMonths: startMonths,
      flags,
      cautions: cautionsOf(answers),
      overrides,
    };
    const weighed = [weeks.from * 7 + 1, Math.max(1, weeks.to * 7 + 2)];
    demo.clients.push({
      ...facts,
      id: clientId,
      phone: '',
      email: '',
      emergencyContact: '',
      consentAt: startedAt,
      archivedAt: null,
      overrides,
      flags,
      answers,
      measurements: weighed.map((daysBack, index) => ({
        id: id(),
        day: new Date(clock(now, daysBack, 9, 0)).toISOString().slice(0, 10),
        bodyMassG: index === 0 ? Math.round(who.bodyMassG / 100 + 6) * 100 : who.bodyMassG,
      })),
    });

    const lifter = lifterFor(who, person, startedAt, random);
    const personAfter = (weeksTrained: number): Person => ({
      ...person,
      trainingMonths: startMonths + Math.floor(weeksTrained / 4.3),
    });
    const done: SessionState[] = [];
    let history: ClientHistory = emptyHistory;
    for (
      let daysBack = who.weeks.from * 7;
      daysBack > Math.max(0, who.weeks.to * 7);
      daysBack -= 1
    ) {
      const startMs = clock(now, daysBack, 9 + (daysBack % 3) * 2, 0);
      if (!who.days.includes(new Date(startMs).getDay()) || random.unit() < who.misses) continue;
      const trained = who.weeks.from - daysBack / 7;
      const grown = Math.pow(1 + who.weeklyGain, trained);
      const bookingId = makeId(startMs);
      demo.bookings.push({
        id: bookingId,
        clientId,
        startsAt: new Date(startMs).toISOString(),
        minutes: SESSION_MINUTES,
      });
      const events = demoSession({
        who,
        person: personAfter(trained),
        lifter: {
          ...lifter,
          oneRepMaxG: Object.fromEntries(
            Object.entries(lifter.oneRepMaxG).map(([liftId, max]) => [liftId, max * grown]),
          ),
        },
        history,
        room,
        clientId,
        bookingId,
        trainerId: trainer.id,
        device,
        startMs,
        ordinal: done.length,
        id: makeId,
        random,
      });
      demo.events.push(...events);
      done.push(reduceSession(events)!);
      history = historyOf(done, { mainFaultOf: mainFaultIn, lifts, person: personAfter(trained) });
    }
  }
  const numbered = demo.clients.map((client, index) => ({ id: client.id, index }));
  demo.bookings.push(...comingBookings(numbered, now, makeId));
  return demo;
}
