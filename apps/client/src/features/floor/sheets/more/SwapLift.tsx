import { amid } from '@spalo/core/unit';
import { substitutesFor } from '@spalo/coaching';
import type { PlannedLift } from '@spalo/core/session';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '../../../../design/Button';
import { Sheet } from '../../../../design/Sheet';
import { capital } from '../../../../design/sentence';
import { Body, Quiet, Strong } from '../../../../design/Words';
import type { LiftView } from '../../../../parts/lane/lift-view';
import { attempt } from '../../../../state/problems';
import { useLane } from '../../scene/lane-scene';
import { ChooseLift } from './ChooseLift';
import { planThen } from './plan-then';

/** Lifts for the place of one, the likest first; any other from the whole catalogue. */
export function SwapLift({
  view,
  onDone,
}: {
  view: LiftView;
  onDone: (nothing: string | null) => void;
}) {
  const { lane, actions, openLift } = useLane();
  const [all, setAll] = useState(false);
  const { client, room, session, lifts } = lane;
  const taken = lifts.map(({ lift }) => lift.id);
  const found = client
    ? substitutesFor(view.lift, { person: client, room, taken, now: session.startedAt })
    : [];
  const take = async (by: PlannedLift) => {
    await actions.swapLift(lane, view.lift.id, by);
    if (lane.current === view) openLift(by.liftId);
  };
  if (all) {
    return (
      <ChooseLift title={`Instead of the ${amid(view.lift.name)}`} take={take} onDone={onDone} />
    );
  }
  return (
    <Sheet title={`Instead of the ${amid(view.lift.name)}`} open onClose={() => onDone(null)}>
      <Body>Today only. Sets of it that are done stay in the log.</Body>
      <View className="gap-2">
        {found.map(({ lift, why }) => (
          <Pressable
            key={lift.id}
            role="button"
            aria-label={`Do ${lift.name}: ${why}`}
            onPress={() => attempt(() => planThen(lane, lift, { take, onDone }))}
            className="min-h-tap justify-center rounded-2xl bg-card px-4 py-1 active:opacity-80"
          >
            <Strong>{lift.name}</Strong>
            <Quiet>{`${capital(why)}.`}</Quiet>
          </Pressable>
        ))}
      </View>
      {found.length === 0 && <Body>Nothing like it can be loaded here.</Body>}
      <Button label="Another lift" onPress={() => setAll(true)} />
    </Sheet>
  );
}
