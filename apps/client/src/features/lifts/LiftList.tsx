import { amid } from '@spalo/core/unit';
import { allLifts } from '@spalo/catalog';
import { faultsFor, type FoundFault } from '@spalo/catalog/search';
import type { Lift } from '@spalo/core/lift';
import { canBeDone } from '@spalo/core/loads';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { IconButton } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { FindBar } from '../../design/FindBar';
import { Row } from '../../design/Row';
import { capital } from '../../design/sentence';
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

/** Lifts of one movement, as a titled list. */
function OfPattern({
  pattern,
  lifts,
  chosen,
}: {
  pattern: string;
  lifts: readonly Lift[];
  chosen: string | null;
}) {
  const router = useRouter();
  return (
    <View className="pt-2">
      <Title level={2} className="border-b border-line pb-1 text-lead leading-6 text-slate">
        {capital(pattern)}
      </Title>
      <View role="list">
        {lifts.map((lift) => (
          <View role="listitem" key={lift.id}>
            <Row
              name={lift.name}
              chosen={lift.id === chosen}
              onPress={() => router.push({ pathname: '/lifts/[id]', params: { id: lift.id } })}
            >
              {[
                lift.muscles.main.join(', '),
                lift.implement,
                ...(lift.like === undefined ? [] : ['the studio’s own']),
              ].join(' · ')}
            </Row>
          </View>
        ))}
      </View>
    </View>
  );
}

/** So many are shown at once; more words make them fewer. */
const MOST_FAULTS = 8;
/** As many letters say what is looked for. */
const ENOUGH = 3;

/** Faults that are meant by what was typed, each the way to its causes and remedies. */
function WhatGoesWrong({ found }: { found: readonly FoundFault[] }) {
  const router = useRouter();
  if (found.length === 0) return null;
  return (
    <View role="region" aria-label="What goes wrong" className="pt-2">
      <Title level={2} className="border-b border-line pb-1 text-lead leading-6 text-slate">
        What goes wrong
      </Title>
      {found.slice(0, MOST_FAULTS).map(({ lift, style, fault }) => (
        <Row
          key={`${lift.id}/${style.id}/${fault.id}`}
          name={fault.name}
          onPress={() =>
            router.push({
              pathname: '/lifts/[id]',
              params: { id: lift.id, style: style.id, fault: fault.id },
            })
          }
        >
          {`${lift.name}, ${amid(style.name)}`}
        </Row>
      ))}
      {found.length > MOST_FAULTS && (
        <Quiet>{`and ${found.length - MOST_FAULTS} more: add the lift`}</Quiet>
      )}
    </View>
  );
}

/** The catalogue by movement: found by a name, a movement, a muscle or an implement, by where it is hardest, and by the room. */
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
      (!here || !room || canBeDone(lift, room, SOMEBODY_G)),
  );
  const on = [...(here ? ['in this room'] : []), ...(peak === null ? [] : [`hardest ${peak}`])];
  const patterns = [...new Set(found.map(({ pattern }) => pattern))];
  const faults = useMemo(() => (wanted.trim().length >= ENOUGH ? faultsFor(wanted) : []), [wanted]);
  return (
    <ScrollView className="flex-1" contentContainerClassName="gap-2 p-4">
      <View className="flex-row items-center justify-between gap-3">
        <Title>Lifts</Title>
        <View className="flex-row gap-1.5">
          <IconButton icon="floor" label="Warm-up bench" onPress={() => router.push('/bench')} />
          <IconButton
            icon="plus"
            label="The studio’s own"
            onPress={() => router.push('/lifts/own')}
          />
        </View>
      </View>
      <FindBar
        label="Find a lift"
        hint="Name, muscle, or what goes wrong"
        value={wanted}
        onChange={setWanted}
        button={on.length > 0 ? `Filter · ${on.length}` : 'Filter'}
        says="Filter"
      >
        <Strong>Hardest when the muscle is</Strong>
        <Choice
          label="Hardest when the muscle is"
          options={peaks}
          value={peak}
          onChange={setPeak}
          wrap
        />
        {room && (
          <>
            <Strong>Which lifts</Strong>
            <Choice label="Which lifts" options={scopes} value={here} onChange={setHere} wrap />
          </>
        )}
      </FindBar>
      <Quiet>{[`${found.length} of ${allLifts().length} lifts`, ...on].join(' · ')}</Quiet>
      {found.length === 0 && faults.length === 0 && (
        <Body>No lift is all of that. Take a word away.</Body>
      )}
      {found.length === 0 && <WhatGoesWrong found={faults} />}
      {patterns.map((pattern) => (
        <OfPattern
          key={pattern}
          pattern={pattern}
          lifts={found.filter((lift) => lift.pattern === pattern)}
          chosen={chosen}
        />
      ))}
      {found.length > 0 && <WhatGoesWrong found={faults} />}
    </ScrollView>
  );
}
