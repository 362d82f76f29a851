import { ScrollView } from 'react-native';
import { useSpace } from '../../../design/use-space';
import { GeneralPart } from '../general/GeneralPart';
import { useLane } from '../scene/lane-scene';
import { ComingLifts } from './ComingLifts';
import { LaneHeader } from './LaneHeader';
import { LiftBody } from './LiftBody';

/** What a lane shows: the general part first, then the lift in hand. */
export function LaneBody() {
  const { lane, wide, moment } = useLane();
  const { ample } = useSpace();
  const general = lane.general.active;
  const close = !wide && !ample;
  return (
    <ScrollView
      // Each moment begins at its top.
      key={general ? 'general' : moment}
      className="flex-1"
      contentContainerClassName={`px-4 ${close ? 'gap-1 pb-1 pt-1' : 'gap-1.5 pb-3 pt-2'}`}
    >
      {general ? (
        <>
          <LaneHeader />
          <GeneralPart />
        </>
      ) : (
        <LiftBody />
      )}
      {wide && <ComingLifts />}
    </ScrollView>
  );
}
