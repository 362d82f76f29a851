import { amid } from '@spalo/core/unit';
import { partnerOf } from '@spalo/core/session';
import { Button } from '../../../../design/Button';
import { Sheet } from '../../../../design/Sheet';
import { Body } from '../../../../design/Words';
import type { LiftView } from '../../../../parts/lane/lift-view';
import { inTurnWith } from '../../../../parts/words/pair-words';
import { attempt } from '../../../../state/problems';
import { useLane } from '../../scene/lane-scene';

/** Which other lift of the session one is done in turn with: one rests while the other works. */
export function PairLift({ view, onDone }: { view: LiftView; onDone: () => void }) {
  const { lane, actions } = useLane();
  const { lifts } = lane.session;
  const others = lane.lifts.filter((each) => each !== view && !each.state.skipped);
  const take = (liftId: string) =>
    attempt(async () => {
      await actions.pairLifts(view.lift.id, liftId, true);
      onDone();
    });
  return (
    <Sheet title={`Alternate ${amid(view.lift.name)} with`} open onClose={onDone}>
      <Body>One rests while the other works, today and in the sessions that follow.</Body>
      {others.map(({ lift, state }) => (
        <Button
          key={lift.id}
          label={lift.name}
          says={partnerOf(state, lifts) && `${lift.name}, now ${amid(inTurnWith(state, lifts))}`}
          onPress={() => take(lift.id)}
        />
      ))}
      {others.length === 0 && <Body>There is no other lift in this session.</Body>}
    </Sheet>
  );
}
