import {
  loadables,
  massNumber,
  massText,
  nearest,
  stepDown,
  stepUp,
  type Barbell,
  type Room,
  type Unit,
} from '@spalo/core';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Card } from '../../design/Card';
import { Choice } from '../../design/Choice';
import { buildText } from '../../design/load-text';
import { LoadPicture } from '../../design/LoadPicture';
import { Section } from '../../design/Section';
import { EmptyState, ErrorState, LoadingState } from '../../design/States';
import { Stepper } from '../../design/Stepper';
import { useWide } from '../../design/use-wide';
import { Body, Figure, Quiet, Strong, Title } from '../../design/Words';
import { useRooms } from '../../state/queries';

function Loader({ room, unit }: { room: Room; unit: Unit }) {
  const [barId, setBarId] = useState(room.bars[0]!.id);
  const [loadG, setLoadG] = useState<number | null>(null);
  const loads = useMemo(() => loadables(room, { kind: 'barbell', barId }), [room, barId]);
  const shown = nearest(loads, loadG ?? 40_000);
  if (!shown) return null;
  const down = stepDown(loads, shown.loadG);
  const up = stepUp(loads, shown.loadG);
  return (
    <Card className="gap-3">
      <Choice
        label="Bar"
        options={room.bars.map((bar) => ({
          value: bar.id,
          label: `${bar.name} ${massText(bar.massG, bar.unit)}`,
        }))}
        value={barId}
        onChange={setBarId}
        wrap
      />
      <Stepper
        label="Load on the bar"
        value={massNumber(shown.loadG, unit)}
        unit={unit}
        less={down && (() => setLoadG(down.loadG))}
        more={up && (() => setLoadG(up.loadG))}
      />
      <LoadPicture build={shown.build} previous={shown.build} />
      <Quiet>{buildText(shown.build, null)}</Quiet>
    </Card>
  );
}

const barLine = (bar: Barbell) => `${massText(bar.massG, bar.unit)}, sleeve ${bar.sleeveMm} mm`;

function Equipment({ room }: { room: Room }) {
  return (
    <View className="gap-6">
      <Section title="Bars">
        {room.bars.map((bar) => (
          <View
            key={bar.id}
            className="flex-row flex-wrap items-baseline justify-between gap-x-3 border-b-2 border-line py-1"
          >
            <Strong>{bar.name}</Strong>
            <Quiet>{barLine(bar)}</Quiet>
          </View>
        ))}
      </Section>
      <Section title="Plates">
        {room.plates.map((plate) => (
          <View
            key={plate.id}
            className="flex-row flex-wrap items-baseline justify-between gap-x-3 border-b-2 border-line py-1"
          >
            <Figure>{massText(plate.massG, plate.unit)}</Figure>
            <Quiet>
              {`${plate.count} of them${plate.count % 2 === 1 ? ', one without its pair' : ''}, ${plate.diameterMm} mm across`}
            </Quiet>
          </View>
        ))}
      </Section>
      <Section title="Dumbbells">
        <View className="flex-row flex-wrap gap-2">
          {room.dumbbells.map((dumbbell) => (
            <View
              key={dumbbell.id}
              className="items-center rounded-2xl border-2 border-line bg-card px-3 py-1"
            >
              <Figure>{massText(dumbbell.massG, dumbbell.unit)}</Figure>
              <Quiet>{dumbbell.count === 1 ? 'single' : 'pair'}</Quiet>
            </View>
          ))}
        </View>
      </Section>
    </View>
  );
}

/** What can really be loaded here: a bar to try loads on, and the equipment it is built from. */
export function RoomScreen({ unit }: { unit: Unit }) {
  const wide = useWide();
  const { data: rooms, isError, refetch } = useRooms();
  if (!rooms) {
    return (
      <View className="p-4">
        {isError ? (
          <ErrorState what="The room could not be fetched" onRetry={() => void refetch()} />
        ) : (
          <LoadingState what="the room" />
        )}
      </View>
    );
  }
  const room = rooms[0];
  if (!room) {
    return (
      <View className="p-4">
        <EmptyState icon="room" title="No room yet">
          A studio starts with a modest room; this one has none.
        </EmptyState>
      </View>
    );
  }
  return (
    <ScrollView className="flex-1" contentContainerClassName="gap-6 p-4">
      <View>
        <Title>{room.name}</Title>
        <Body className="text-slate">Every load that Spalo proposes is built from this.</Body>
      </View>
      <View className={wide ? 'flex-row gap-8' : 'gap-6'}>
        <View className={wide ? 'max-w-[34rem] flex-1' : ''}>
          {room.bars.length > 0 && (
            <Section title="Load a bar">
              <Loader room={room} unit={unit} />
            </Section>
          )}
        </View>
        <View className={wide ? 'max-w-[40rem] flex-1' : ''}>
          <Equipment room={room} />
        </View>
      </View>
    </ScrollView>
  );
}
