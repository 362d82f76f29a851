import type { Account } from '@spalo/contract';
import type { BlockPlan } from '@spalo/core/block';
import type { Room } from '@spalo/core/room';
import { useMemo } from 'react';
import { Button } from '../../design/Button';
import { DateField } from '../../design/DateField';
import { LoadingState } from '../../design/States';
import { NO_DAY, isDay } from '../../parts/time/day-time';
import { attempt } from '../../state/problems';
import type { KnownClient } from '../../state/resources/known-client';
import { asState } from './as-state';
import { BlockTerrain } from './BlockTerrain';
import { startBlock } from './change-block';
import { useBlockView } from './use-block-view';

/** When a drafted block begins, how it will likely look for this client, and the way to start it. */
export function BeginBlock({
  plan,
  from,
  onFrom,
  label,
  client,
  room,
  account,
}: {
  /** Null where the day is none. */
  plan: BlockPlan | null;
  from: string;
  onFrom: (day: string) => void;
  /** What the button says. */
  label: string;
  client: KnownClient;
  room: Room;
  account: Account;
}) {
  const { id: trainerId } = account.trainer;
  const state = useMemo(
    () => plan && asState(plan, client.id, trainerId),
    [plan, client.id, trainerId],
  );
  const { answer: view, again } = useBlockView(client, state, room, account);
  return (
    <>
      <DateField
        label="Begins on"
        value={from}
        onChange={onFrom}
        problem={isDay(from) ? null : NO_DAY}
      />
      {state && view ? (
        <BlockTerrain block={state} view={view} unit={account.studio.unit} />
      ) : (
        state && <LoadingState what="the loads" again={again} />
      )}
      <Button
        kind="main"
        big
        label={label}
        disabled={!plan}
        onPress={() => plan && attempt(() => startBlock(client.id, plan, trainerId))}
      />
    </>
  );
}
