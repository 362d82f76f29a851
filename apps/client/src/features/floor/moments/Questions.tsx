import { cueToJudge } from '@spalo/coaching';
import { asksRampMove, asksVerdict } from '@spalo/core/floor';
import { lastSet } from '@spalo/core/session';
import type { LaneView } from '../../../parts/lane/lane-view';
import type { LiftView } from '../../../parts/lane/lift-view';
import { useLane, useLiftInHand } from '../scene/lane-scene';
import { askedTogether, asksDayAfter, DayAfterQuestion } from './DayAfterQuestion';
import { HowItMoved } from './HowItMoved';
import { JudgeCue } from './JudgeCue';
import { Verdict } from './Verdict';

/** The lift of the set that was done last in a lane, whose cue is still to be judged; null where none is. */
function toJudge(lane: LaneView): LiftView | null {
  const last = lastSet(lane.session);
  const view = lane.lifts.find(({ state }) => state.sets.some(({ id }) => id === last?.id));
  return view && cueToJudge(view.state, view.style, lane.client) ? view : null;
}

/** What is asked between sets and can wait: one question at a time, each in a line or two. */
export function Questions() {
  const { lane } = useLane();
  const view = useLiftInHand();
  if (asksDayAfter(view) && view.state.dayAfter === undefined)
    return (
      <DayAfterQuestion views={askedTogether(lane.lifts).find((all) => all.includes(view)) ?? []} />
    );
  const judging = view.next.kind === 'step' ? toJudge(lane) : null;
  if (judging) return <JudgeCue view={judging} />;
  if (asksRampMove(view.state)) return <HowItMoved />;
  return asksVerdict(view.state) ? <Verdict key={view.lift.id} /> : null;
}
