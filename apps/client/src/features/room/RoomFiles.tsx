import { readRoomFile, roomToCsv, roomToJson, type FileProblem } from '@spalo/contract';
import type { Room } from '@spalo/core/room';
import { useState } from 'react';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { Body, Quiet, Strong } from '../../design/Words';
import { download } from '../../state/download';
import { newId } from '../../state/log/ids';
import { pickTextFile } from '../../state/pick-file';
import { attempt } from '../../state/problems';
import { putRoom } from './change-room';
import { kindNames, kinds } from './equipment-kinds';

const place = ({ row, column }: FileProblem) =>
  [row === null ? '' : `row ${row}`, column ?? ''].filter(Boolean).join(', ') || 'file';

const summary = (room: Room) =>
  kindNames
    .filter((kind) => room[kind].length > 0)
    .map((kind) => `${room[kind].length} ${kinds[kind].title.toLowerCase()}`)
    .join(', ') || 'nothing in it';

/** Takes a room out as a file, or in from one: all of it or nothing. */
export function RoomFiles({
  room,
  onChosen,
  onClose,
}: {
  room: Room;
  onChosen: (roomId: string) => void;
  onClose: () => void;
}) {
  const [text, setText] = useState('');
  const [problems, setProblems] = useState<FileProblem[]>([]);
  const [found, setFound] = useState<Room | null>(null);
  const read = (content: string) => {
    setText(content);
    const file = readRoomFile(content, newId);
    setProblems('problems' in file ? file.problems : []);
    setFound('room' in file ? file.room : null);
  };
  const choose = () =>
    attempt(async () => {
      const content = await pickTextFile('.csv,.json,text/csv,application/json');
      if (content !== null) read(content);
    });
  const keep = (next: Room) =>
    attempt(async () => {
      await putRoom(next, next.id === room.id ? room : null);
      onChosen(next.id);
      onClose();
    });
  const file = `spalo-room-${room.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`;
  return (
    <Sheet title="Room as a file" open onClose={onClose}>
      <Strong>{`Take out ${room.name}`}</Strong>
      <View className="flex-row gap-2">
        <Button
          label="Export CSV"
          onPress={() => download(`${file}.csv`, 'text/csv', roomToCsv(room))}
          className="flex-1"
        />
        <Button
          label="Export JSON"
          onPress={() => download(`${file}.json`, 'application/json', roomToJson(room))}
          className="flex-1"
        />
      </View>
      <Strong>Bring in</Strong>
      <Button label="Choose a CSV or JSON file" onPress={choose} />
      <TextField
        label="Or paste its text"
        value={text}
        onChange={setText}
        max={500_000}
        multiline
        placeholder="kind,name,mass,unit,count,…"
      />
      <Button label="Check the text" onPress={() => read(text)} />
      {problems.length > 0 && (
        <View className="gap-2">
          <Banner kind="stop" title={`Nothing was imported: ${problems.length} to mend`} />
          {problems.slice(0, 30).map((problem, index) => (
            <View key={index} className="border-b border-line pb-1">
              <Strong>{place(problem)}</Strong>
              <Body>{problem.message}</Body>
            </View>
          ))}
          {problems.length > 30 && <Quiet>{`and ${problems.length - 30} more`}</Quiet>}
        </View>
      )}
      {found && (
        <Card className="gap-2">
          <Strong>{found.name}</Strong>
          <Quiet>{summary(found)}</Quiet>
          <Button kind="main" label="Add as a new room" onPress={() => keep(found)} />
          <Button
            label={`Replace ${room.name} with it`}
            onPress={() => keep({ ...found, id: room.id })}
          />
        </Card>
      )}
    </Sheet>
  );
}
