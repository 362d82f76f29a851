import { allLifts } from '@spalo/catalog';
import { canBeLoaded, type Lift } from '@spalo/core';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { TextField } from '../../design/TextField';
import { Body, Quiet, Strong, Title } from '../../design/Words';
import { useRoomChoice } from '../../parts/room/use-room';
import { useRooms } from '../../state/queries';
import { useTeaching } from '../../state/use-teaching';

const peaks = [
  { value: null, label: 'Any' },
  { value: 'shortened', label: 'Shortened' },
  { value: 'middle', label: 'Middle' },
  { value: 'stretched', label: 'Stretched' },
] as const;
const scopes = [
  { value: false, label: 'All lifts' },
  { value: true, label: 'In this room' },
] as const;
/** A body of about this mass stands for whoever will do it. */
const SOMEBODY_G = 75_000;

const words = (lift: Lift) =>
  `${lift.name} ${lift.pattern} ${lift.muscles.main.join(' ')} ${lift.implement}`.toLowerCase();

/** The catalogue: found by a name, a movement, a muscle or an implement, by where it is hardest, and by the room. */
export function LiftList({ chosen }: { chosen: string | null }) {
  const router = useRouter();
  useTeaching();
  const { data: rooms } = useRooms();
  const room = useRoomChoice(rooms);
  const [wanted, setWanted] = useState('');
  const [peak, setPeak] = useState<Lift['peak'] | null>(null);
  const [here, setHere] = useState(false);
  const found = allLifts().filter(
    (lift) =>
      wanted
        .toLowerCase()
        .split(/\s+/)
        .every((word) => words(lift).includes(word)) &&
      (peak === null || lift.peak === peak) &&
      (!here || !room || canBeLoaded(lift, room, SOMEBODY_G)),
  );
  return (
    <ScrollView className="flex-1" contentContainerClassName="gap-3 p-4">
      <Title>Lifts</Title>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Warm-up bench" icon="floor" onPress={() => router.push('/bench')} />
        <Button label="The studio’s own" icon="lifts" onPress={() => router.push('/lifts/own')} />
      </View>
      <TextField
        label="Find a lift"
        value={wanted}
        onChange={setWanted}
        max={40}
        placeholder="Name, movement, muscle, implement"
      />
      <Quiet>Hardest where the muscle is</Quiet>
      <Choice
        label="Hardest where the muscle is"
        options={peaks}
        value={peak}
        onChange={setPeak}
        wrap
      />
      {room && <Choice label="Which lifts" options={scopes} value={here} onChange={setHere} wrap />}
      <Quiet>{`${found.length} of ${allLifts().length} lifts`}</Quiet>
      {found.length === 0 && <Body>No lift is all of that. Take a word away.</Body>}
      <View role="list" className="gap-2">
        {found.map((lift) => (
          <View role="listitem" key={lift.id}>
            <Pressable
              role="link"
              aria-label={lift.name}
              aria-current={lift.id === chosen ? 'page' : undefined}
              onPress={() => router.push({ pathname: '/lifts/[id]', params: { id: lift.id } })}
              className={`gap-1 rounded-2xl border-2 px-4 py-3 active:opacity-80 ${
                lift.id === chosen ? 'border-ink bg-coming' : 'border-line bg-card'
              }`}
            >
              <Strong className="text-lead">{lift.name}</Strong>
              <Quiet>{`${lift.pattern} · ${lift.muscles.main.join(', ')} · ${lift.implement}${lift.like === undefined ? '' : ' · the studio’s own'}`}</Quiet>
            </Pressable>
          </View>
        ))}
      </View>
    </ScrollView>
  );
}
