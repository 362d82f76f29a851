import { warmLifts, type CueToJudge } from '@spalo/coaching';
import { redPlaceOf } from '@spalo/core/floor';
import type { Lift } from '@spalo/core/lift';
import { atOrBelow, stepDown } from '@spalo/core/loads';
import {
  countedSets,
  type DayAfter,
  type Pain,
  type PlannedLift,
  type RemedyKind,
  shareOfStep,
  type Step,
} from '@spalo/core/session';
import type { CueOutcome } from '@spalo/core/technique';
import { nowMs, studioDay } from '@spalo/core/unit';
import type { Why } from '@spalo/core/words';
import { flagChange, redFlagOf } from '../../client/put-flag';
import { askedNow, type AskedToday } from '../asked-now';
import type { LaneView } from '../lane-view';
import { stepsAhead, workingLoad, type LiftView } from '../lift-view';
import type { Append } from './append';
import { rampToday, stepsUpTo } from './ramp-actions';
import { adjust, adjustLoad, BY_TRAINER } from './set-actions';

/** Lifts that others would have warmed, or now warm, are planned anew where that changes and nothing of them is done. */
async function rewarm(
  append: Append,
  lane: LaneView,
  lifts: Parameters<typeof warmLifts>[0]['lifts'],
  why: Why,
) {
  const after = { ...lane, warm: warmLifts({ lifts }) };
  for (const view of lane.lifts) {
    const { state, lift } = view;
    const stays = lifts.some(({ plan }) => plan.liftId === lift.id);
    const untouched = countedSets(state).length === 0 && !state.skipped && !state.plan.climb;
    if (!stays || !untouched || lane.warm.has(lift.id) === after.warm.has(lift.id)) continue;
    const setting = rampToday(after, view, null);
    const steps = await stepsUpTo(lane, view, setting);
    adjust(append, view, steps, setting.reasons ?? [why]);
  }
}

/** The steps still to do with what is asked of the working sets; the ramp is planned anew where their load is another. */
export async function stepsAsked(
  lane: LaneView,
  view: LiftView,
  asked: AskedToday,
): Promise<Step[]> {
  const { sets, reps, targetRir, loadG, restS, dropG } = asked;
  const state = { ...view.state, plan: { ...view.state.plan, sets, reps, targetRir } };
  const ahead =
    loadG === workingLoad(view) || view.next.kind !== 'step' || view.next.set.kind === 'working'
      ? stepsAhead(view)
      : await stepsUpTo(lane, view, rampToday(lane, view, null), { state, loadG });
  const left = Math.max(0, sets - countedSets(state, 'working').length);
  const plates = ahead.find((step) => step.kind === 'working' && step.loadG === loadG)?.plates;
  const working: Step = {
    kind: 'working',
    loadG,
    reps,
    purpose: '',
    restS,
    ...(plates && { plates }),
  };
  return [
    ...ahead.filter(({ kind }) => kind === 'warm-up'),
    ...Array.from({ length: left }, () => working),
    ...(dropG === null ? [] : [{ kind: 'drop' as const, loadG: dropG, reps, purpose: '', restS }]),
  ];
}

/** Lifts: added, swapped, moved, asked for otherwise, left out, cued, stopped. */
export const liftActions = (append: Append) => ({
  addLift: (lift: PlannedLift) => append('lift.added', { lift }),

  /** Another lift in the place of one, today. */
  async swapLift(lane: LaneView, liftId: string, by: PlannedLift) {
    append('lift.swapped', { liftId, by });
    const lifts = lane.session.lifts.map((lift) =>
      lift.plan.liftId === liftId ? { ...lift, plan: by } : lift,
    );
    await rewarm(append, lane, lifts, { code: 'lift-swapped' });
  },

  /** Moves a lift one place earlier or later. */
  async moveLift(lane: LaneView, liftId: string, by: -1 | 1) {
    const lifts = [...lane.session.lifts];
    const place = lifts.findIndex(({ plan }) => plan.liftId === liftId);
    const [moved] = lifts.splice(place, 1);
    if (!moved) return;
    lifts.splice(place + by, 0, moved);
    append('lifts.ordered', { liftIds: lifts.map(({ plan }) => plan.liftId) });
    await rewarm(append, lane, lifts, { code: 'lifts-reordered' });
  },

  /** Two lifts done in turn, or one after the other again. */
  pairLifts: (one: string, other: string, paired: boolean) =>
    append('lifts.paired', { liftIds: [one, other], paired }),

  /** Other sets, reps, reserve, load or rest than planned, today. */
  async askToday(lane: LaneView, view: LiftView, asked: AskedToday) {
    const { sets, reps, targetRir } = asked;
    const { plan } = view.state;
    const steps = await stepsAsked(lane, view, asked);
    if (sets !== plan.sets || reps !== plan.reps || targetRir !== plan.targetRir)
      append('lift.changed', { liftId: view.lift.id, sets, reps, targetRir });
    adjust(append, view, steps, [BY_TRAINER], { byTrainer: true });
  },

  /** How a joint was on the day after a lift on its way back; worse takes today's load a step back. */
  async tellDayAfter(lane: LaneView, view: LiftView, how: DayAfter) {
    const { liftId, wayBack, reps, targetRir } = view.state.plan;
    append('day-after.told', { liftId, how });
    if (how !== 'worse' || !wayBack) return;
    const share = shareOfStep(Math.max(0, wayBack.step - 1));
    const believed = lane.strength.loadFor(view.lift, reps, targetRir).mean;
    const lower = atOrBelow(view.loads, Math.min(believed * share, workingLoad(view)));
    if (!lower) return;
    const steps = await stepsAsked(lane, view, { ...askedNow(view), loadG: lower.loadG });
    adjust(append, view, steps, [
      { code: 'worse-day-after', place: wayBack.place, back: wayBack.step > 0 },
    ]);
  },

  /** Leaves lifts out or takes them up. */
  async skipLifts(lane: LaneView, liftIds: readonly string[], skipped: boolean) {
    for (const liftId of liftIds) append('lift.skipped', { liftId, skipped, reason: null });
    const lifts = lane.session.lifts.map((lift) =>
      liftIds.includes(lift.plan.liftId) ? { ...lift, skipped } : lift,
    );
    await rewarm(append, lane, lifts, { code: 'lift-left-out' });
  },

  giveCue: (liftId: string, cueId: string) => append('cue.given', { liftId, cueId }),

  chooseStyle: (liftId: string, styleId: string, cueId: string) =>
    append('style.chosen', { liftId, styleId, cueId }),

  /** What the focus cue did; where it did not help, the next one to try takes its place. */
  judgeCue(liftId: string, { cue, fault }: CueToJudge, outcome: CueOutcome, next: string | null) {
    append('cue.judged', { liftId, cueId: cue.id, faultId: fault.id, outcome });
    if (next !== null && next !== cue.id) append('cue.given', { liftId, cueId: next });
  },

  /** A remedy that is no cue: kept with the lift; less load takes the next set down at once. */
  async takeRemedy(
    lane: LaneView,
    view: LiftView,
    remedy: { faultId: string; kind: RemedyKind; text: string },
  ) {
    append('remedy.taken', { liftId: view.lift.id, ...remedy });
    if (remedy.kind !== 'less load' || view.next.kind !== 'step') return;
    const lighter = stepDown(view.loads, view.next.set.loadG);
    const why: Why = { code: 'less-against-fault' };
    if (lighter) await adjustLoad(append, lane, view, lighter.loadG, why);
  },

  /** Pain in a lift. Chest, head, dizziness and numbness raise a red flag at once, which the client keeps. */
  reportPain({ client }: LaneView, lift: Lift, pain: Pain) {
    const id = append('pain.reported', { liftId: lift.id, ...pain });
    const place = redPlaceOf(pain);
    if (!place || !client) return;
    const day = studioDay(nowMs());
    append.change(flagChange(client.id, redFlagOf(id, place, pain, { liftName: lift.name, day })));
  },
});
