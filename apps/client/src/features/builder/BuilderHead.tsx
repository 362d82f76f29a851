import type { Room } from '@spalo/core/room';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Chip } from '../../design/Chip';
import { Sheet } from '../../design/Sheet';
import { Stepper } from '../../design/Stepper';
import { Body, Quiet } from '../../design/Words';
import { ChoiceField } from '../../design/ChoiceField';
import { paceText } from '../../parts/words/pace-words';
import { minutesText } from '../../parts/words/ramp-words';
import type { KnownClient } from '../../state/resources/known-client';
import type { Builder } from './use-builder';
import { WishesSheet } from './WishesSheet';

const LEAST = 15;
const MOST = 180;
const STEP = 5;

/** How the time of a session is used, to scale: general part, ramps, work, and what is left. */
function TimeBar({ builder }: { builder: Builder }) {
  const { built, minutes, isNew } = builder;
  if (!isNew) return <Quiet aria-live="polite">Drafting the rest again…</Quiet>;
  if (!built || !('session' in built)) return null;
  const { generalS, rampsS, workS, totalS } = built.takes;
  const left = Math.max(0, minutes * 60 - totalS);
  const parts = [
    { name: 'general', seconds: generalS, look: 'bg-warm-up' },
    { name: 'ramps', seconds: rampsS, look: 'bg-marigold' },
    { name: 'work', seconds: workS, look: 'bg-moss' },
    { name: 'free', seconds: left, look: 'bg-paper' },
  ].filter(({ seconds }) => seconds >= 30);
  const paced = paceText(built.takes, built.paced);
  const says = parts.map(({ name, seconds }) => `${minutesText(seconds)} ${name}`).join(', ');
  return (
    <View className="gap-1">
      <View
        role="img"
        aria-label={`${minutesText(totalS)} of ${minutes} min: ${says}`}
        className="h-3 flex-row overflow-hidden rounded-full border-2 border-line"
      >
        {parts.map(({ name, seconds, look }) => (
          <View key={name} className={look} style={{ flexGrow: seconds, flexBasis: 0 }} />
        ))}
      </View>
      <Quiet aria-hidden>{says}</Quiet>
      {paced && <Quiet>{paced}</Quiet>}
    </View>
  );
}

/** The minutes and the room that a session is built for. */
function WhereAndWhen({
  builder,
  rooms,
  room,
  onRoom,
  onClose,
}: {
  builder: Builder;
  rooms: readonly Room[];
  room: Room;
  onRoom: (roomId: string) => void;
  onClose: () => void;
}) {
  const { minutes, setMinutes } = builder;
  return (
    <Sheet title="Minutes and room" open onClose={onClose}>
      <Stepper
        label="Minutes"
        value={String(minutes)}
        unit="min"
        less={minutes - STEP >= LEAST ? () => setMinutes(minutes - STEP) : null}
        more={minutes + STEP <= MOST ? () => setMinutes(minutes + STEP) : null}
      />
      <Body>General part, ramps, rests and changes are in it.</Body>
      {rooms.length > 1 && (
        <ChoiceField
          label="Room"
          options={rooms.map(({ id, name }) => ({ value: id, label: name }))}
          value={room.id}
          wrap
          onChange={onRoom}
        />
      )}
      <Button kind="main" label="Done" onPress={onClose} />
    </Sheet>
  );
}

/** What a session is built for: minutes, room, and what the client wants; and how the time is used. */
export function BuilderHead({
  builder,
  rooms,
  room,
  onRoom,
  client,
}: {
  builder: Builder;
  rooms: readonly Room[];
  room: Room;
  onRoom: (roomId: string) => void;
  client: KnownClient;
}) {
  const [open, setOpen] = useState<'where' | 'wishes' | null>(null);
  const { fixed, banned, startOver } = builder;
  const focus = client.wishes?.focus ?? [];
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap gap-2">
        <Chip
          label={`${builder.minutes} min · ${room.name}`}
          says={`${builder.minutes} min, ${room.name}: change minutes and room`}
          onPress={() => setOpen('where')}
        />
        <Chip
          label={focus.length > 0 ? `For ${focus.join(', ')}` : 'Wishes'}
          says="What they want of their weeks"
          onPress={() => setOpen('wishes')}
        />
        {fixed.length + banned.length > 0 && (
          <Chip label="Draft it anew" icon="undo" onPress={startOver} />
        )}
      </View>
      <TimeBar builder={builder} />
      {open === 'where' && (
        <WhereAndWhen
          builder={builder}
          rooms={rooms}
          room={room}
          onRoom={onRoom}
          onClose={() => setOpen(null)}
        />
      )}
      {open === 'wishes' && <WishesSheet client={client} onClose={() => setOpen(null)} />}
    </View>
  );
}
