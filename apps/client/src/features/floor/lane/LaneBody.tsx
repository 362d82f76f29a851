import { ScrollView } from 'react-native';
import { LaneHeader } from './LaneHeader';
import { ComingLifts } from './ComingLifts';
import { useLane } from '../scene/lane-scene';
import { LiftBody } from './LiftBody';
import { GeneralPart } from '../general/GeneralPart';

/** What a lane shows: the general part first, then the lift in hand. */
export function LaneBody() {
  const { lane, wide } = useLane();
  const general = lane.general.active;
  return (
    <ScrollView
      key={general ? 'general' : 'lift'}
      className="flex-1"
      contentContainerClassName="gap-1.5 px-4 pb-3 pt-2"
    >
      <LaneHeader />
      {general ? <GeneralPart /> : <LiftBody />}
      {wide && <ComingLifts />}
    </ScrollView>
  );
}
