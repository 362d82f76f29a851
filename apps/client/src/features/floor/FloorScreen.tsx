import type { Account } from '@spalo/contract';
import { restLeft } from '@spalo/core';
import { useRouter } from 'expo-router';
import { useEffect } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Button } from '../../design/Button';
import { Guard } from '../../design/Guard';
import { LaneStrip } from '../../design/LaneStrip';
import { EmptyState, LoadingState } from '../../design/States';
import { useNow } from '../../design/use-now';
import { useWide } from '../../design/use-wide';
import { watchPlan } from '../../parts/lane/attention';
import { useFloorUi } from '../../parts/lane/floor-ui';
import { Lane } from './lane/Lane';
import { laneDoing, type LaneView } from '../../parts/lane/lane-view';
import { useLinkedSheet } from '../../parts/lane/sheet-link';
import { Lanes } from './scene/lanes';
import { useLanes } from '../../parts/lane/use-lanes';
import { clock } from '../../parts/words/load-words';

function chipOf(lane: LaneView, now: number, watchId: string | undefined) {
  const left = lane.rest ? restLeft(lane.rest, now) : 0;
  const resting = lane.rest !== null && left > 0 && !lane.finished ? lane.rest : null;
  return {
    id: lane.session.id,
    name: lane.name,
    doing: resting ? 'rest' : laneDoing(lane),
    ready: !resting,
    watch: lane.session.id === watchId,
    rest: resting && { share: left / resting.seconds, clock: clock(left) },
  };
}

/** The strip alone redraws every second; the lane below it does not. */
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
  const next = watchPlan(lanes, now).find(({ watched }) => watched)?.id;
  const chips = lanes.map((lane) => chipOf(lane, now, next));
  return <LaneStrip lanes={chips} chosen={chosen} onChoose={onChoose} />;
}

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
function WideFloor({ lanes, account }: { lanes: readonly LaneView[]; account: Account }) {
  const { width } = useWindowDimensions();
  return (
    <ScrollView horizontal className="flex-1" contentContainerClassName="min-w-full">
      {lanes.map((lane, index) => (
        <View
          key={lane.session.id}
          role="region"
          aria-label={`Lane of ${lane.name}`}
          className={index > 0 ? 'border-l-2 border-line' : ''}
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
  if (!lanes) return <LoadingState what="the floor" />;
  const lane = lanes.find((each) => each.session.id === chosen) ?? lanes[0];
  if (!lane) return <EmptyFloor />;
  return (
    <Lanes value={lanes}>
      {wide ? (
        <WideFloor lanes={lanes} account={account} />
      ) : (
        <View className="min-h-0 flex-1">
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
