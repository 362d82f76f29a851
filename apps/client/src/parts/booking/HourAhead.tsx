import type { Account } from '@spalo/contract';
import { findLift } from '@spalo/catalog';
import { openFlags } from '@spalo/core/person';
import { sessionDuration } from '@spalo/core/time';
import { countText } from '@spalo/core/unit';
import { useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { Icon } from '../../design/Icon';
import { NotWorkedOut } from '../../design/NotWorkedOut';
import { Sheet } from '../../design/Sheet';
import { Quiet, Strong } from '../../design/Words';
import { useTask } from '../../state/worker/use-task';
import { flagName } from '../client/FlagChips';
import { paceHere } from '../session/pace-here';
import { visitOf } from '../session/visit';
import { clockTime } from '../time/day-time';
import { loadReps } from '../words/load-words';
import { ArrangeHour } from './ArrangeHour';
import { allClashes } from './clash-words';
import { Packing } from './Packing';
import { Silhouette } from './Silhouette';
import type { HourRow } from './use-hours';

/** How long a session takes, whole minutes; null while it is planned. */
function useMinutes({ client, room, booking }: HourRow, account: Account) {
  const task = useMemo(
    () => (room ? visitOf(client, room, account, booking) : null),
    [client, room, account, booking],
  );
  const { answer: whole, again } = useTask('draft', task);
  const minutes = useMemo(
    () =>
      whole && room
        ? Math.round(
            sessionDuration(
              whole.lifts,
              whole.general.steps,
              room,
              paceHere(client, account.trainer.id),
            ).totalS / 60,
          )
        : null,
    [whole, room, client, account],
  );
  return { minutes, again };
}

/** What makes one be watched: flags, nerves, and lifts that are new. */
function watchText({ client, draft }: HourRow): string {
  const fresh = (draft?.lifts ?? []).filter(({ climb }) => climb).length;
  return [
    ...openFlags(client).map(flagName),
    ...(client.nervous ? ['nervous'] : []),
    ...(fresh > 0 ? [countText(fresh, 'new or unsure load')] : []),
  ].join(', ');
}

/** The lift of a session that asks most. */
function heaviest({ draft }: HourRow) {
  const rank = { small: 0, press: 1, squat: 2, 'floor-pull': 3 } as const;
  const rankOf = (liftId: string) => rank[findLift(liftId)?.restClass ?? 'small'];
  return [...(draft?.lifts ?? [])].sort((a, b) => rankOf(b.liftId) - rankOf(a.liftId))[0];
}

function Coming({ row, account }: { row: HourRow; account: Account }) {
  const { minutes, again } = useMinutes(row, account);
  const { booking, client, draft } = row;
  const { unit } = account.studio;
  const top = heaviest(row);
  const watch = watchText(row);
  const late = minutes !== null && minutes > booking.minutes;
  return (
    <View className="flex-row items-stretch gap-3 border-b border-line py-2">
      <View className="relative w-16 border-b-[3px] border-ink">
        {draft && <Silhouette draft={draft} />}
      </View>
      <View className="min-w-0 flex-1">
        <View className="flex-row flex-wrap items-baseline justify-between gap-x-2">
          <Strong>{client.calledName || client.name}</Strong>
          <Quiet className={late ? 'text-oxide' : 'text-ink'}>
            {minutes === null
              ? `${booking.minutes} min`
              : late
                ? `${minutes} min, booked ${booking.minutes}`
                : `${minutes} of ${booking.minutes} min`}
          </Quiet>
        </View>
        {top && (
          <Quiet className="text-ink">
            {`${findLift(top.liftId)?.name} ${loadReps(top.loadG, top.reps, unit, top.counted)}`}
          </Quiet>
        )}
        {watch !== '' && <Quiet>{`Watch: ${watch}`}</Quiet>}
        <NotWorkedOut what={`the minutes of ${client.calledName || client.name}`} again={again} />
      </View>
    </View>
  );
}

/** What is ready to be known of a slot: who, what is heavy, whom to watch, how long each takes, and what is short. */
function Slot({
  slot,
  clashes,
  account,
}: {
  slot: readonly HourRow[];
  clashes: ReturnType<typeof allClashes>;
  account: Account;
}) {
  return (
    <View className="gap-1">
      {slot.map((row) => (
        <Coming key={row.booking.id} row={row} account={account} />
      ))}
      {clashes.map(({ text }) => (
        <View key={text} className="flex-row items-start gap-2 pt-1">
          <Icon name="alert" size={18} color="oxide" />
          <Quiet className="min-w-0 flex-1 text-oxide">{text}</Quiet>
        </View>
      ))}
    </View>
  );
}

/** The hour as it will be, where several come at once: a line, which opens all of it. */
export function HourAhead({ slot, account }: { slot: readonly HourRow[]; account: Account }) {
  const [open, setOpen] = useState(false);
  const at = clockTime(slot[0]!.booking.startsAt, account.studio.zone);
  const title = `${at}: ${slot.length} at once`;
  const { unit } = account.studio;
  const clashes = useMemo(() => allClashes(slot, unit), [slot, unit]);
  const short = clashes.length;
  const odd = short > 0 ? `, ${countText(short, 'thing is', 'things are')} short` : '';
  return (
    <>
      <Pressable
        role="button"
        aria-label={`${title}${odd}`}
        onPress={() => setOpen(true)}
        className="min-h-[44px] flex-row items-center gap-2 border-t border-line active:opacity-70"
      >
        <Icon
          name={short > 0 ? 'alert' : 'clients'}
          size={18}
          color={short > 0 ? 'oxide' : 'slate'}
        />
        <Strong className={`min-w-0 flex-1 text-small ${short > 0 ? 'text-oxide' : ''}`}>
          {`${slot.length} at once${odd}`}
        </Strong>
        <Icon name="forward" size={18} color="slate" />
      </Pressable>
      <Sheet title={title} open={open} onClose={() => setOpen(false)}>
        <Slot slot={slot} clashes={clashes} account={account} />
        <ArrangeHour rows={slot} unit={unit} />
        <Packing rows={slot} account={account} />
      </Sheet>
    </>
  );
}
