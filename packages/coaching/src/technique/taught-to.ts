import {
  breathingOut,
  cueBreathingOut,
  cueOf,
  withoutTouch,
  type TaughtCue,
  type TaughtStyle,
} from '@spalo/catalog';
import { exhales, mayBeTouched, type Person } from '@spalo/core/person';
import type { LiftPlan } from '@spalo/core/session';

/** What of a client bears on how they are taught. */
export type Learner = Pick<Person, 'cautions' | 'touchConsentAt' | 'birthDate'>;

/** A style as a client is taught it: no held breath for who must not, no touch for who has not agreed to it. */
export function taughtTo(
  style: TaughtStyle,
  client: Learner | undefined,
  now: string,
): TaughtStyle {
  const said = client && exhales(client) ? breathingOut(style) : style;
  return client && mayBeTouched(client, now) ? said : withoutTouch(said);
}

/** The cue that a plan names, as it is said to a client; undefined where it is none, or by touch without consent. */
export function cueTo(
  client: Learner | undefined,
  { liftId, styleId, focusCueId }: Pick<LiftPlan, 'liftId' | 'styleId' | 'focusCueId'>,
  now: string,
): TaughtCue | undefined {
  const cue = cueOf(liftId, styleId, focusCueId);
  if (cue?.kind === 'touch' && !(client && mayBeTouched(client, now))) return undefined;
  return cue && client && exhales(client) ? cueBreathingOut(cue) : cue;
}
