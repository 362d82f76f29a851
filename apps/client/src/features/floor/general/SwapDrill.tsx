import { amid } from '@spalo/core/unit';
import type { GeneralStepState } from '@spalo/core/session';
import type { Drill } from '@spalo/core/warm-up';
import { Card } from '../../../design/Card';
import { Sheet } from '../../../design/Sheet';
import { Body, Quiet, Strong } from '../../../design/Words';
import { attempt } from '../../../state/problems';
import { useLane } from '../scene/lane-scene';

/** Drills that could stand in for the one in hand; a tap takes one, for this client also next time. */
export function SwapDrill({
  step,
  drill,
  others,
  onClose,
}: {
  step: GeneralStepState;
  drill: Drill;
  others: readonly Drill[];
  onClose: () => void;
}) {
  const { actions } = useLane();
  return (
    <Sheet title={`Instead of ${amid(drill.name)}`} open onClose={onClose}>
      {others.map((each) => (
        <Card
          key={each.id}
          label={`Do ${each.name}`}
          className="gap-1"
          onPress={() => {
            attempt(() => actions.swapDrill(step, each));
            onClose();
          }}
        >
          <Strong>{each.name}</Strong>
          <Body>{each.how}</Body>
          <Quiet>{each.forWhat}</Quiet>
        </Card>
      ))}
    </Sheet>
  );
}
