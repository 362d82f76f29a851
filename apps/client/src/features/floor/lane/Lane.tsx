import type { Account } from '@spalo/contract';
import { doubtOf } from '@spalo/core/floor';
import { useRouter } from 'expo-router';
import { lazy, memo, Suspense, useEffect, useMemo } from 'react';
import { View } from 'react-native';
import { useSpace } from '../../../design/use-space';
import { useKeepFocus } from '../../../design/use-keep-focus';
import { floorActions } from '../../../parts/lane/actions/floor-actions';
import { useLearned } from '../../../state/queries';
import { useFloorUi } from '../../../parts/lane/floor-ui';
import type { LaneView } from '../../../parts/lane/lane-view';
import { useRestRuns } from '../set/use-rest-runs';
import { LaneBody } from './LaneBody';
import { LaneContext, type LaneScene } from '../scene/lane-scene';
import { LaneFoot } from './LaneFoot';
import { useLaneSheets } from '../scene/use-lane-sheets';
import { useEye } from '../scene/use-eye';
import { useMoment } from '../scene/use-moment';

/** What lies over a lane is a chunk of its own, fetched while nobody waits for it. */
const loadSheets = () => import('../sheets/lane-sheets');
const LaneSheets = lazy(async () => ({ default: (await loadSheets()).LaneSheets }));

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
  const { heaviest } = useLearned();
  const trainerId = account.trainer.id;
  const { id, unit } = session;
  const actions = useMemo(() => floorActions({ id, unit }, trainerId), [id, unit, trainerId]);
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
      const doubt = doubtOf(result, asked, strength, heaviest?.[asked.liftId] ?? null);
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
  const sheet = lane.current || shown === 'more' || shown === 'cut' ? shown : null;
  useEffect(() => void loadSheets(), []);
  useEye(lane, moment);
  return (
    <LaneContext value={scene}>
      <View ref={place} className="min-h-0 flex-1">
        <LaneBody />
        <LaneFoot />
        <Suspense>{sheet && <LaneSheets shown={sheet} />}</Suspense>
      </View>
    </LaneContext>
  );
});
