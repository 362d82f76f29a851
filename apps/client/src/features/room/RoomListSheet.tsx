import { roomFromList, type ReadPart } from '@spalo/catalog/rooms';
import { roomFacts } from '@spalo/contract';
import type { Room } from '@spalo/core/room';
import type { Unit } from '@spalo/core/unit';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Icon } from '../../design/Icon';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { Body, Quiet } from '../../design/Words';
import { newId } from '../../state/log/ids';
import { attempt } from '../../state/problems';
import { putRoom } from './change-room';

const MOST = 4000;

/** What became of one part of the list. */
function Read({ part: { text, says } }: { part: ReadPart }) {
  const missed = says === null;
  return (
    <View className="flex-row items-start gap-2 border-b border-line py-1">
      <Icon name={missed ? 'alert' : 'check'} size={18} color={missed ? 'oxide' : 'moss'} />
      <View className="min-w-0 flex-1">
        <Body className={missed ? 'text-oxide' : ''}>
          {missed ? `Not understood: ${text}` : says}
        </Body>
      </View>
    </View>
  );
}

/** What is wrong with a room as it was read, in words; null where it can be kept. */
function wrongWith(room: Room): string | null {
  const [issue] = roomFacts.safeParse(room).error?.issues ?? [];
  return issue ? `${issue.path.join(' ')}: ${issue.message}` : null;
}

/** Describes a room by a list as people write it, read while it is typed; nothing is kept before it is looked over. */
export function RoomListSheet({
  room,
  unit,
  onChosen,
  onClose,
}: {
  room: Room;
  unit: Unit;
  onChosen: (roomId: string) => void;
  onClose: () => void;
}) {
  const [text, setText] = useState('');
  const { room: found, parts } = useMemo(
    () => roomFromList(text, { id: newId, unit, name: 'New room' }),
    [text, unit],
  );
  const wrong = useMemo(() => wrongWith(found), [found]);
  const missed = parts.filter(({ says }) => says === null).length;
  const isReady = parts.length > missed && wrong === null;
  const keep = (next: Room, before: Room | null) =>
    attempt(async () => {
      await putRoom(next, before);
      onChosen(next.id);
      onClose();
    });
  return (
    <Sheet title="What is in the room" open onClose={onClose}>
      <TextField
        label="Everything that is there"
        value={text}
        onChange={setText}
        max={MOST}
        multiline
        numberOfLines={6}
        placeholder={'2 bars 20, rack, 2 benches\nplates 2×20 4×10 4×5 2×2.5\ndumbbells 2–30 by 2'}
        hint={`As you would write it down, lines or commas; ${unit} unless it says otherwise`}
      />
      <View>
        {parts.map((part, at) => (
          <Read key={`${at}/${part.text}`} part={part} />
        ))}
      </View>
      {parts.length > missed && found.furniture === null && (
        <Quiet>
          No rack, bench or bar to hang from is named: no lift is left out for want of one.
        </Quiet>
      )}
      {wrong !== null && <Banner kind="stop" title={wrong} />}
      {missed > 0 && (
        <Quiet>
          What was not understood is left out. Change the words, or add the thing by its form
          afterwards.
        </Quiet>
      )}
      {isReady && (
        <View className="gap-2">
          <Button
            kind="main"
            label={`${room.name} has this`}
            onPress={() => keep({ ...found, id: room.id, name: room.name }, room)}
          />
          <Button label="Add it as another room" onPress={() => keep(found, null)} />
        </View>
      )}
    </Sheet>
  );
}
