import { amid } from '@spalo/core/unit';
import { findLift } from '@spalo/catalog';
import type { Account } from '@spalo/contract';
import type { Needed, Want } from '@spalo/core/hour';
import { useMemo } from 'react';
import { View } from 'react-native';
import { Icon } from '../../design/Icon';
import { Quiet, Strong } from '../../design/Words';
import { loadReps } from '../words/load-words';
import { thingName } from '../words/thing-words';
import { neededBy } from './hour-clients';
import { SharedPlan } from './SharedPlan';
import type { HourRow } from './use-hours';

/** One thing of the room: who wants it for what, and whether it is short. */
function Thing({
  needed,
  rows,
  account,
}: {
  needed: Needed;
  rows: readonly HourRow[];
  account: Account;
}) {
  const { unit } = account.studio;
  const { thing, wants, wanted, there, isShort } = needed;
  const title = thingName(thing, rows[0]!.room!, unit);
  const textOf = ({ bookingId, liftId }: Want) => {
    const row = rows.find(({ booking }) => booking.id === bookingId)!;
    const plan = row.draft!.lifts.find((each) => each.liftId === liftId)!;
    const load = loadReps(plan.loadG, plan.reps, unit, plan.counted);
    return `${row.client.calledName || row.client.name}: ${amid(findLift(liftId)?.name ?? liftId)}, ${load}`;
  };
  return (
    <View className="gap-0.5 border-b border-line pb-2">
      <View className="flex-row items-center gap-2">
        {isShort && <Icon name="alert" size={18} color="oxide" />}
        <Strong className={isShort ? 'text-oxide' : ''}>
          {isShort ? `${title}: ${there === 1 ? 'one' : there} for ${wanted}` : title}
        </Strong>
      </View>
      {wants.map((want) => (
        <Quiet key={want.bookingId + want.liftId} className="text-ink">
          {textOf(want)}
        </Quiet>
      ))}
      {isShort && (thing.kind === 'bar' || thing.kind === 'machine') && (
        <SharedPlan wants={wants} rows={rows} account={account} />
      )}
    </View>
  );
}

/** What a slot needs from its room: thing by thing, who for what; what is short first, with the order in which to share it. */
export function Packing({ rows, account }: { rows: readonly HourRow[]; account: Account }) {
  const room = rows[0]?.room;
  const needed = useMemo(() => neededBy(rows), [rows]);
  if (!room || needed.length === 0) return null;
  const count = rows.length;
  return (
    <View role="region" aria-label="What the hour needs" className="gap-2">
      <Strong role="heading" aria-level={3}>
        {count === 1
          ? `What it needs from ${room.name}`
          : `What these ${count} need from ${room.name}`}
      </Strong>
      {needed.map((each) => (
        <Thing key={each.key} needed={each} rows={rows} account={account} />
      ))}
    </View>
  );
}
