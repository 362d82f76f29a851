import { Button } from '../../../design/Button';
import { Card } from '../../../design/Card';
import { Body } from '../../../design/Words';
import type { LaneView } from '../../../parts/lane/lane-view';
import { useLane } from '../scene/lane-scene';

/** Why nothing is planned, and what to do about it. */
function whyNone({ client, name }: LaneView): string {
  return client && !client.screened
    ? `Of ${name} the health questions are not answered: ask them on their page, then add lifts. What only the body loads can be added now.`
    : `Nothing that ${name} may do was planned. Add a lift, or wrap up.`;
}

/** Nothing is left of the lift, or of the whole session. */
export function LiftDone() {
  const { lane, openLift } = useLane();
  return (
    <Card className="gap-3">
      <Body>
        {lane.lifts.length === 0
          ? whyNone(lane)
          : lane.finished
            ? `${lane.name} has done everything planned. Look at what changes next time.`
            : `${lane.current?.lift.name ?? 'This lift'} is done. Tap a step to correct it.`}
      </Body>
      {lane.finished ? null : <Button label="Next lift" onPress={() => openLift(null)} />}
    </Card>
  );
}
