import type { Lift } from '@spalo/core/lift';
import { served } from '../../../state/client-facts.test-help';
import { journal } from '../../../state/device';
import { appendToSession } from '../../../state/log/session-log';
import { memoryJournal, type JournalStore } from '../../../state/log/journal-store';
import type { LaneView } from '../lane-view';
import { floorActions } from './floor-actions';

jest.mock('../../../state/device', () => {
  const { makeJournal } = jest.requireActual('../../../state/log/journal');
  const { memoryJournal: memory } = jest.requireActual('../../../state/log/journal-store');
  return {
    journal: makeJournal(memory()),
    authorFor: (trainerId: string) => ({ trainerId, device: trainerId }),
  };
});

const trainerId = '019a0000-0000-7000-8000-000000000001';
const session = '019a0000-0000-7000-8000-000000000002';
const squat = { id: 'back-squat', name: 'Back squat' } as Lift;
const lane = { client: served } as unknown as LaneView;
const chestPain = { place: 'chest', side: 'middle', score: 6, kind: 'chest' } as const;

/** A store that keeps count of its writes, and fails from the moment that it is told to. */
function countingStore() {
  const kept = memoryJournal();
  const writes: number[] = [];
  let fails = false;
  const store: JournalStore = {
    ...kept,
    async put(entries) {
      if (fails) throw new Error('the disk is full');
      writes.push(entries.length);
      await kept.put(entries);
    },
  };
  return { store, writes, fail: () => (fails = true), all: () => kept.all() };
}

async function onTheFloor() {
  const kept = countingStore();
  await journal.open(trainerId, kept.store, Date.parse('2026-11-24T10:00:00.000Z'));
  const start = { clientId: served.id, bookingId: null, roomId: session, unit: 'kg', lifts: [] };
  await appendToSession(journal, session, 'session.started', start as never, {
    trainerId,
    device: trainerId,
  });
  kept.writes.length = 0;
  return { ...kept, actions: floorActions({ id: session, unit: 'kg' }, trainerId) };
}

test('what hurts in the chest, and the red flag that it raises, are one write', async () => {
  const { actions, writes, all } = await onTheFloor();
  await actions.reportPain(lane, squat, chestPain as never);
  expect(writes).toEqual([2]);
  const kinds = (await all()).map((entry) =>
    entry.kind === 'event' ? entry.event.type : entry.change.route,
  );
  expect(kinds).toEqual(['session.started', 'pain.reported', 'putFlag']);
});

test('a cue that did not help and the next one are one write, in their order', async () => {
  const { actions, writes, all } = await onTheFloor();
  const judged = { cue: { id: 'one' }, fault: { id: 'knees' } };
  await actions.judgeCue('back-squat', judged as never, 'same', 'two');
  expect(writes).toEqual([2]);
  const types = (await all()).flatMap((entry) =>
    entry.kind === 'event' ? [entry.event.type] : [],
  );
  expect(types).toEqual(['session.started', 'cue.judged', 'cue.given']);
});

test('where it cannot be stored nothing of it is, and nothing is shown', async () => {
  const { actions, fail, all } = await onTheFloor();
  fail();
  await expect(actions.reportPain(lane, squat, chestPain as never)).rejects.toThrow('disk is full');
  expect((await all()).map(({ kind }) => kind)).toEqual(['event']);
  expect([...journal.state.getState().entries.values()]).toHaveLength(1);
});
