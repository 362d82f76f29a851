import { Sheet } from '../../design/Sheet';
import { Banner } from '../../design/Banner';
import { Body } from '../../design/Words';
import { Checklist } from '../lifts/Checklist';
import { tickKey, useFloorUi } from './floor-ui';
import type { LaneView, LiftView } from './lane-view';

const nothing: string[] = [];

/** The set-up checklist of the lift, ticked with this client in front of you. */
export function ChecklistSheet({
  lane,
  view,
  onClose,
}: {
  lane: LaneView;
  view: LiftView;
  onClose: () => void;
}) {
  const key = tickKey(lane.session.id, view.lift.id);
  const ticked = useFloorUi((state) => state.ticked[key]) ?? nothing;
  const tick = useFloorUi((state) => state.tick);
  return (
    <Sheet title={`${view.lift.name} · ${view.style.name.toLowerCase()}`} open onClose={onClose}>
      <Body>{`${ticked.length} of ${view.style.checkpoints.length} seen with ${lane.name}.`}</Body>
      <Checklist style={view.style} ticked={ticked} onTick={(id) => tick(key, id)} />
      {view.lift.lesson.cautions.map((caution) => (
        <Banner key={caution} title={caution} icon="alert" />
      ))}
    </Sheet>
  );
}
