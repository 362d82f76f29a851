import type { Advice } from '@spalo/coaching/blocks';
import type { Account } from '@spalo/contract';
import { blockChanges, type BlockState, type OneChange } from '@spalo/core/block';
import type { Room } from '@spalo/core/room';
import { nowMs } from '@spalo/core/unit';
import { blockAfter } from '@spalo/core/blocks';
import { useMemo, useState } from 'react';
import { Choice } from '../../design/Choice';
import { capital } from '../../design/sentence';
import { Section } from '../../design/Section';
import { Quiet } from '../../design/Words';
import { formDay, isDay } from '../../parts/time/day-time';
import type { KnownClient } from '../../state/resources/known-client';
import { BeginBlock } from './BeginBlock';

const says: Record<OneChange, string> = {
  nothing: 'Keep all',
  'one set more': 'One set more',
  'fewer reps': 'Fewer reps',
  'more reps': 'More reps',
  scheme: 'Another scheme',
};
const choices = blockChanges.map((value) => ({ value, label: says[value] }));

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
  const [from, setFrom] = useState(() => formDay(nowMs(), account.studio.zone));
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
      <BeginBlock
        plan={plan}
        from={from}
        onFrom={setFrom}
        label="Start the next block"
        client={client}
        room={room}
        account={account}
      />
    </Section>
  );
}
