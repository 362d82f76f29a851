import type { Advice } from '@spalo/coaching/blocks';
import type { Account } from '@spalo/contract';
import { type BlockState, type Room } from '@spalo/core';
import { blockAfter, changes, type OneChange } from '@spalo/core/blocks';
import { useMemo, useState } from 'react';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { DateField } from '../../design/DateField';
import { capital } from '../../design/sentence';
import { Section } from '../../design/Section';
import { LoadingState } from '../../design/States';
import { Quiet } from '../../design/Words';
import { formDay } from '../../parts/time/day-time';
import { attempt } from '../../state/problems';
import type { KnownClient } from '../../state/resources/known-client';
import { asState, isDay } from './as-state';
import { BlockTerrain } from './BlockTerrain';
import { startBlock } from './change-block';
import { useBlockView } from './use-block-view';

const says: Record<OneChange, string> = {
  nothing: 'Keep all',
  'one set more': 'One set more',
  'fewer reps': 'Fewer reps',
  'more reps': 'More reps',
  scheme: 'Another scheme',
};
const choices = changes.map((value) => ({ value, label: says[value] }));

/** The block after a block: the same with one thing changed, as is proposed or as the trainer has it. */
export function NextBlock({
  last,
  advice,
  client,
  room,
  account,
}: {
  last: BlockState;
  advice: Advice;
  client: KnownClient;
  room: Room;
  account: Account;
}) {
  const [change, setChange] = useState<OneChange>(advice.change);
  const [from, setFrom] = useState(() => formDay(Date.now(), account.studio.zone));
  const own = change === advice.change;
  const plan = useMemo(
    () =>
      isDay(from)
        ? blockAfter(
            last,
            from,
            change,
            own ? advice.liftIds : null,
            own ? advice.says.slice(0, 120) : `${says[change]} in all lifts`,
          )
        : null,
    [last, from, change, own, advice],
  );
  const state = useMemo(
    () => plan && asState(plan, client.id, account.trainer.id),
    [plan, client.id, account.trainer.id],
  );
  const view = useBlockView(client, state, room, account);
  return (
    <Section title="The next block">
      <Quiet className="text-ink">{`${capital(advice.why)}.`}</Quiet>
      <Choice
        label="The one thing to change"
        options={choices}
        value={change}
        wrap
        onChange={setChange}
      />
      <DateField
        label="Begins on"
        value={from}
        onChange={setFrom}
        problem={isDay(from) ? null : 'A day as 2026-11-24'}
      />
      {state && view ? (
        <BlockTerrain block={state} view={view} unit={account.studio.unit} />
      ) : (
        state && <LoadingState what="the loads" />
      )}
      <Button
        kind="main"
        big
        label="Start the next block"
        disabled={!plan}
        onPress={() => plan && attempt(() => startBlock(client.id, plan, account.trainer.id))}
      />
    </Section>
  );
}
