import { findLift, styleOf } from '@spalo/catalog';
import { cueTo, type Learner } from '@spalo/coaching';
import type { LiftPlan } from '@spalo/core/session';
import { nowIso } from '@spalo/core/unit';
import type { WarmUpVerdict } from '@spalo/core/warm-up';
import { schemeNamed } from '@spalo/core/words';
import type { WrapUpCard } from './wrap-up-cards';

const rampAfter: Record<WarmUpVerdict, string | null> = {
  ready: null,
  rusty: 'Ramp: a set more next time, since it felt rusty',
  tired: 'Ramp: a set less next time, since it tired them',
};

/** What besides load and reps changes from this time to the next, a line each; empty where nothing does. */
export function whatChanges({ view }: WrapUpCard, taken: LiftPlan, client: Learner): string[] {
  const said = (focusCueId: string | null) =>
    cueTo(client, { ...taken, focusCueId }, nowIso())?.text ?? 'none';
  const { lift, state } = view;
  const { plan, warmUp } = state;
  const lines: (string | null | false | undefined)[] = [
    taken.stepDown !== undefined &&
      `Ladder: ${findLift(taken.stepDown)?.name ?? taken.stepDown} in its place`,
    taken.styleId !== plan.styleId && `Style: ${styleOf(lift.id, taken.styleId).name}`,
    taken.focusCueId !== plan.focusCueId &&
      `Cue: ${said(plan.focusCueId)} → ${said(taken.focusCueId)}`,
    warmUp && rampAfter[warmUp.verdict],
    taken.scheme !== plan.scheme && schemeNamed[taken.scheme ?? 'reserve-led'],
    taken.sets !== plan.sets && `Sets: ${plan.sets} → ${taken.sets}`,
    taken.targetRir !== plan.targetRir &&
      !plan.counted &&
      `In reserve: ${plan.targetRir} → ${taken.targetRir}`,
  ];
  return lines.filter((line): line is string => Boolean(line));
}
