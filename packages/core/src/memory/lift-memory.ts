import { ALIKE, answered, type Answered, type OwnRule } from '../session/own-rule';
import type { LiftPlan, PastStep } from '../session/plan';
import { countedSets, type Changed, type LiftState, type SessionState } from '../session/state';
import type { Review } from '../session/film';
import type { TakenRemedy } from '../session/remedy';
import { noTally, withOutcome, type CueTally } from '../technique/cue-belief';
import type { Grams } from '../unit/mass';
import { afterVerdict, noHabit, type RampHabit, type WarmUpVerdict } from '../warm-up/ramp/habit';
import type { RampKind } from '../warm-up/ramp/ramp-kind';

/** How a lift was really warmed up once, and what was said of it. */
export interface WarmUpRecord {
  sessionId: string;
  /** ISO time of the session. */
  at: string;
  ramp: RampKind;
  sets: PastStep[];
  verdict: WarmUpVerdict | null;
  note: string;
}

/** How a plan came about. */
export interface Decided {
  /** The session that it was decided in, or after. */
  sessionId: string;
  /** When; absent in what was kept before this was. */
  at?: string;
  /** What happened since to a set that it stands on; null while all are as they were. */
  changed: Changed | null;
  /** The trainer chose it against what was proposed. */
  own: boolean;
}

/** A set with its marks, as patterns are looked for in it. */
export interface PastMarks {
  loadG: Grams;
  reps: number;
  /** Absent in what was kept before it was. */
  cleanReps?: number;
  marks: { rep: number; faultId: string }[];
}

/** The working sets of one session with their marks, and the checkpoints that were looked at and right. */
export interface MarkedSession {
  sessionId: string;
  at: string;
  sets: PastMarks[];
  /** Ids of checkpoints; absent where none was ticked. */
  looked?: string[];
}

/** How far a first lesson came: the steps of a style that were right. */
export interface TaughtSoFar {
  styleId: string;
  stepIds: string[];
}

/** Everything that a client's finished sessions leave behind about one lift. */
export interface LiftMemory {
  /** The plan chosen at the latest wrap-up; null before the first. */
  plan: LiftPlan | null;
  /** How that plan came about; absent in what was kept before this was known. */
  decided?: Decided;
  /** The latest answers against their proposals, latest first; absent where none was given. */
  answers?: Answered[];
  /** How its proposals are changed; absent where as they are. */
  rule?: OwnRule;
  /** When it was last done (ISO), and all sets of that session. */
  lastDone: string | null;
  lastTime: PastStep[];
  /** Main fault of each session, latest first; null for a clean one. */
  faults: (string | null)[];
  /** What was chosen and learned of its ramp. */
  habit: RampHabit;
  /** The latest warm-ups, latest first. */
  warmUps: WarmUpRecord[];
  /** What cues did for this client, by cue id; absent where none was judged. */
  cues?: Record<string, CueTally>;
  /** The working sets of the latest sessions with their marks, latest session first; absent where there are none. */
  marked?: MarkedSession[];
  /** Remedies of the latest session that go on into the next; absent where there are none. */
  remedies?: TakenRemedy[];
  /** Its first lesson so far; absent where none was begun. */
  taught?: TaughtSoFar;
  /** What was written about it last while its sets were looked at again; absent where nothing was. */
  review?: Review & { sessionId: string; at: string };
}

export const noMemory: LiftMemory = {
  plan: null,
  lastDone: null,
  lastTime: [],
  faults: [],
  habit: noHabit,
  warmUps: [],
};

const FAULT_SESSIONS = 4;
const WARM_UPS = 6;
/** As many sessions as a trend is drawn of. */
const MARKED_SESSIONS = 12;

/** Finds the main fault of sets; the catalogue behind it knows how faults weigh. */
export type MainFaultOf = (
  plan: LiftPlan,
  sets: readonly { marks: { rep: number; faultId: string; styleId?: string }[] }[],
) => string | null;

function warmUpRecord(lift: LiftState, state: SessionState): WarmUpRecord {
  return {
    sessionId: state.id,
    at: state.startedAt,
    ramp: lift.rampChoice?.kind ?? lift.plan.ramp,
    sets: countedSets(lift, 'warm-up').map(({ kind, loadG, reps }) => ({ kind, loadG, reps })),
    verdict: lift.warmUp?.verdict ?? null,
    note: lift.warmUp?.note ?? '',
  };
}

/** What a lift's session adds to what is remembered of its ramp. */
function habitAfter(habit: RampHabit, { rampChoice, warmUp }: LiftState): RampHabit {
  const chosen = rampChoice ? { ...habit, ...rampChoice } : habit;
  return warmUp ? afterVerdict(chosen, warmUp.verdict) : chosen;
}

/** The memory of a lift with the plan that was answered in a session, or after it. */
export function withAnswer(
  memory: LiftMemory,
  { answer, rule }: Pick<LiftState, 'answer' | 'rule'>,
  state: Pick<SessionState, 'id'>,
): LiftMemory {
  const { rule: before, ...rest } = memory;
  const now = rule === undefined ? before : rule;
  const ruled = { ...rest, ...(now && { rule: now }) };
  if (!answer) return rule === undefined ? memory : ruled;
  const { chosen, proposed, changed, accepted, at } = answer;
  const others = (memory.answers ?? []).filter(({ sessionId }) => sessionId !== state.id);
  // What was answered before there was the rule says nothing of another one.
  const earlier = rule === undefined ? others : [];
  return {
    ...ruled,
    plan: chosen,
    decided: { sessionId: state.id, ...(at !== undefined && { at }), changed, own: !accepted },
    answers: [answered(state.id, proposed, chosen), ...earlier].slice(0, ALIKE),
  };
}

/** What marks, judged cues and remedies of a session leave; nothing is kept where there is nothing. */
function whatWasSeen(
  memory: LiftMemory,
  lift: LiftState,
  state: SessionState,
): Pick<LiftMemory, 'cues' | 'marked' | 'remedies'> {
  const sets = countedSets(lift, 'working').map(({ loadG, reps, cleanReps, marks }) => ({
    loadG,
    reps,
    cleanReps,
    marks: marks.map(({ rep, faultId }) => ({ rep, faultId })),
  }));
  const looked = lift.ticked.map(({ checkpointId }) => checkpointId);
  const here = {
    sessionId: state.id,
    at: state.startedAt,
    sets,
    ...(looked.length > 0 && { looked }),
  };
  const marked = [here, ...(memory.marked ?? [])].slice(0, MARKED_SESSIONS);
  const cues = lift.judged.reduce<Record<string, CueTally>>(
    (all, { cueId, outcome }) => ({
      ...all,
      [cueId]: withOutcome(all[cueId] ?? noTally, outcome),
    }),
    memory.cues ?? {},
  );
  return {
    marked,
    ...(Object.keys(cues).length > 0 && { cues }),
    ...(lift.remedies.length > 0 ? { remedies: lift.remedies } : {}),
  };
}

/** A first lesson with the steps that were right in one more session; another style begins anew. */
export function taughtAfter(
  before: TaughtSoFar | undefined,
  { plan, taught }: Pick<LiftState, 'plan' | 'taught'>,
): TaughtSoFar | undefined {
  const { styleId } = plan;
  const right = taught.filter((step) => step.right && step.styleId === styleId);
  if (right.length === 0) return before;
  const known = before?.styleId === styleId ? before.stepIds : [];
  return { styleId, stepIds: [...new Set([...known, ...right.map(({ stepId }) => stepId)])] };
}

/** The memory of a lift with one more session of it. A lift without a working set leaves only its answer. */
export function rememberLift(
  memory: LiftMemory,
  lift: LiftState,
  state: SessionState,
  mainFaultOf: MainFaultOf,
): LiftMemory {
  const taught = taughtAfter(memory.taught, lift);
  const told = {
    ...withAnswer(memory, lift, state),
    ...(taught && { taught }),
    ...(lift.review && { review: { ...lift.review, sessionId: state.id, at: state.startedAt } }),
  };
  const working = countedSets(lift, 'working');
  if (working.length === 0)
    return lift.answer || lift.rule !== undefined || taught !== memory.taught ? told : memory;
  const { remedies: _last, ...rest } = told;
  return {
    ...rest,
    lastDone: state.startedAt,
    lastTime: countedSets(lift).map(({ kind, loadG, reps }) => ({ kind, loadG, reps })),
    faults: [mainFaultOf(lift.plan, working), ...memory.faults].slice(0, FAULT_SESSIONS),
    habit: habitAfter(memory.habit, lift),
    ...whatWasSeen(memory, lift, state),
    warmUps: [warmUpRecord(lift, state), ...memory.warmUps].slice(0, WARM_UPS),
  };
}
