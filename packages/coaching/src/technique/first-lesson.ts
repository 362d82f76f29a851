import type { TeachStep } from '@spalo/catalog';
import { memoryOf, taughtAfter, type ClientHistory } from '@spalo/core/memory';
import { countedSets, type LiftState } from '@spalo/core/session';

/** A step of a first lesson with how it stands: right now or before, known from a lift that was done, or still open. */
export interface LessonStep extends TeachStep {
  standing: 'right' | 'known' | 'open';
  /** How often it was tried today and was not right yet. */
  notYet: number;
}

/** A first lesson as it stands with a client. */
export interface FirstLesson {
  steps: LessonStep[];
  /** The first open step; null where all are right. */
  now: LessonStep | null;
}

/** How far a client is in the teaching order of a style: what was right in earlier sessions is not taught again. */
export function firstLesson(
  teach: readonly TeachStep[],
  state: Pick<LiftState, 'plan' | 'taught'>,
  history: Pick<ClientHistory, 'lifts'>,
): FirstLesson {
  const { liftId, styleId } = state.plan;
  const so = taughtAfter(memoryOf(history, liftId).taught, state);
  const right = new Set(so?.styleId === styleId ? so.stepIds : []);
  const known = (id: string | null) =>
    id !== null && id !== liftId && memoryOf(history, id).lastDone !== null;
  const steps = teach.map((step): LessonStep => ({
    ...step,
    standing: right.has(step.id) ? 'right' : known(step.liftId) ? 'known' : 'open',
    notYet: state.taught.filter(
      (tried) => tried.styleId === styleId && tried.stepId === step.id && !tried.right,
    ).length,
  }));
  return { steps, now: steps.find(({ standing }) => standing === 'open') ?? null };
}

/**
 * Whether a first lesson is offered: the lift was never done, or its lesson was begun and is not through; not once a
 * working set is done today.
 */
export function offersLesson(state: LiftState, history: Pick<ClientHistory, 'lifts'>): boolean {
  const { lastDone, taught } = memoryOf(history, state.plan.liftId);
  return countedSets(state, 'working').length === 0 && (lastDone === null || taught !== undefined);
}
