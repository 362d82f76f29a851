import { noMemory } from './lift-memory';
import { noHabit } from '../warm-up/ramp/habit';
import type { GeneralStep } from '../warm-up/general/general';
import type { EventPayloads } from '../session/events';
import type { Step } from '../session/plan';
import type { SessionState } from '../session/state';
import { kg, lifts, person, row, squat } from '../test/fixtures';
import { NOW, log } from '../test/log';
import type { WarmUpVerdict } from '../warm-up/ramp/habit';
import {
  emptyHistory,
  historyOf,
  memoryOf,
  withLocalSessions,
  type HistoryContext,
} from './history';

const DAY_MS = 86_400_000;
const context: HistoryContext = { mainFaultOf: () => null, lifts, person };

/** A squat session some days on: warmed up, one working set, judged, finished. */
function trained(
  day: number,
  {
    verdict = null,
    note = '',
    choice = null,
    swap = false,
    finished = true,
  }: {
    verdict?: WarmUpVerdict | null;
    note?: string;
    choice?: Omit<EventPayloads['ramp.chosen'], 'liftId'> | null;
    swap?: boolean;
    finished?: boolean;
  } = {},
): SessionState {
  const bike: GeneralStep = {
    drillId: 'bike',
    job: 'raise',
    seconds: 300,
    rounds: 1,
    reps: null,
    why: '',
  };
  const steps: Step[] = [
    { kind: 'warm-up', loadG: kg(20), reps: 10, purpose: 'find the groove', restS: 20 },
    { kind: 'warm-up', loadG: kg(40), reps: 5, purpose: 'own the way down', restS: 75 },
    { kind: 'working', loadG: kg(60), reps: 8, purpose: '', restS: 120 },
  ];
  const session = log({
    plan: { climb: false, targetRir: 2, steps },
    session: `s${day}`,
    startMs: Date.parse(NOW) + day * DAY_MS,
    general: [bike],
  });
  if (swap) {
    session.add('drill.swapped', { drillId: 'bike', by: { ...bike, drillId: 'walk' } });
  }
  if (choice) session.add('ramp.chosen', { liftId: squat.id, ...choice });
  session.warmUp();
  session.set();
  if (verdict) session.add('warm-up.judged', { liftId: squat.id, verdict, note });
  if (finished) session.add('session.finished', {});
  return session.state();
}
const habit = (...sessions: SessionState[]) =>
  memoryOf(historyOf(sessions, context), squat.id).habit;

describe('what is remembered of warm-ups', () => {
  it('is nothing before a session, and of one that is still open', () => {
    expect(historyOf([], context)).toEqual(emptyHistory);
    expect(historyOf([trained(0, { verdict: 'rusty', finished: false })], context)).toEqual(
      emptyHistory,
    );
  });

  it('adds verdicts up over sessions, whatever order they come in', () => {
    const [first, second, third] = [
      trained(0, { verdict: 'rusty' }),
      trained(2, { verdict: 'rusty' }),
      trained(4, { verdict: 'tired' }),
    ];
    expect(habit(first)).toMatchObject({ extra: 1, last: 'rusty' });
    expect(habit(second, first)).toMatchObject({ extra: 2, last: 'rusty' });
    expect(habit(third, first, second)).toMatchObject({ extra: 1, last: 'tired' });
  });

  it('settles after two ready in a row, and a session without an answer leaves it as it was', () => {
    const ready = [trained(0, { verdict: 'ready' }), trained(2), trained(4, { verdict: 'ready' })];
    expect(habit(...ready)).toMatchObject({ readyInARow: 2, extra: 0 });
    expect(habit(trained(0))).toEqual(noHabit);
  });

  it('keeps the ramp that the trainer chose until another one is chosen', () => {
    const short = trained(0, { choice: { kind: 'short', primer: null } });
    const heavy = trained(6, { choice: { kind: 'heavy', primer: 'none' } });
    expect(habit(short, trained(3))).toMatchObject({ kind: 'short', primer: null });
    expect(habit(short, heavy)).toMatchObject({ kind: 'heavy', primer: 'none' });
  });

  it('holds the six latest warm-ups as they were done, latest first, with what was noted', () => {
    const sessions = Array.from({ length: 8 }, (_, at) =>
      trained(at, { verdict: 'ready', note: `note ${at}` }),
    );
    const records = memoryOf(historyOf(sessions, context), squat.id).warmUps;
    expect(records.map((each) => each.note)).toEqual([7, 6, 5, 4, 3, 2].map((at) => `note ${at}`));
    expect(records[0]).toMatchObject({
      sessionId: 's7',
      at: sessions[7]!.startedAt,
      verdict: 'ready',
      sets: [
        { kind: 'warm-up', loadG: kg(20), reps: 10 },
        { kind: 'warm-up', loadG: kg(40), reps: 5 },
      ],
    });
  });

  it('says nothing of a lift that was not done', () => {
    const history = historyOf([trained(0, { verdict: 'rusty' })], context);
    expect(history.lifts[row.id]).toBeUndefined();
    expect(memoryOf(history, row.id)).toEqual(noMemory);
  });

  it('carries a swapped drill on', () => {
    expect(historyOf([trained(0, { swap: true }), trained(1)], context).swaps).toEqual({
      bike: 'walk',
    });
  });
});

describe('sessions that only this device has', () => {
  const first = trained(0, { verdict: 'rusty', note: 'first' });
  const second = trained(2, { verdict: 'rusty', note: 'second' });

  it('are folded onto what the server knows, as if it had folded them', () => {
    const local = withLocalSessions(historyOf([first], context), [second], context);
    const { belief, ...known } = local;
    const { belief: whole, ...all } = historyOf([first, second], context);
    expect(known).toEqual(all);
    belief!.mean.forEach((mean, at) => expect(mean).toBeCloseTo(whole!.mean[at]!, 3));
  });

  it('are never counted twice, nor while they are open', () => {
    const served = historyOf([first, second], context);
    expect(withLocalSessions(served, [first, second], context)).toBe(served);
    const open = trained(4, { verdict: 'tired', finished: false });
    expect(withLocalSessions(served, [open], context)).toBe(served);
  });

  it('begin a history where there was none', () => {
    expect(withLocalSessions(emptyHistory, [first], context)).toEqual(historyOf([first], context));
  });
});
