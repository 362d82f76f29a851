import { atOrBelow, stepDown, stepUp } from '../loads';
import { massText } from '../mass';
import { painStop } from '../session/pain-gate';
import type { LiftPlan } from '../session/plan';
import { countedSets, type LiftState, type LoggedSet } from '../session/state';
import type { Alternative, Decision, DecisionContext, FaultFacts } from './decision';
import { afterClimb, doubleProgression } from './double-progression';

const CLEAN_SHARE = 0.8;
/** Middle of the 20–30 % drop after pain, and of the 5–10 % drop after a safety fault. */
const PAIN_SHARE = 0.75;
const SAFETY_SHARE = 0.925;

/** The plan part of a planned lift: what is carried from session to session. */
export function planOf(plan: LiftPlan): LiftPlan {
  const { liftId, styleId, implement, repRange, reps, targetRir, sets, loadG, focusCueId, closed } =
    plan;
  return { liftId, styleId, implement, repRange, reps, targetRir, sets, loadG, focusCueId, closed };
}

function happened(sets: readonly LoggedSet[], context: DecisionContext): string {
  if (sets.length === 0) return 'No working set';
  const loads = [...new Set(sets.map((set) => massText(set.loadG, context.unit)))].join(', ');
  const reps = sets
    .map((set) => (set.cleanReps === set.reps ? `${set.reps}` : `${set.cleanReps} of ${set.reps}`))
    .join(', ');
  return `${loads} × ${reps}`;
}

/** The fault seen in most reps, the heavier weight first on a tie; null for clean sets. */
export function mainFault(
  sets: readonly Pick<LoggedSet, 'marks'>[],
  faults: readonly FaultFacts[],
): FaultFacts | null {
  const order = { safety: 0, major: 1, minor: 2 };
  const counts = new Map<string, number>();
  for (const mark of sets.flatMap((set) => set.marks)) {
    counts.set(mark.faultId, (counts.get(mark.faultId) ?? 0) + 1);
  }
  const seen = faults.filter((fault) => counts.has(fault.id));
  seen.sort((a, b) => counts.get(b.id)! - counts.get(a.id)! || order[a.weight] - order[b.weight]);
  return seen.find((fault) => fault.weight === 'safety') ?? seen[0] ?? null;
}

function alternatives(plan: LiftPlan, proposed: LiftPlan, context: DecisionContext): Alternative[] {
  const say = (loadG: number) => massText(loadG, context.unit);
  const options: Alternative[] = [];
  const offer = (label: string, option: LiftPlan) => {
    const taken = [proposed, ...options.map((each) => each.plan)];
    const same = (other: LiftPlan) => other.loadG === option.loadG && other.reps === option.reps;
    if (!taken.some(same)) options.push({ label, plan: option });
  };
  offer(`Repeat ${say(plan.loadG)} × ${plan.reps}`, { ...plan, closed: proposed.closed });
  const down = stepDown(context.loads, proposed.loadG);
  if (down) offer(`Lighter, ${say(down.loadG)}`, { ...proposed, loadG: down.loadG });
  const up = stepUp(context.loads, proposed.loadG);
  if (up) offer(`Heavier, ${say(up.loadG)}`, { ...proposed, loadG: up.loadG });
  return options;
}

function dropped(loadG: number, share: number, context: DecisionContext): number {
  const target = atOrBelow(context.loads, loadG * share);
  return target && target.loadG < loadG ? target.loadG : loadG;
}

/** The cue for a fault: the first remedy, or the next one when the same fault led the session before. */
function cueFor(fault: FaultFacts, current: string | null, repeated: boolean): string | null {
  if (!repeated) return fault.cueIds[0] ?? current;
  return fault.cueIds.find((cueId) => cueId !== current) ?? current;
}

/**
 * What a lift does next time, gate by gate; the first that applies wins: pain, technique, then effort and reps
 * by double progression. Absence is not decided here but when the next session is drafted.
 */
export function decide(state: LiftState, context: DecisionContext): Decision {
  const plan = planOf(state.plan);
  const sets = countedSets(state, 'working');
  const focused = { ...plan, focusCueId: state.focusCueId };
  const done = happened(sets, context);
  const finish = (
    decision: Pick<Decision, 'gate' | 'proposed' | 'why'> & Partial<Decision>,
  ): Decision => ({
    happened: done,
    alternatives: alternatives(focused, decision.proposed, context),
    advice: null,
    openFlag: null,
    ...decision,
  });

  const stop = painStop(state.pains, context.flags);
  if (stop) {
    const { place, side } = stop.report;
    const joint = place === 'chest' || place === 'head' ? null : place;
    const again = context.flags.some((flag) => flag.place === place && flag.state !== 'closed');
    const close = stop.redFlag || again;
    const loadG = dropped(sets.at(-1)?.loadG ?? plan.loadG, PAIN_SHARE, context);
    return finish({
      gate: 'pain',
      proposed: {
        ...focused,
        loadG,
        closed: close ? `Closed after ${stop.why} until clearance is recorded` : null,
      },
      why: close
        ? `Closed: ${stop.why}`
        : `Down to ${massText(loadG, context.unit)} in a range free of pain: ${stop.why}`,
      advice: close
        ? 'Advise a clinician; record the clearance on the client page before this lift is done again.'
        : 'A flag is opened. If the same place hurts again, advise a clinician.',
      openFlag: joint && !again ? { place: joint, side } : null,
    });
  }
  if (sets.length === 0) {
    return finish({ gate: 'not done', proposed: focused, why: 'Not done: the plan stays' });
  }

  const reps = sets.reduce((sum, set) => sum + set.reps, 0);
  const clean = sets.reduce((sum, set) => sum + set.cleanReps, 0);
  const fault = mainFault(sets, context.faults);
  const unsafe = fault?.weight === 'safety';
  if (unsafe || clean < reps * CLEAN_SHARE) {
    const repeats = fault ? context.faultHistory.findIndex((earlier) => earlier !== fault.id) : 0;
    const streak = 1 + (repeats < 0 ? context.faultHistory.length : repeats);
    const loadG = sets.at(-1)!.loadG;
    const nextG = unsafe ? dropped(loadG, SAFETY_SHARE, context) : loadG;
    const focusCueId = fault ? cueFor(fault, state.focusCueId, streak >= 2) : state.focusCueId;
    const seen = fault ? `: ${fault.name.toLowerCase()}` : '';
    return finish({
      gate: 'technique',
      proposed: { ...focused, loadG: nextG, focusCueId },
      why: unsafe
        ? `Lighter, ${massText(nextG, context.unit)}, for the safety fault${seen}`
        : `Hold the load: ${clean} of ${reps} reps were clean${seen}`,
      advice:
        streak >= 3 && context.regression
          ? `Third session with this fault: step down to ${context.regression}.`
          : streak === 2
            ? 'Second session with this fault: the cue changes.'
            : null,
    });
  }
  const scheme = state.plan.climb ? afterClimb : doubleProgression;
  const next = scheme(focused, sets, context);
  return finish({ gate: 'effort', proposed: next.plan, why: next.why });
}
