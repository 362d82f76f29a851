import type { Account } from '@spalo/contract';
import { doubtOf } from '@spalo/core';
import { useRouter } from 'expo-router';
import { memo, useMemo } from 'react';
import { View } from 'react-native';
import { useSpace } from '../../../design/use-space';
import { useKeepFocus } from '../../../design/use-keep-focus';
import { floorActions } from '../../../parts/lane/actions/floor-actions';
import { useFloorUi } from '../../../parts/lane/floor-ui';
import type { LaneView } from '../../../parts/lane/lane-view';
import { useRestRuns } from '../set/use-rest-runs';
import { laneSheets } from '../sheets/lane-sheets';
import { LaneBody } from './LaneBody';
import { LaneContext, type LaneScene } from '../scene/lane-scene';
import { LaneFoot } from './LaneFoot';
import { useLaneSheets } from '../scene/use-lane-sheets';
import { useMoment } from '../scene/use-moment';

/** One client on the floor: the lift in hand, from header to the button that logs. */
export const Lane = memo(function Lane({
  lane,
  account,
  wide,
}: {
  lane: LaneView;
  account: Account;
  wide: boolean;
}) {
  const router = useRouter();
  const { session, strength } = lane;
  const trainerId = account.trainer.id;
  const actions = useMemo(() => floorActions(session, trainerId), [session, trainerId]);
  const openLift = useFloorUi((state) => state.openLift);
  const { shown, sheets, ask } = useLaneSheets(session.id);
  const { tall } = useSpace();
  const resting = useRestRuns(lane.rest);
  const rested = lane.rest !== null && lane.rest.liftId === lane.current?.lift.id;
  const { moment, turn } = useMoment(lane.current, { whole: wide && tall, resting, rested });
  const scene: LaneScene = {
    lane,
    account,
    wide,
    actions,
    sheets,
    resting,
    moment,
    turn,
    keepUnlessDoubtful(asked, result, keep) {
      const doubt = doubtOf(result, asked, strength);
      if (doubt) ask({ doubt, asked, result, keep });
      else keep();
    },
    wrapUp() {
      sheets.close();
      router.push({ pathname: '/wrap-up/[session]', params: { session: session.id } });
    },
    openLift: (liftId) => openLift(session.id, liftId),
  };
  const place = useKeepFocus();
  // A link may ask for a sheet about a lift where none is in hand any more.
  const Sheet = shown && (lane.current || shown === 'more') ? laneSheets[shown] : null;
  return (
    <LaneContext value={scene}>
      <View ref={place} className="min-h-0 flex-1">
        <LaneBody />
        <LaneFoot />
        {Sheet && <Sheet />}
      </View>
    </LaneContext>
  );
});
