import { findLift } from '@spalo/catalog';
import type { Arranged } from '@spalo/core/planning';
import type { Needed } from '@spalo/core/hour';
import type { Room } from '@spalo/core/room';
import { amid, countText, listText, type Unit } from '@spalo/core/unit';
import { useMemo } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { NotWorkedOut } from '../../design/NotWorkedOut';
import { Quiet, Strong } from '../../design/Words';
import { useTask } from '../../state/worker/use-task';
import { attempt } from '../../state/problems';
import { implementName } from '../words/implement-words';
import { thingName } from '../words/thing-words';
import { changeMany } from './change-booking';
import { hourClientsOf } from './hour-clients';
import type { HourRow } from './use-hours';

const liftName = (liftId: string) => amid(findLift(liftId)?.name ?? liftId);
const nameOf = ({ client }: HourRow) => client.calledName || client.name;

/** An arrangement that leaves no more than this of what was short is worth a change. */
const SERVES = 0.5;

const shortSeconds = (all: readonly Needed[]) => all.reduce((sum, { shortS }) => sum + shortS, 0);

/** What one gives way by: their first lifts in the new order, and their other bars. */
function changeText({ order, bars }: Arranged, { draft }: HourRow, room: Room): string {
  const before = (draft?.lifts ?? []).map(({ liftId }) => liftId);
  const moved = order.some((liftId, at) => liftId !== before[at]);
  const shownUntil = order.findLastIndex((liftId, at) => liftId !== before[at]);
  return [
    ...(moved
      ? [
          `${order
            .slice(0, shownUntil + 1)
            .map(liftName)
            .join(', then ')}`,
        ]
      : []),
    ...bars.map(
      ({ liftId, barId }) =>
        `${liftName(liftId)} on the ${implementName({ kind: 'barbell', barId }, room)}`,
    ),
  ].join('; ');
}

/** Spreads what an hour is short of: shows who gives way by what, does it in one tap, and takes it back. */
export function ArrangeHour({ rows, unit }: { rows: readonly HourRow[]; unit: Unit }) {
  const room = rows[0]?.room;
  const coming = rows.filter(({ booking }) => !booking.session);
  const asked = useMemo(
    () => (room ? { clients: hourClientsOf(rows, room), room } : null),
    [rows, room],
  );
  const { answer: hour, again } = useTask('arrange', asked);
  if (!room || !hour) return <NotWorkedOut what="how the hour can be spread" again={again} />;
  const changes = coming.filter(({ booking }) => hour.arranged.has(booking.id));
  const given = coming.filter(({ booking }) => booking.arranged);
  const put = (all: readonly HourRow[], says: string, next: (row: HourRow) => Arranged | null) =>
    attempt(() =>
      changeMany(
        all.map((row) => ({ ...row.booking, arranged: next(row) })),
        all.map(({ booking }) => booking),
        says,
      ),
    );
  const left = hour.shortAfter.map(
    ({ thing, shortS }) =>
      `${thingName(thing, room, unit)} for about ${countText(Math.ceil(shortS / 60), 'minute')}`,
  );
  const serves = shortSeconds(hour.shortAfter) <= SERVES * shortSeconds(hour.shortBefore);
  return (
    <View role="region" aria-label="Arranging the hour" className="gap-2">
      {changes.length > 0 && serves && (
        <>
          <Strong>Spread over the hour</Strong>
          {changes.map((row) => (
            <Quiet key={row.booking.id} className="text-ink">
              {`${nameOf(row)}: ${changeText(hour.arranged.get(row.booking.id)!, row, room)}`}
            </Quiet>
          ))}
          <Quiet>
            {left.length === 0
              ? 'Then nobody waits, if lifts take as long as they usually do.'
              : `Still wanted by two at once: ${listText(left)}, if lifts take as long as they usually do.`}
          </Quiet>
          <Button
            kind="main"
            label="Arrange the hour so"
            onPress={() =>
              put(changes, 'Hour arranged', ({ booking }) => hour.arranged.get(booking.id)!)
            }
          />
        </>
      )}
      {left.length > 0 && !(changes.length > 0 && serves) && (
        <Quiet>{`No other order or bar helps much. Wanted by more than there are: ${listText(left)}. Take turns, or leave a lift out.`}</Quiet>
      )}
      {given.length > 0 && (
        <View className="flex-row flex-wrap items-center gap-2">
          <Quiet className="min-w-[10rem] flex-1">
            {`Arranged for this hour: ${listText(given.map(nameOf))}.`}
          </Quiet>
          <Button
            label="As it was planned"
            onPress={() => put(given, 'As it was planned', () => null)}
          />
        </View>
      )}
    </View>
  );
}
