import { nowIso, nowMs } from '@spalo/core/unit';
import fc from 'fast-check';
import ICAL from 'ical.js';
import { readCalendarFile } from '../../../client/src/parts/booking/calendar-file';
import { v7 } from 'uuid';
import {
  addColleague,
  clientBody,
  device,
  newStudio,
  testServer,
  type Agent,
  type TestServer,
} from '../test/server';

let server: TestServer;
let agent: Agent;
let owner: string;
beforeAll(async () => {
  server = await testServer();
  ({ agent, trainerId: owner } = await newStudio(server));
});
afterAll(() => server.close());

async function booked(startsAt: string, calledName = 'Isa', by = agent) {
  const clientId = v7();
  await by.put(`/api/v1/clients/${clientId}`).send({ ...clientBody, name: 'Isolde M', calledName });
  const id = v7();
  await by.put(`/api/v1/bookings/${id}`).send({ clientId, startsAt, minutes: 45 }).expect(200);
  return id;
}

/** The events of a calendar as a calendar library reads them. */
async function read(token: string) {
  const { text } = await device(server.running).get(`/calendar/${token}.ics`).expect(200);
  const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
  return calendar.getAllSubcomponents('vevent').map((each) => {
    const event = new ICAL.Event(each);
    return {
      uid: event.uid,
      summary: event.summary,
      start: event.startDate.toJSDate(),
      end: event.endDate.toJSDate(),
    };
  });
}

const make = async (by = agent): Promise<string> =>
  (await by.post('/api/v1/calendar-feed').expect(200)).body.token;

/** An hour of a day on a wall clock of a zone. */
const onTheWall = (date: Date, zone: string) =>
  new Intl.DateTimeFormat('en-GB', { timeZone: zone, hour: '2-digit', minute: '2-digit' }).format(
    date,
  );

describe('a calendar at its secret address', () => {
  it('has each booking, at the hour on the wall before and after the clocks change', async () => {
    const now = new Date(nowMs());
    // The next tenth of June, which lies within a year.
    const year = now.getUTCFullYear() + (now.getUTCMonth() < 5 ? 0 : 1);
    // Six in the evening in Berlin, in winter and in summer time; both lie within a year.
    const winter = await booked(
      new Date(nowMs() + 20 * 86_400_000).toISOString().replace(/T.*/, 'T17:00:00.000Z'),
    );
    const summer = await booked(`${year}-06-10T16:00:00.000Z`, '');
    const events = await read(await make());
    const of = (id: string) => events.find(({ uid }) => uid === `${id}@spalo`)!;
    expect(of(winter)).toMatchObject({ summary: 'Isa' });
    expect(of(summer)).toMatchObject({ summary: 'Isolde M' });
    expect(onTheWall(of(summer).start, 'Europe/Berlin')).toBe('18:00');
    expect(onTheWall(of(summer).start, 'America/New_York')).toBe('12:00');
    expect(of(winter).end.getTime() - of(winter).start.getTime()).toBe(45 * 60_000);
  });

  it('follows what is moved and cancelled', async () => {
    const id = await booked(new Date(nowMs() + 86_400_000).toISOString());
    const token = await make();
    const uid = `${id}@spalo`;
    const before = (await read(token)).find((each) => each.uid === uid)!;
    const { clientId } = (
      await agent.get(
        `/api/v1/bookings?from=${nowIso()}&to=${new Date(nowMs() + 3 * 86_400_000).toISOString()}`,
      )
    ).body.bookings.find((each: { id: string }) => each.id === id);
    const startsAt = new Date(before.start.getTime() + 3_600_000).toISOString();
    await agent.put(`/api/v1/bookings/${id}`).send({ clientId, startsAt, minutes: 45 }).expect(200);
    const moved = (await read(token)).find((each) => each.uid === uid)!;
    expect(moved.start.toISOString()).toBe(startsAt);
    await agent.delete(`/api/v1/bookings/${id}`).expect(200);
    expect((await read(token)).some((each) => each.uid === uid)).toBe(false);
  });

  it('tells programs that have it what is newer, and nothing where nothing changed', async () => {
    const startsAt = new Date(nowMs() + 5 * 86_400_000).toISOString();
    const id = await booked(startsAt);
    const address = `/calendar/${await make()}.ics`;
    const get = (etag = '') =>
      device(server.running)
        .get(address)
        .set(etag ? { 'If-None-Match': etag } : {});
    const standing = (text: string) => {
      const part = new ICAL.Component(ICAL.parse(text) as unknown[])
        .getAllSubcomponents('vevent')
        .find((each) => each.getFirstPropertyValue('uid') === `${id}@spalo`)!;
      const value = (name: string) => part.getFirstPropertyValue(name);
      return {
        sequence: Number(value('sequence')),
        modified: String(value('last-modified')),
        status: value('status'),
      };
    };
    const first = await get().expect(200);
    expect(standing(first.text).sequence).toBe(0);
    const again = await get(first.headers.etag).expect(304);
    expect(again.text).toBe('');

    const { clientId } = (
      await agent.get(
        `/api/v1/bookings?from=${nowIso()}&to=${new Date(nowMs() + 9 * 86_400_000).toISOString()}`,
      )
    ).body.bookings.find((each: { id: string }) => each.id === id);
    const put = (change: object) =>
      agent
        .put(`/api/v1/bookings/${id}`)
        .send({ clientId, startsAt, minutes: 45, ...change })
        .expect(200);
    const later = new Date(Date.parse(startsAt) + 3_600_000).toISOString();
    await put({ startsAt: later });
    const moved = await get(first.headers.etag).expect(200);
    expect(standing(moved.text).sequence).toBe(1);
    await put({ startsAt: later, arranged: null });
    expect((await get(moved.headers.etag)).status).toBe(304);
    await put({ startsAt: later, state: 'cancelled in time' });
    const off = standing((await get(moved.headers.etag).expect(200)).text);
    expect(off).toMatchObject({ sequence: 2, status: 'CANCELLED' });
    expect(off.modified >= standing(moved.text).modified).toBe(true);
  });

  it('ends when it is renewed, when it is ended and when its trainer leaves; nobody else has it', async () => {
    const first = await make();
    const second = await make();
    const gone = (token: string) =>
      device(server.running).get(`/calendar/${token}.ics`).expect(404);
    await gone(first);
    await read(second);
    expect((await agent.get('/api/v1/calendar-feed')).body.since).not.toBeNull();
    await agent.delete('/api/v1/calendar-feed').expect(200);
    await gone(second);
    expect((await agent.get('/api/v1/calendar-feed')).body.since).toBeNull();
    await gone('made-up');

    const colleague = await addColleague(server.running, agent);
    const theirs = await make(colleague.agent);
    // Their own bookings, and nobody else's.
    expect(await read(theirs)).toEqual([]);
    await agent.post(`/api/v1/trainers/${colleague.id}/leave`).send({ handTo: owner }).expect(200);
    await gone(theirs);
  });
});

describe('a calendar file', () => {
  const hours = fc.uniqueArray(
    fc.record({
      inMinutes: fc.integer({ min: 60, max: 300 * 24 * 60 }),
      minutes: fc.integer({ min: 10, max: 240 }),
      state: fc.constantFrom('booked', 'cancelled in time'),
    }),
    { minLength: 1, maxLength: 8, selector: ({ inMinutes }) => inMinutes },
  );

  it('read back holds the same hours under the same ids, so that bringing it in books nothing new', async () => {
    await fc.assert(
      fc.asyncProperty(hours, async (made) => {
        const { agent: mine } = await newStudio(server);
        const clientId = v7();
        await mine.put(`/api/v1/clients/${clientId}`).send(clientBody).expect(200);
        const now = Math.floor(nowMs() / 60_000) * 60_000;
        const bookings = made.map(({ inMinutes, minutes, state }) => ({
          id: v7(),
          clientId,
          startsAt: new Date(now + inMinutes * 60_000).toISOString(),
          minutes,
          state,
        }));
        await mine.put('/api/v1/bookings').send({ bookings }).expect(200);
        const { ics } = (await mine.get('/api/v1/calendar-file').expect(200)).body;
        const read = readCalendarFile(ics, 'UTC', nowMs());
        const told = (all: { id: string; startsAt: string; minutes: number }[]) =>
          all.map(({ id, startsAt, minutes }) => `${id} ${startsAt} ${minutes}`).sort();
        expect(told(read.hours)).toEqual(told(bookings));
        expect(read.hours.filter(({ isOff }) => isOff)).toHaveLength(
          bookings.filter(({ state }) => state !== 'booked').length,
        );
      }),
      { numRuns: 8 },
    );
  });
});
