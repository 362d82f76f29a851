import type { Lift } from '@spalo/core/lift';
import { isClosed, liftLimit, type Limit } from '@spalo/core/person';
import { closedText } from '@spalo/core/words';
import { useState } from 'react';
import { OverrideSheet, type Closed } from '../../../../parts/client/OverrideSheet';
import { LiftPicker } from '../../../../parts/pickers/LiftPicker';
import { attempt } from '../../../../state/problems';
import { useLane } from '../../scene/lane-scene';
import { planThen, type Chosen } from './plan-then';

/** A lift from the whole catalogue, for this session. One that is closed asks for the reason to open it. */
export function ChooseLift({ title, ...chosen }: Chosen & { title: string }) {
  const { lane } = useLane();
  const [closed, setClosed] = useState<Closed | null>(null);
  const { client } = lane;
  const limitOf = (lift: Lift): Limit | null =>
    client ? liftLimit(client, lift, lane.session.startedAt) : null;
  const pick = (lift: Lift) =>
    attempt(async () => {
      const limit = limitOf(lift);
      if (isClosed(limit)) {
        const { why, overridable, from } = limit;
        setClosed({ liftId: lift.id, range: null, why, overridable, ...(from && { from }) });
        return;
      }
      await planThen(lane, lift, chosen);
    });
  if (closed && client) {
    return (
      <OverrideSheet
        client={client}
        closed={closed}
        trainerId={lane.session.trainerId}
        onClose={() => setClosed(null)}
      />
    );
  }
  return (
    <LiftPicker
      title={title}
      taken={lane.lifts.map((view) => view.lift.id)}
      note={(lift) => {
        const limit = limitOf(lift);
        return isClosed(limit) ? closedText(limit.why) : null;
      }}
      onPick={pick}
      onClose={() => chosen.onDone(null)}
    />
  );
}
