import type { SessionDuration } from '@spalo/core/time';
import { countText } from '@spalo/core/unit';
import { minutesText } from './ramp-words';

/** A pace that differs by less is not worth a word, seconds. */
const HARDLY_S = 90;

/** Where a session's minutes come from, where they are not the rule's; `sessions` are those of the client that it is learnt from. */
export function paceText({ totalS, ruleS }: SessionDuration, sessions: number): string | null {
  if (Math.abs(totalS - ruleS) < HARDLY_S) return null;
  const pace =
    sessions > 0 ? `At the pace of their last ${countText(sessions, 'session')}` : 'At your pace';
  return `${pace}; ${minutesText(ruleS)} by the rule.`;
}
