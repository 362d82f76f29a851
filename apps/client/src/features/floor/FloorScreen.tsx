import type { Account } from '@spalo/contract';
import { restLeft } from '@spalo/core/floor';
import { useRouter } from 'expo-router';
import { memo, useEffect, useMemo } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Button } from '../../design/Button';
import { Guard } from '../../design/Guard';
import { LaneStrip } from '../../design/LaneStrip';
import { EmptyState, LoadingState } from '../../design/States';
import { useAwake } from '../../design/use-awake';
import { useNow } from '../../design/use-now';
import { useSwipe } from '../../design/use-swipe';
import { useWide } from '../../design/use-wide';
import { watchPlan } from '../../parts/lane/attention';
import { useFloorUi, useLooking } from '../../parts/lane/floor-ui';
import { Lane } from './lane/Lane';
import { laneDoing, type LaneView } from '../../parts/lane/lane-view';
import { noteRests } from '../../parts/lane/rests';
import { stretchOf } from '../../parts/lane/stretch-of';
import { useLinkedSheet } from '../../parts/lane/sheet-link';
import { Lanes } from './scene/lanes';
import { laneElementId, useFloorKeys } from './scene/use-floor-keys';
import { useLanes } from '../../parts/lane/use-lanes';

const isResting = ({ rest, finished }: LaneView, now: number): boolean =>
  rest !== null && !finished && restLeft(rest, now) > 0;

function chipOf(lane: LaneView, resting: boolean, watchId: string | undefined) {
  return {
    id: lane.session.id,
    name: lane.name,
    doing: laneDoing(lane),
    ready: !resting,
    watch: lane.session.id === watchId,
    rest: resting && lane.rest ? stretchOf(lane.rest) : null,
    overMs: !resting && lane.rest && !lane.finished ? stretchOf(lane.rest).endsMs : null,
  };
}

/** The strip looks at the clock every second, but is drawn anew only where somebody is ready or to be watched. */
function TickingStrip({
  lanes,
  chosen,
  onChoose,
}: {
  lanes: readonly LaneView[];
  chosen: string;
  onChoose: (id: string) => void;
}) {
  const now = useNow(true);
  const looking = useLooking();
  // Whoever is being watched is not the next to be.
  const next = watchPlan(lanes, now, looking).find(
    ({ id, watched }) => watched && id !== looking.eye?.sessionId,
  )?.id;
  const resting = lanes.filter((lane) => isResting(lane, now)).map(({ session }) => session.id);
  const key = resting.join();
  const chips = useMemo(
    () => lanes.map((lane) => chipOf(lane, key.includes(lane.session.id), next)),
    [lanes, key, next],
  );
  return <SteadyStrip lanes={chips} chosen={chosen} onChoose={onChoose} />;
}

const SteadyStrip = memo(LaneStrip);

const RAIL = 96;
const LEAST_LANE = 376;
const MOST_LANE = 720;

/** Lanes share the width beside the rail; below the least they scroll sideways. */
const laneWidth = (window: number, count: number) =>
  Math.max(LEAST_LANE, Math.min(MOST_LANE, (window - RAIL) / count));

/** Nobody trains now: where to begin. */
function EmptyFloor() {
  const router = useRouter();
  return (
    <View className="w-full max-w-[40rem] px-4">
      <EmptyState
        icon="floor"
        title="Nobody on the floor"
        action={
          <View className="gap-2">
            <Button kind="main" label="See who comes today" onPress={() => router.push('/day')} />
            <Button label="Warm-up bench" icon="floor" onPress={() => router.push('/bench')} />
          </View>
        }
      >
        Start a client from the day, or any client from their page. Up to four can train at once.
      </EmptyState>
    </View>
  );
}

/** Lanes side by side. */
function WideFloor({
  lanes,
  account,
  chosen,
}: {
  lanes: readonly LaneView[];
  account: Account;
  /** The lane that keys are for. */
  chosen: string;
}) {
  const { width } = useWindowDimensions();
  return (
    <ScrollView horizontal className="flex-1" contentContainerClassName="min-w-full">
      {lanes.map((lane, index) => (
        <View
          key={lane.session.id}
          role="region"
          nativeID={laneElementId(lane.session.id)}
          aria-label={`Lane of ${lane.name}`}
          className={`border-t-4 ${index > 0 ? 'border-l-2 border-l-line' : ''} ${
            lanes.length > 1 && lane.session.id === chosen ? 'border-t-ink' : 'border-t-transparent'
          }`}
          style={{ width: laneWidth(width, lanes.length) }}
        >
          <Guard what={`The lane of ${lane.name}`}>
            <Lane lane={lane} account={account} wide />
          </Guard>
        </View>
      ))}
    </ScrollView>
  );
}

/** Everyone who trains now: one lane in full and a strip on a phone, lanes side by side when wide. */
export function FloorScreen({ account }: { account: Account }) {
  const wide = useWide();
  const lanes = useLanes();
  const { chosen, choose } = useFloorUi();
  const linked = useLinkedSheet(({ linked: asked }) => asked?.lane ?? null);
  useEffect(() => {
    if (linked !== null) choose(linked);
  }, [linked, choose]);
  const ids = useMemo(() => lanes?.map(({ session }) => session.id) ?? [], [lanes]);
  const lane = lanes?.find((each) => each.session.id === chosen) ?? lanes?.[0];
  useFloorKeys(ids, lane?.session.id, choose);
  useAwake(ids.length > 0);
  useEffect(() => noteRests(lanes ?? [], account.trainer.id), [lanes, account]);
  const field = useSwipe((by) => {
    const next = lane && ids[ids.indexOf(lane.session.id) + by];
    if (next !== undefined) choose(next);
  });
  if (!lanes) return <LoadingState what="the floor" />;
  if (!lane) return <EmptyFloor />;
  return (
    <Lanes value={lanes}>
      {wide ? (
        <WideFloor lanes={lanes} account={account} chosen={lane.session.id} />
      ) : (
        <View ref={field} nativeID={laneElementId(lane.session.id)} className="min-h-0 flex-1">
          <View className="px-4 pt-2">
            <TickingStrip lanes={lanes} chosen={lane.session.id} onChoose={choose} />
          </View>
          <Guard key={lane.session.id} what={`The lane of ${lane.name}`}>
            <Lane lane={lane} account={account} wide={false} />
          </Guard>
        </View>
      )}
    </Lanes>
  );
}
