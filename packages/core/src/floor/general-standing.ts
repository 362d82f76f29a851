import { countedSets, type GeneralStepState, type SessionState } from '../session/state';

/** The general part of a session's warm-up as it stands. */
export interface GeneralStanding {
  steps: readonly GeneralStepState[];
  /** The step in hand; null when all are done or left out. */
  now: GeneralStepState | null;
  /** Whether it comes before anything else: no set is logged yet. */
  active: boolean;
}

/** How the general part stands; `opened` when the trainer looks at a lift instead. */
export function generalStanding(session: SessionState, opened: boolean): GeneralStanding {
  const now = session.general.find((step) => step.state === 'open') ?? null;
  const anySet = session.lifts.some((lift) => countedSets(lift).length > 0);
  return { steps: session.general, now, active: now !== null && !anySet && !opened };
}
