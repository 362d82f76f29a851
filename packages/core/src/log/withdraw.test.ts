import fc from 'fast-check';
import { row, squat } from '../test/fixtures';
import { log } from '../test/log';
import type { EventPayloads, EventType } from '../session/events';
import { reduceSession } from '../session/reduce';
import { countedSets, type SessionState } from '../session/state';

/** One entry of every type that a session can hold: a new type has no rest before it is here. */
function everything(): { [T in EventType]: EventPayloads[T] } {
  const liftId = squat.id;
  const session = log();
  const [planned] = session.state().lifts;
  const plan = planned!.plan;
  const painId = 'x';
  const step = { drillId: 'b', job: 'raise', seconds: 60, rounds: 1, reps: null, why: '' } as const;
  const followed: Omit<EventPayloads['clip.followed'], 'clipId'> = {
    way: 'down first',
    view: { mmPerPixel: 4, facing: 'left', plumbX: 180, floorY: 600 },
    path: { t: [0], x: [0], y: [0] },
    hidden: [],
    lostMs: null,
  };
  const set = { loadG: 1000, reps: 3, cleanReps: 3, marks: [], rir: 2 };
  return {
    'session.started': {
      clientId: 'c',
      bookingId: null,
      roomId: 'r',
      unit: 'kg',
      lifts: [plan],
    },
    'session.finished': {},
    'session.reopened': {},
    'client.checked-in': { dayForm: 'rough' },
    'lift.added': { lift: { ...plan, liftId: 'added' } },
    'lift.skipped': { liftId, skipped: true, reason: null },
    'lift.swapped': { liftId, by: { ...plan, liftId: 'other' } },
    'lifts.ordered': { liftIds: [row.id] },
    'session.handed-over': { trainerId: 'other' },
    'ramp.moved': { liftId: squat.id, move: 'stuck' },
    'lifts.paired': { liftIds: [squat.id, row.id], paired: true },
    'lift.changed': { liftId, sets: 1, reps: 2, targetRir: 0 },
    'set.logged': { ...set, liftId, step: 0, kind: 'warm-up', proposed: set },
    'set.corrected': { ...set, setId: SET },
    'set.voided': { setId: SET, voided: true },
    'set.judged': { setId: SET, representative: false, reason: null },
    'set.told-apart': { setId: TWIN },
    'drills.marked': { drillIds: ['a'], state: 'done' },
    'drill.swapped': { drillId: 'a', by: step },
    'general.planned': { steps: [step] },
    'ramp.chosen': { liftId, kind: null, primer: 'none' },
    'warm-up.judged': { liftId, verdict: 'ready', note: '' },
    'pain.reported': { liftId, place: 'knee', side: 'left', kind: 'ache', score: 3 },
    'pain.withdrawn': { painId },
    'flag.met': { liftId, flagId: 'flag', degree: 'closed', eased: null, reason: 'stairs only' },
    'day-after.told': { liftId, how: 'worse' },
    'plan.adjusted': { liftId, fromStep: 1, steps: [], reasons: ['less'] },
    'scheme.chosen': { liftId: squat.id, scheme: 'linear' },
    'rule.kept': { liftId: squat.id, rule: { share: 0.95, reps: 0 } },
    'suggestion.answered': {
      liftId,
      proposed: plan,
      chosen: plan,
      accepted: true,
      why: '',
      reason: null,
    },
    'cue.given': { liftId, cueId: 'another' },
    'style.chosen': { liftId, styleId: 'other', cueId: 'another' },
    'cue.judged': { liftId, cueId: 'cue', faultId: null, outcome: 'helped' },
    'remedy.taken': { liftId, faultId: 'f', kind: 'set-up', text: 'wider' },
    'point.ticked': { liftId, styleId: 's', checkpointId: 'p', ticked: true },
    'step.taught': { liftId, styleId: 's', stepId: 'one', right: true },
    'clip.filmed': { ...clip, clipId: 'c2', setId: SET },
    'clip.followed': { ...followed, clipId: 'c1' },
    'sign.answered': { clipId: 'c1', sign: 'short pause', rep: 1, taken: true },
    'still.kept': { stillId: 's1', clipId: 'c1', ms: 0, text: '', bytes: 1 },
    'review.written': { liftId, good: 'calm', keepOn: '', change: '' },
    'note.added': { liftId: null, text: 'a slip of the thumb' },
    'entries.withdrawn': { eventIds: [SET], withdrawn: true },
  };
}

/** Ids of a set and of its twin from another device, in the session that `everything` happens in. */
const SET = 'session-0001';
const TWIN = 'session-0002';

const clip = { type: 'video/webm', bytes: 10, ms: 1000, width: 360, height: 640 } as const;
const some = { job: 'raise', seconds: 60, rounds: 1, reps: null, why: '' } as const;

/** A session with a set, its twin, and drills to mark. */
function begun() {
  const session = log({ general: [{ ...some, drillId: 'a' }] });
  const first = session.set();
  if (first.type === 'set.logged') session.add('set.logged', first.payload);
  session.add('clip.filmed', { ...clip, clipId: 'c1', setId: SET });
  return session;
}

/** A session in which a bit of everything happens. */
function clumsy() {
  const session = log();
  session.warmUp();
  session.set();
  session.add('note.added', { liftId: null, text: 'a slip of the thumb' });
  session.add('lift.skipped', { liftId: row.id, skipped: true, reason: null });
  session.add('pain.reported', {
    liftId: squat.id,
    place: 'knee',
    side: 'left',
    kind: 'ache',
    score: 5,
  });
  session.set({ reps: 3, cleanReps: 3 });
  session.add('session.finished', {});
  return session;
}

const without = (events: ReturnType<typeof clumsy>['events'], ids: readonly string[]) =>
  reduceSession(events.filter(({ id }) => !ids.includes(id)));

describe('entries that were taken back', () => {
  it.each(Object.entries(everything()) as [EventType, never][])(
    'leave no trace in what the session is: %s',
    (type, payload) => {
      const { events, add } = begun();
      const told = reduceSession(events);
      const entry = add(type, payload);
      expect(entry.type).toBe(type);
      // The withdrawal is taken back by saying that its entries stand again.
      if (type === 'entries.withdrawn') {
        add(type, { ...(payload as EventPayloads['entries.withdrawn']), withdrawn: false });
      } else {
        add('entries.withdrawn', { eventIds: [entry.id], withdrawn: true });
      }
      expect(reduceSession(events)).toEqual(told);
    },
  );

  it('leave a session as if they had not been, in any order of arrival, and come back', () => {
    const { events, add } = clumsy();
    const told = reduceSession(events);
    const ids = events.slice(1).map(({ id }) => id);
    fc.assert(
      fc.property(
        fc.subarray(ids, { minLength: 1 }),
        fc.infiniteStream(fc.nat()),
        (some, order) => {
          const taken = add('entries.withdrawn', { eventIds: some, withdrawn: true });
          const arrived = [...events].sort(() => (order.next().value! % 2 === 0 ? -1 : 1));
          expect(reduceSession(arrived)).toEqual(without(events, some));
          const back = add('entries.withdrawn', { eventIds: some, withdrawn: false });
          expect(reduceSession(events)).toEqual(told);
          for (const made of [taken, back]) events.splice(events.indexOf(made), 1);
        },
      ),
    );
  });

  it('open a finished session again, and end one that was started by mistake', () => {
    const { events, add, state } = clumsy();
    const finished = events.at(-1)!;
    add('entries.withdrawn', { eventIds: [finished.id], withdrawn: true });
    expect(state().finishedAt).toBeNull();
    add('entries.withdrawn', { eventIds: [state().startId], withdrawn: true });
    expect(reduceSession(events)).toBeNull();
  });

  it('do nothing where they name what the log does not hold', () => {
    const { events, add, state } = clumsy();
    const before: SessionState = state();
    add('entries.withdrawn', { eventIds: ['of-another-session'], withdrawn: true });
    expect(reduceSession(events)).toEqual(before);
    expect(countedSets(state().lifts[0]!, 'working')).toHaveLength(2);
  });
});
