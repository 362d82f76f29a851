import { findLift } from '@spalo/catalog';
import { ladderStanding } from '@spalo/coaching';
import type { Client } from '@spalo/contract';
import type { Lift } from '@spalo/core/lift';
import { isClosed, liftLimit } from '@spalo/core/person';
import { amid, nowIso } from '@spalo/core/unit';
import { closedText } from '@spalo/core/words';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { capital } from '../../design/sentence';
import { Body, Quiet } from '../../design/Words';
import { changeClient } from '../../parts/client/change-client';
import { useLesson } from '../../parts/lesson/use-lesson';
import { attempt } from '../../state/problems';

/** How far a client is from the next rung of a lift's ladder, counted on real sets, and the step up once it is reached. */
export function LadderStep({
  client,
  lift,
  programme,
  named = false,
}: {
  client: Client;
  lift: Lift;
  /** Ids of the lifts of their sessions; empty while the room is not known. */
  programme: readonly string[];
  /** Says which lift it is about. */
  named?: boolean;
}) {
  const { lesson } = useLesson(lift.id);
  const standing = lesson && ladderStanding(lesson, client.history);
  const next = standing?.next && findLift(standing.next.liftId);
  if (!standing || !next) return null;
  const { clean, met } = standing;
  const limit = liftLimit(client, next, nowIso());
  const inProgramme = programme.includes(next.id);
  const moves = programme.includes(lift.id);
  const of = `${Math.min(clean.sessions, clean.of)} of ${clean.of} sessions with ${clean.reps} clean reps`;
  const stands = `${met ? 'ready for' : 'on the way to'} the ${amid(next.name)}: ${of}`;
  const moveOn = () =>
    changeClient(
      client,
      { programme: programme.map((id) => (id === lift.id ? next.id : id)) },
      `Moved on to ${amid(next.name)}`,
    );
  return (
    <View className="gap-1">
      <Quiet>{named ? `${lift.name}: ${stands}` : capital(stands)}</Quiet>
      {met && isClosed(limit) && <Quiet>{closedText(limit.why)}</Quiet>}
      {met && !isClosed(limit) && inProgramme && <Body>{`Moved on to ${amid(next.name)}.`}</Body>}
      {met && !isClosed(limit) && moves && !inProgramme && (
        <Button
          label={`Move on to ${amid(next.name)}`}
          icon="forward"
          className="self-start"
          onPress={() => attempt(moveOn)}
        />
      )}
    </View>
  );
}
