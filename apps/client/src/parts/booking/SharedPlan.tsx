import { buildOf } from '@spalo/core/floor';
import type { Want } from '@spalo/core/hour';
import { fixedAt } from '@spalo/core/plates';
import { platesOf, type Room } from '@spalo/core/room';
import type { PlannedLift, Step } from '@spalo/core/session';
import { massNumber } from '@spalo/core/unit';
import type { Account } from '@spalo/contract';
import { useMemo } from 'react';
import { NotWorkedOut } from '../../design/NotWorkedOut';
import { Quiet } from '../../design/Words';
import type { Sharer } from '../../state/worker/tasks/shared-bar';
import { useTask } from '../../state/worker/use-task';
import { visitOf } from '../session/visit';
import type { HourRow } from './use-hours';

/** The sets of a lift as the common order is sought from: loads as they are planned. */
const sharerOf = ({ liftId, implement, steps }: PlannedLift, room: Room): Sharer => ({
  liftId,
  windows: steps.map(({ loadG }: Step) => fixedAt(loadG)),
  stacks: steps.map((step) => platesOf(buildOf(step, implement, room, null))),
});

/** A lift of a client's session with its ramp; null while it is planned, or where there is nothing to plan. */
function usePlanned(row: HourRow | undefined, account: Account, liftId: string | undefined) {
  const task = useMemo(
    () => (row?.room ? visitOf(row.client, row.room, account, row.booking) : null),
    [row, account],
  );
  const { answer, again } = useTask('draft', task);
  return { planned: answer?.lifts.find((each) => each.liftId === liftId) ?? null, again };
}

/** Two on one bar, before they come: the order in which it is loaded least, and what that spares. */
export function SharedPlan({
  wants,
  rows,
  account,
}: {
  wants: readonly Want[];
  rows: readonly HourRow[];
  account: Account;
}) {
  const ids = [...new Set(wants.map(({ bookingId }) => bookingId))];
  const [oneRow, otherRow] = ids.map((id) => rows.find(({ booking }) => booking.id === id));
  const liftOf = (id: string | undefined) =>
    wants.find(({ bookingId }) => bookingId === id)?.liftId;
  const { planned: one, again: oneAgain } = usePlanned(oneRow, account, liftOf(ids[0]));
  const { planned: other, again: otherAgain } = usePlanned(otherRow, account, liftOf(ids[1]));
  const room = oneRow?.room;
  const sharing = useMemo(
    () =>
      one && other && room
        ? {
            room,
            implement: one.implement,
            sharers: [sharerOf(one, room), sharerOf(other, room)] as [Sharer, Sharer],
            first: 0 as const,
            standing: [],
          }
        : null,
    [one, other, room],
  );
  const { answer: order, again } = useTask('share', sharing);
  if (ids.length !== 2) return null;
  if (!order)
    return <NotWorkedOut what="the common order" again={oneAgain ?? otherAgain ?? again} />;
  const { unit } = account.studio;
  const names = [oneRow, otherRow].map((row) => row!.client.calledName || row!.client.name);
  const turns = order.turns.map(({ who, loadG }) => `${names[who]} ${massNumber(loadG, unit)}`);
  return (
    <Quiet>
      {`Taken in turns: ${turns.join(', ')}. ${order.moves} pairs of plates moved, each as they come: ${order.apart}.`}
    </Quiet>
  );
}
