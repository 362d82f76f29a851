import { findLift } from '@spalo/catalog';
import type { Client } from '@spalo/contract';
import { madeMs } from '@spalo/core/log';
import { openFlags } from '@spalo/core/person';
import type { LoadsDraft } from '@spalo/core/planning';
import type { LoadedLift } from '@spalo/core/session';
import type { Unit } from '@spalo/core/unit';
import { View } from 'react-native';
import { Quiet, Strong } from '../../design/Words';
import { flagName } from '../../parts/client/FlagChips';
import { loadReps } from '../../parts/words/load-words';

/** A lift that asks for something else than it did last time: "Back squat: 57.5 × 11, now 60 × 11". */
function changeOf(plan: LoadedLift, unit: Unit): string | null {
  const last = plan.lastTime.filter(({ kind }) => kind === 'working').at(-1);
  if (!last) return null;
  const before = loadReps(last.loadG, last.reps, unit, plan.counted);
  const now = loadReps(plan.loadG, plan.reps, unit, plan.counted);
  const name = findLift(plan.liftId)?.name ?? plan.liftId;
  return before === now ? null : `${name}: ${before}, now ${now}`;
}

/** What has changed since somebody was here last: flags that were raised, and lifts that ask for something else. */
export function SinceLastTime({
  client,
  draft,
  unit,
}: {
  client: Client;
  draft: LoadsDraft;
  unit: Unit;
}) {
  const { lastSessionAt } = client;
  if (!lastSessionAt) return null;
  const raised = openFlags(client)
    .filter(({ id }) => madeMs(id) > Date.parse(lastSessionAt))
    .map((flag) => `New: ${flagName(flag)}`);
  const lines = [...raised, ...draft.lifts.flatMap((plan) => changeOf(plan, unit) ?? [])];
  if (lines.length === 0) return null;
  return (
    <View className="gap-0.5">
      <Strong>Since last time</Strong>
      {lines.map((line) => (
        <Quiet key={line} className="text-ink">
          {line}
        </Quiet>
      ))}
    </View>
  );
}
