import { roomPresets } from '@spalo/catalog/rooms';
import { emptyRoom, type Room } from '@spalo/core/room';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { Body, Quiet, Strong } from '../../design/Words';
import { newId } from '../../state/log/ids';
import { attempt } from '../../state/problems';
import { deleteRoom, putRoom } from './change-room';

/** The studio's rooms: choose, name, begin one from a preset, take one away. */
export function RoomsSheet({
  rooms,
  room,
  onChosen,
  onList,
  onClose,
}: {
  rooms: readonly Room[];
  room: Room;
  onChosen: (roomId: string) => void;
  /** Opens the list that a room is described by. */
  onList: () => void;
  onClose: () => void;
}) {
  const [name, setName] = useState(room.name);
  const [tried, setTried] = useState(false);
  const [leaving, setLeaving] = useState(false);
  const rename = () => {
    setTried(true);
    if (name.trim()) attempt(() => putRoom({ ...room, name: name.trim() }, room));
  };
  const begin = (made: Room) =>
    attempt(async () => {
      const taken = rooms.filter((each) => each.name.startsWith(made.name)).length;
      const called = taken > 0 ? `${made.name} ${taken + 1}` : made.name;
      await putRoom({ ...made, name: called }, null);
      onChosen(made.id);
      onClose();
    });
  const remove = () =>
    attempt(async () => {
      await deleteRoom(room);
      onChosen(rooms.find((each) => each.id !== room.id)!.id);
      onClose();
    });
  return (
    <Sheet title="Rooms" open onClose={onClose}>
      {rooms.map((each) => (
        <Button
          key={each.id}
          kind={each.id === room.id ? 'now' : 'plain'}
          label={each.name}
          onPress={() => {
            onChosen(each.id);
            onClose();
          }}
        />
      ))}
      <TextField
        label="Name of this room"
        value={name}
        onChange={setName}
        max={80}
        problem={tried && !name.trim() ? 'A name to find it by' : null}
      />
      <Button label="Save the name" onPress={rename} />
      <Strong>Begin another room</Strong>
      <Card onPress={onList} label="Begin with a list" className="py-3">
        <Strong>A list</Strong>
        <Quiet>Type or paste what is there; it is read as you type</Quiet>
      </Card>
      <Card onPress={() => begin(emptyRoom(newId()))} label="Begin with nothing" className="py-3">
        <Strong>Nothing</Strong>
        <Quiet>Add each thing by its form</Quiet>
      </Card>
      {roomPresets.map((preset) => (
        <Card
          key={preset.id}
          onPress={() => begin(preset.make(newId))}
          label={`Begin with ${preset.name}`}
          className="py-3"
        >
          <Strong>{preset.name}</Strong>
          <Quiet>{preset.says}</Quiet>
        </Card>
      ))}
      {rooms.length > 1 && !leaving && (
        <Button kind="stop" label={`Remove ${room.name}…`} onPress={() => setLeaving(true)} />
      )}
      {leaving && (
        <View className="gap-2">
          <Body>Its equipment list goes. Past sessions keep their loads.</Body>
          <Button kind="stop" label={`Remove ${room.name}`} onPress={remove} />
        </View>
      )}
    </Sheet>
  );
}
