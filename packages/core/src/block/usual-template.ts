import { isOlder, isUnderAge } from '../person/age';
import type { Person } from '../person/person';
import { isInFirstYear } from '../person/training-age';

/** Why a strategy is proposed for a client. */
export type ForWhom =
  'under 18' | 'from 60' | 'first year' | 'goal of muscle' | 'goal of strength' | 'trained';

/** What a client wants, as far as a goal in their own words tells: the first that it names. */
const AIMS = [
  ['goal of strength', /\b(strong|stronger|strength|heav(y|ier)|max(imum)?|kg|lbs?|pounds)\b/i],
  ['goal of muscle', /\b(muscles?|bigger|size|shape|tone|arms|legs|chest|shoulders|glutes)\b/i],
] as const;

function aimOf(goal: string): 'goal of muscle' | 'goal of strength' | null {
  const named = AIMS.flatMap(([aim, words]) => {
    const at = goal.search(words);
    return at < 0 ? [] : [{ aim, at }];
  });
  return named.sort((a, b) => a.at - b.at)[0]?.aim ?? null;
}

const TEMPLATE: Record<ForWhom, string> = {
  'under 18': 'steady',
  'from 60': 'cycle',
  'first year': 'long-wave',
  'goal of muscle': 'more-sets',
  'goal of strength': 'wave',
  trained: 'wave',
};

/**
 * The template (its id) that a client is proposed, and why: age and training age come first, then what the goal names. `now` is
 * ISO.
 */
export function usualTemplate(
  person: Pick<Person, 'birthDate' | 'trainingMonths'>,
  goal: string,
  now: string,
): { id: string; why: ForWhom } {
  const why: ForWhom = isUnderAge(person, now)
    ? 'under 18'
    : isOlder(person, now)
      ? 'from 60'
      : isInFirstYear(person)
        ? 'first year'
        : (aimOf(goal) ?? 'trained');
  return { id: TEMPLATE[why], why };
}
