import { firstProgramme, mainFaultIn } from '@spalo/catalog';
import type { Booking, Client } from '@spalo/contract';
import {
  emptyHistory,
  historyOf,
  priorBelief,
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
  clients: (Omit<Client, 'history' | 'mine'> & { screening: string[] })[];
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

function lifterFor(who: DemoPerson, person: Person, year: number, random: Random): Lifter {
  const trueMax = firstProgramme.map(({ lift }) => {
    const prior = Math.exp(priorBelief(person, lift, year).mu);
    return [lift.id, prior * who.strength * Math.exp(random.normal() * 0.08)] as const;
  });
  return {
    oneRepMaxG: Object.fromEntries(trueMax),
    endurance: 24 + random.normal() * 3,
    weeklyGain: who.weeklyGain,
    modesty: 0.5 + random.normal() * 0.3,
    looseness: who.looseness,
  };
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
  const year = now.getFullYear();
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
    const { bodyMassG, sex, birthYear, nervous, reports, name, calledName, goal, brief } = who;
    const startMonths = Math.max(0, who.trainingMonths - Math.round(who.weeks.from / 4.3));
    const person: Person = {
      bodyMassG,
      sex,
      trainingMonths: startMonths,
      birthYear,
      nervous,
      flags,
      reports,
    };
    const facts = { name, calledName, bodyMassG, sex, birthYear, nervous, goal, brief, reports };
    demo.clients.push({
      ...facts,
      id: clientId,
      trainingMonths: who.trainingMonths,
      flags,
      screening: who.screening,
    });

    const lifter = lifterFor(who, person, year, random);
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
        person: { ...person, trainingMonths: startMonths + Math.floor(trained / 4.3) },
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
        id: makeId,
        random,
      });
      demo.events.push(...events);
      done.push(reduceSession(events)!);
      history = historyOf(done, mainFaultIn);
    }
  }
  const numbered = demo.clients.map((client, index) => ({ id: client.id, index }));
  demo.bookings.push(...comingBookings(numbered, now, makeId));
  return demo;
}
