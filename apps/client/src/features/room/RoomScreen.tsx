import { isAsBegun } from '@spalo/catalog/rooms';
import type { Unit } from '@spalo/core/unit';
import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Button } from '../../design/Button';
import { EmptyState, ErrorState, LoadingState } from '../../design/States';
import { useWide } from '../../design/use-wide';
import { Body, Quiet, Title } from '../../design/Words';
import { useRooms } from '../../state/queries';
import { attempt } from '../../state/problems';
import { putRoom } from './change-room';
import { Equipment } from './Equipment';
import { FurnitureSection } from './FurnitureSection';
import { Loader } from './Loader';
import { RoomFiles } from './RoomFiles';
import { RoomListSheet } from './RoomListSheet';
import { RoomsSheet } from './RoomsSheet';
import { useRoomChoice, useRoomUi } from '../../parts/room/use-room';

/** What can really be loaded here: the loader, and the equipment that everything is built from. */
export function RoomScreen({ unit, list }: { unit: Unit; list: boolean }) {
  const wide = useWide();
  const { data: rooms, isError, refetch } = useRooms();
  const room = useRoomChoice(rooms);
  const choose = useRoomUi((state) => state.choose);
  const [sheet, setSheet] = useState<'rooms' | 'files' | 'list' | null>(list ? 'list' : null);
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
  if (!room) {
    return (
      <View className="p-4">
        <EmptyState icon="room" title="No room yet">
          A studio starts with a modest room; this one has none.
        </EmptyState>
      </View>
    );
  }
  const [bar, ...otherBars] = room.bars.filter(({ kind }) => kind !== 'handle');
  const loader = bar ? (
    <Loader key={room.id} room={room} bars={[bar, ...otherBars]} unit={unit} />
  ) : (
    <Quiet>This room has no bar to load. Bells and stacks are listed as they are.</Quiet>
  );
  return (
    <ScrollView className="flex-1" contentContainerClassName="gap-6 p-4">
      <View className="gap-2">
        <View className="flex-row flex-wrap items-center justify-between gap-2">
          <Title>{room.name}</Title>
          <View className="flex-row gap-2">
            <Button
              label={rooms.length > 1 ? `${rooms.length} rooms` : 'Rooms'}
              icon="room"
              onPress={() => setSheet('rooms')}
            />
            <Button label="File" says="Export or import" onPress={() => setSheet('files')} />
          </View>
        </View>
        {isAsBegun(room) && (
          <View className="flex-row flex-wrap items-center gap-x-3 gap-y-2 rounded-2xl bg-coming p-3">
            <Body className="min-w-[12rem] flex-1">
              This is what Spalo began with, not yet what stands here.
            </Body>
            <Button label="Type or paste a list" onPress={() => setSheet('list')} />
          </View>
        )}
      </View>
      <View className={wide ? 'flex-row gap-8' : 'gap-6'}>
        <View className={wide ? 'max-w-[34rem] flex-1 gap-8' : 'gap-6'}>
          {loader}
          <FurnitureSection room={room} onChange={(next) => attempt(() => putRoom(next, room))} />
        </View>
        <View className={wide ? 'max-w-[44rem] flex-1' : ''}>
          <Equipment room={room} />
        </View>
      </View>
      {sheet === 'rooms' && (
        <RoomsSheet
          key={room.id}
          rooms={rooms}
          room={room}
          onChosen={choose}
          onList={() => setSheet('list')}
          onClose={() => setSheet(null)}
        />
      )}
      {sheet === 'list' && (
        <RoomListSheet room={room} unit={unit} onChosen={choose} onClose={() => setSheet(null)} />
      )}
      {sheet === 'files' && (
        <RoomFiles room={room} onChosen={choose} onClose={() => setSheet(null)} />
      )}
    </ScrollView>
  );
}
