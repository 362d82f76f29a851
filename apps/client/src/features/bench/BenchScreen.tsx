import type { Room } from '@spalo/core/room';
import type { Unit } from '@spalo/core/unit';
import { whyText } from '@spalo/core/words';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Banner } from '../../design/Banner';
import { LoadingState } from '../../design/States';
import { useWide } from '../../design/use-wide';
import { Quiet, Strong, Title } from '../../design/Words';
import { useRooms } from '../../state/queries';
import { useRoomChoice } from '../../parts/room/use-room';
import { BenchControls } from './BenchControls';
import { BenchRamps } from './BenchRamps';
import { rampWords } from '../../parts/words/ramp-words';
import { useBench } from './use-bench';

interface Props {
  unit: Unit;
  liftId: string | null;
}

/** Warm-ups without a client: every ramp for a lift, load and reps side by side, with its time and plate handling. */
export function BenchScreen(props: Props) {
  const { data: rooms } = useRooms();
  const room = useRoomChoice(rooms);
  if (!rooms) return <LoadingState what="the rooms" />;
  if (!room) return <Banner kind="wait" title="No room yet: write down a room’s equipment first" />;
  return <BenchInRoom {...props} room={room} rooms={rooms} />;
}

function BenchInRoom({ unit, liftId, room, rooms }: Props & { room: Room; rooms: Room[] }) {
  const wide = useWide();
  const { width } = useWindowDimensions();
  const bench = useBench(room, unit, liftId);
  const { byRule, load, implement } = bench;
  const ramps = (
    <>
      <Strong>{`By rule ${rampWords[byRule.kind].name}. ${whyText(byRule.why, unit)}.`}</Strong>
      {implement && !load.wrong && !load.problem && (
        <BenchRamps
          lift={bench.lift}
          room={room}
          implement={implement}
          workingG={load.grams}
          reps={bench.reps}
          unit={unit}
          primer={bench.primer}
          byRule={byRule.kind}
          columns={width >= 1200 ? 3 : wide ? 2 : 1}
        />
      )}
    </>
  );
  return (
    <View className={wide ? 'min-h-0 flex-1 flex-row' : 'min-h-0 flex-1'}>
      <ScrollView
        className={wide ? 'max-w-[22rem] flex-1 border-r border-line' : 'flex-1'}
        contentContainerClassName="gap-4 p-4"
      >
        <View>
          <Title>Warm-up bench</Title>
          <Quiet>Every ramp for a load, without a client.</Quiet>
        </View>
        <BenchControls bench={bench} rooms={rooms} />
        {!wide && ramps}
      </ScrollView>
      {wide && (
        <ScrollView className="flex-1" contentContainerClassName="gap-3 p-4">
          {ramps}
        </ScrollView>
      )}
    </View>
  );
}
