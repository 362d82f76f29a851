import type { Lift } from '@spalo/core/lift';
import type { Implement, Room } from '@spalo/core/room';
import type { Unit } from '@spalo/core/unit';
import type { Primer, RampKind } from '@spalo/core/warm-up';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { LoadingState } from '../../design/States';
import type { BenchRamp } from '../../state/worker/tasks/bench';
import { useTask } from '../../state/worker/use-task';
import { loadUnit } from '../../parts/words/load-words';
import { BenchCard } from './BenchCard';
import { BenchSheet } from './BenchSheet';

/** The six ramps as the worker plans them; one opens set by set. */
export function BenchRamps({
  lift,
  room,
  implement,
  workingG,
  reps,
  unit,
  primer,
  byRule,
  columns,
}: {
  lift: Lift;
  room: Room;
  implement: Implement;
  workingG: number;
  reps: number;
  unit: Unit;
  primer: Primer;
  byRule: RampKind;
  columns: number;
}) {
  const [opened, setOpened] = useState<RampKind | null>(null);
  const request = useMemo(
    () => ({ workingG, workingReps: reps, lift, room, implement, unit, primer }),
    [workingG, reps, lift, room, implement, unit, primer],
  );
  const { answer: ramps, again } = useTask('bench', request);
  const shown = ramps?.find((each) => each.kind === opened);
  if (!ramps) return <LoadingState what="the ramps" again={again} />;
  // In one column the ramp by rule comes first; side by side each keeps its place.
  const rank = (each: BenchRamp) => (columns === 1 && each.kind === byRule ? 0 : 1);
  const ordered = ramps.toSorted((a, b) => rank(a) - rank(b));
  return (
    <View role="list" aria-label="Ramps" className="flex-row flex-wrap gap-3">
      {ordered.map((each) => (
        <View
          role="listitem"
          key={each.kind}
          style={{ width: columns === 1 ? '100%' : `${100 / columns - 1.2}%` }}
        >
          <BenchCard
            bench={each}
            working={{ loadG: workingG, reps }}
            unit={unit}
            unitText={loadUnit(lift, unit)}
            byRule={each.kind === byRule}
            onOpen={() => setOpened(each.kind)}
          />
        </View>
      ))}
      {shown && <BenchSheet bench={shown} request={request} onClose={() => setOpened(null)} />}
    </View>
  );
}
