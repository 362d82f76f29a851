import type { RampToday } from '@spalo/core/floor';
import type { Lift } from '@spalo/core/lift';
import { memoryOf } from '@spalo/core/memory';
import type { LiftState } from '@spalo/core/session';
import { rampFor, type RampChoice } from '@spalo/core/warm-up';
import type { CoachedClient } from '../client/client';

/** Most warm-up sets where nobody is known who could ask for fewer. */
const MOST_SETS = 12;

/**
 * The ramp that a lift has now, as the steps of its rest are planned with: what is chosen here, else chosen today,
 * else the client's habit, else the rule.
 */
export function rampTodayFor(
  { plan, rampChoice }: LiftState,
  lift: Lift,
  client: CoachedClient | undefined,
  warm: boolean,
  choice: RampChoice | null,
): RampToday {
  const chosen = choice ?? rampChoice;
  if (!client) {
    return {
      kind: chosen?.kind ?? plan.ramp,
      primer: plan.primer ?? 'working',
      extra: 0,
      most: MOST_SETS,
    };
  }
  const { habit } = memoryOf(client.history, lift.id);
  return rampFor(client, lift, plan.reps, warm, chosen ? { ...habit, ...chosen } : habit);
}
