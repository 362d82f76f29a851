import { blockNow } from '@spalo/coaching';
import type { Account } from '@spalo/contract';
import { type BlockState, doneDays, nextDay } from '@spalo/core/block';
import type { Room } from '@spalo/core/room';
import { nowIso } from '@spalo/core/unit';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Button, IconButton } from '../../design/Button';
import { NotWorkedOut } from '../../design/NotWorkedOut';
import { LoadingState } from '../../design/States';
import { Quiet, Title } from '../../design/Words';
import { NoSuchClient } from '../../parts/client/NoSuchClient';
import { PastMissing } from '../../parts/client/PastMissing';
import { useRoomChoice } from '../../parts/room/use-room';
import { attempt } from '../../state/problems';
import { useKnownClient } from '../../state/pasts';
import { useRooms } from '../../state/queries';
import type { KnownClient } from '../../state/resources/known-client';
import { useEvidence } from '../../state/use-evidence';
import { useTask } from '../../state/worker/use-task';
import { blockActions } from './change-block';
import { IsItWorking } from './IsItWorking';
import { NextBlock } from './NextBlock';
import { RunningBlock } from './RunningBlock';
import { StartBlock } from './StartBlock';
import { useBlockView } from './use-block-view';

/** From here on the page has two columns beside the list. */
const TWO_COLUMNS = 1180;

/** Whether a block works, worked out beside the screen. */
function useWorking(client: KnownClient, block: BlockState | null) {
  const sets = useEvidence(client);
  const task = useMemo(
    () => (block && sets ? { client, block, sets, now: nowIso() } : null),
    [client, block, sets],
  );
  return useTask('working', task);
}

interface PageProps {
  client: KnownClient;
  room: Room;
  account: Account;
}

/** The block that goes on, or was the last, with whether it works and what comes after it. */
function OneBlock({
  block,
  running,
  client,
  room,
  account,
}: PageProps & { block: BlockState; running: boolean }) {
  const wide = useWindowDimensions().width >= TWO_COLUMNS;
  const { answer: view, again } = useBlockView(client, block, room, account);
  const { answer: working, again: judgeAgain } = useWorking(client, block);
  const change = useMemo(
    () => blockActions(block.id, account.trainer.id),
    [block.id, account.trainer.id],
  );
  const [anew, setAnew] = useState(false);
  const ground = !view ? (
    <LoadingState what="the block" again={again} />
  ) : running ? (
    <RunningBlock block={block} view={view} working={working} account={account} change={change} />
  ) : anew ? (
    <StartBlock client={client} room={room} account={account} />
  ) : (
    <View className="gap-4">
      {working ? (
        <NextBlock
          key={working.advice.change}
          last={block}
          advice={working.advice}
          client={client}
          room={room}
          account={account}
        />
      ) : (
        <LoadingState what="the next block" again={judgeAgain} />
      )}
      <View className="flex-row flex-wrap gap-2">
        <Button label="Something else" onPress={() => setAnew(true)} />
        {block.endedAt !== null && (
          <Button
            label="Take it up again"
            says={`Take ${block.name} up again`}
            onPress={() =>
              attempt(() => change('block.ended', { ended: false }, `${block.name} taken up again`))
            }
          />
        )}
      </View>
    </View>
  );
  const judged = working ? (
    <IsItWorking working={working} block={block} change={change} />
  ) : (
    <NotWorkedOut what="whether it works" again={judgeAgain} />
  );
  return (
    <View className="gap-4">
      <Title level={2} className="text-figure">
        {running ? block.name : `After ${block.name}`}
      </Title>
      {block.follows && <Quiet>{`${block.follows.changed}.`}</Quiet>}
      <View className={wide ? 'flex-row gap-6' : 'gap-6'}>
        <View className={wide ? 'min-w-0 flex-[3]' : ''}>{ground}</View>
        <View className={wide ? 'min-w-0 flex-[2]' : ''}>{judged}</View>
      </View>
    </View>
  );
}

/** A client's weeks: the block they are in, whether it works, and the one to come. */
export function BlockScreen({ id, account }: { id: string; account: Account }) {
  const router = useRouter();
  const { data: client, isFetching } = useKnownClient(id);
  const { data: rooms } = useRooms();
  const room = useRoomChoice(rooms);
  if (client === undefined || !room || (!client && isFetching) || client?.past === 'coming')
    return <LoadingState what="the block" />;
  if (!client) return <NoSuchClient />;
  const { blocks = [], history } = client;
  const goesOn = (block: BlockState) => nextDay(block, doneDays(block, history)) !== null;
  // One that begins later is there to be changed; of those that are over, the latest is gone on from.
  const block = blockNow(client, nowIso())?.block ?? blocks.find(goesOn) ?? blocks[0] ?? null;
  const page = { client, room, account };
  const back = () => router.push({ pathname: '/clients/[id]', params: { id } });
  return (
    <ScrollView className="flex-1" contentContainerClassName="gap-4 p-4">
      <View className="flex-row items-center gap-3">
        <IconButton icon="back" label={`Back to ${client.name}`} onPress={back} />
        <Title className="min-w-0 shrink">{client.name}</Title>
      </View>
      <PastMissing client={client} />
      {block ? (
        <OneBlock key={block.id} block={block} running={goesOn(block)} {...page} />
      ) : (
        <StartBlock {...page} />
      )}
    </ScrollView>
  );
}
