import { Button } from '../../../design/Button';
import { Card } from '../../../design/Card';
import { Body } from '../../../design/Words';
import { useLane } from '../scene/lane-scene';

/** Nothing is left of the lift, or of the whole session. */
export function LiftDone() {
  const { lane, openLift } = useLane();
  return (
    <Card className="gap-3">
      <Body>
        {lane.finished
          ? `${lane.name} has done everything planned. Look at what changes next time.`
          : `${lane.current?.lift.name ?? 'This lift'} is done. Tap a step to correct it.`}
      </Body>
      {lane.finished ? null : <Button label="Next lift" onPress={() => openLift(null)} />}
    </Card>
  );
}
