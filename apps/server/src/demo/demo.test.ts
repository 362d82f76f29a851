import path from 'node:path';
import { catalogueLifts as lifts, safetyFaults, stylesOf } from '@spalo/catalog';
import { differenceInCalendarDays, format } from 'date-fns';
import { clientFacts, logEvent, room as roomSchema } from '@spalo/contract';
import { loadables } from '@spalo/core/loads';
import type { LogEvent } from '@spalo/core/log';
import { ageOn } from '@spalo/core/person';
import { countedSets, reduceSession, type SessionState } from '@spalo/core/session';
import { inStudio } from '../db/database';
import { device, testServer, type TestServer } from '../test/server';
import { generateDemo, type DemoStudio } from './generate';
import { loadDemo, topUpDemoBookings } from './load';
import { people } from './people';

const NOW = new Date('2026-11-24T08:00:00.000Z');
const FILMS = path.resolve(__dirname, '../../demo-films');
const demo = generateDemo(4600, NOW, FILMS);
const sessions = sessionsOf(demo);
const idOf = (name: string) => demo.clients.find((client) => client.name.startsWith(name))!.id;
const of = (name: string) => sessions.filter((session) => session.clientId === idOf(name));

function sessionsOf({ events }: Pick<DemoStudio, 'events'>): SessionState[] {
  const logs = new Map<string, LogEvent[]>();
  for (const event of events.filter(({ stream }) => stream === 'session'))
    logs.set(event.streamId, [...(logs.get(event.streamId) ?? []), event]);
  return [...logs.values()].map((log) => reduceSession(log) as SessionState);
}

/** What a studio's story is, whatever the day it is told on: days counted back from today, loads, reps, reserve. */
function storyOf({ clients, bookings, events, ...studio }: DemoStudio, now: Date) {
  const name = (id: string) => clients.find((client) => client.id === id)!.calledName;
  const back = (at: string) => differenceInCalendarDays(now, at);
  return {
    room: studio.room.name,
    ages: clients.map(({ birthDate }) => ageOn(birthDate!, now.toISOString())),
    bookings: bookings.map(({ clientId, startsAt }) => [
      name(clientId),
      back(startsAt),
      format(startsAt, 'HH:mm'),
    ]),
    sessions: sessionsOf({ events }).map((session) => ({
      name: name(session.clientId),
      back: back(session.startedAt),
      lifts: session.lifts.map(({ plan, sets }) => [
        plan.liftId,
        ...sets.map(({ loadG, reps, rir }) => `${loadG} × ${reps}, ${rir} left`),
      ]),
    })),
  };
}

/** How a client's squat (Epley, 1985; the best of each session, on the mean of two weeks) has changed from `from` to `to` days ago. */
function growth(name: string, from: number, to: number): number {
  const best = (back: number) => {
    const then = of(name).filter(({ startedAt }) => {
      const days = differenceInCalendarDays(NOW, startedAt);
      return days <= back && days > back - 14;
    });
    const bests = then.map(({ lifts: all }) =>
      Math.max(
        ...countedSets(all[0]!, 'working').map(
          ({ loadG, reps, rir }) => loadG * (1 + (reps + (rir ?? 0)) / 30),
        ),
      ),
    );
    return bests.reduce((sum, each) => sum + each, 0) / bests.length;
  };
  return best(Math.max(to, 14)) / best(from);
}

describe('the boathouse scenario', () => {
  it('is the same story on a Sunday night, on a leap day and on the morning of a change of clocks', () => {
    const story = storyOf(demo, NOW);
    expect(story.sessions.length).toBeGreaterThan(100);
    for (const moment of ['2027-02-28T23:50', '2028-02-29T00:10', '2027-03-28T12:00']) {
      const now = new Date(moment);
      expect(storyOf(generateDemo(4600, now, FILMS), now)).toEqual(story);
    }
  });

  it('hangs together: what a set is said to leave is what the set before it promised', () => {
    let pairs = 0;
    const broken: string[] = [];
    for (const lift of sessions.flatMap((session) => session.lifts)) {
      const sets = countedSets(lift, 'working');
      for (const [at, set] of sets.entries()) {
        const before = sets[at - 1];
        // "4 or more" promises nothing.
        if (!before || before.rir === null || set.rir === null || before.rir >= 4) continue;
        pairs += 1;
        // Epley (1985): the reps that the set before says are there at this load.
        const there = 30 * ((before.loadG * (1 + (before.reps + before.rir) / 30)) / set.loadG - 1);
        if (set.reps + set.rir > there + 1) broken.push(`${before.loadG} then ${set.loadG}`);
      }
    }
    expect(pairs).toBeGreaterThan(500);
    expect(broken.length).toBeLessThan(pairs / 100);
  });

  it('keeps to the contract', () => {
    expect(() => demo.events.forEach((event) => logEvent.parse(event))).not.toThrow();
    expect(() => roomSchema.parse(demo.room)).not.toThrow();
    for (const {
      id: _id,
      flags: _flags,
      answers: _answers,
      measurements: _measured,
      ...facts
    } of demo.clients) {
      expect(() => clientFacts.parse(facts)).not.toThrow();
    }
  });

  it('has eight clients and twelve weeks that end before today', () => {
    expect(demo.clients).toHaveLength(8);
    const times = sessions.map((session) => Date.parse(session.startedAt));
    const weeks = (NOW.getTime() - Math.min(...times)) / (7 * 86_400_000);
    expect(weeks).toBeGreaterThan(11);
    expect(weeks).toBeLessThanOrEqual(12.1);
    expect(Math.max(...times)).toBeLessThan(NOW.getTime());
    expect(sessions.every((session) => session.finishedAt !== null)).toBe(true);
  });

  it('tells the stories that its cast stands for', () => {
    const last = (name: string) => Date.parse(of(name).at(-1)!.startedAt);
    const weeksAway = (NOW.getTime() - last('Anselm')) / (7 * 86_400_000);
    expect(weeksAway).toBeGreaterThan(8);
    expect(of('Oluchi').length).toBeLessThanOrEqual(4);
    expect(of('Caspian').length).toBeLessThan(of('Runa').length);
    // The keen one grows, and goes on to; who has stalled loses a little.
    expect(growth('Runa', 80, 40)).toBeGreaterThan(1.03);
    expect(growth('Runa', 40, 0)).toBeGreaterThan(1.02);
    expect(growth('Bartholomew', 42, 0)).toBeLessThan(1.01);
    expect(growth('Bartholomew', 42, 0)).toBeGreaterThan(0.9);
  });

  it('has somebody on every day of the week, three at nine, and a clearance that is missing', () => {
    const days = new Set(demo.bookings.map(({ startsAt }) => new Date(startsAt).getDay()));
    expect(days.size).toBe(7);
    const nine = demo.bookings.filter(({ startsAt }) => startsAt === '2026-11-24T09:00:00.000Z');
    expect(nine).toHaveLength(3);
    const { dizzy } = demo.clients.find(({ name }) => name.startsWith('Philippa'))!.answers;
    expect(dizzy).toMatchObject({ yes: true, clearedBy: '' });
  });

  it('has a client in a wave, one on the way back, one who has stalled, one with less to do this week', () => {
    const wave = of('Isolde').filter(({ block }) => block);
    const reps = wave.map(({ lifts: [squat] }) => squat!.plan.reps);
    expect(new Set(reps).size).toBeGreaterThan(1);
    expect(reps).toEqual([...reps].sort((a, b) => b - a));
    const hinge = (session: SessionState) =>
      session.lifts.find(({ plan }) => plan.liftId === 'romanian-deadlift');
    const back = of('Philippa');
    expect(back.some((session) => session.lifts.some(({ plan }) => plan.standsFor))).toBe(true);
    expect(hinge(back.at(-1)!)!.plan.wayBack).toMatchObject({ place: 'low back' });
    const steady = of('Bartholomew').filter(({ block }) => block);
    expect(steady.length).toBeGreaterThan(6);
    // Days of it are still to come.
    expect(steady.length).toBeLessThan(12);
    const { turnedDown } = demo.clients.find(({ name }) => name.startsWith('Caspian'))!;
    expect(turnedDown![0]!.from < '2026-11-24' && turnedDown![0]!.to > '2026-11-24').toBe(true);
  });

  it('only loads what the room has, and was questioned by no safety fault', () => {
    const unsafe = new Set(lifts.flatMap((lift) => safetyFaults(stylesOf(lift.id)[0]!)));
    for (const session of sessions) {
      for (const lift of session.lifts) {
        const exist = new Set(
          loadables(demo.room, lift.plan.implement)
            .all()
            .map((load) => load.loadG),
        );
        for (const set of lift.sets) {
          expect(exist.has(set.loadG)).toBe(true);
          expect(set.marks.some((mark) => unsafe.has(mark.faultId))).toBe(false);
        }
      }
    }
  });

  it('names habits that the catalogue knows', () => {
    for (const person of people) {
      for (const [liftId, faultId] of Object.entries(person.habits)) {
        const known = stylesOf(liftId)[0]!.faults.map((fault) => fault.id);
        expect(known).toContain(faultId);
      }
    }
  });
});

describe('loading it', () => {
  let server: TestServer;
  let studioId: string;
  beforeAll(async () => {
    server = await testServer({ SPALO_DEMO: '1' });
    studioId = await loadDemo(server.running.app.database, NOW, FILMS);
  });
  afterAll(() => server.close());

  it('signs in by one tap and shows the day, the clients and the room', async () => {
    const agent = device(server.running);
    expect((await agent.get('/api/v1/setup')).body).toEqual({
      bringingIn: null,
      firstRun: false,
      needsCode: false,
      demo: true,
      gallery: false,
    });
    await agent.post('/api/v1/auth/demo').expect(200);
    const { clients } = (await agent.get('/api/v1/clients').expect(200)).body;
    expect(clients).toHaveLength(8);
    for (const { id, lastSessionAt } of clients) {
      const { history } = (await agent.get(`/api/v1/clients/${id}`).expect(200)).body;
      expect(history.evidence.length).toBeGreaterThan(0);
      expect(history.lastSessionAt).toBe(lastSessionAt);
    }
    const learned = (await agent.get('/api/v1/learned').expect(200)).body;
    expect(Object.keys(learned.ratios).length).toBeGreaterThan(3);
    expect(learned.trained.length).toBeGreaterThan(3);
    const from = '2026-11-24T00:00:00.000Z';
    const { bookings } = (
      await agent.get(`/api/v1/bookings?from=${from}&to=2026-11-25T00:00:00.000Z`)
    ).body;
    expect(bookings).toHaveLength(people.filter((person) => person.today).length);
    expect((await agent.get('/api/v1/rooms')).body.rooms[0].name).toBe('Boathouse loft');
  });

  it('cannot be entered by a password', async () => {
    const body = { email: demo.trainer.email, password: 'password' };
    await device(server.running).post('/api/v1/auth/sign-in').send(body).expect(401);
  });

  it('books a later day anew, once, and touches no day that has bookings', async () => {
    const { database } = server.running.app;
    const count = async () => {
      const rows = await server.sql<{ n: number }>('SELECT count(*)::int AS n FROM bookings');
      return rows[0]!.n;
    };
    const before = await count();
    await topUpDemoBookings(database, studioId, demo.trainer.id, NOW);
    expect(await count()).toBe(before);
    const later = new Date('2027-01-20T08:00:00.000Z');
    await topUpDemoBookings(database, studioId, demo.trainer.id, later);
    const after = await count();
    expect(after).toBeGreaterThan(before);
    await topUpDemoBookings(database, studioId, demo.trainer.id, later);
    expect(await count()).toBe(after);
    const seen = await inStudio(database, studioId, (db) => db.query.clients.findMany());
    expect(seen).toHaveLength(8);
  });
});
