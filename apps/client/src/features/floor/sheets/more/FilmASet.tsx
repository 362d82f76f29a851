import { lastSet } from '@spalo/core/session';
import { useState } from 'react';
import { Button } from '../../../../design/Button';
import { FilmSheet } from '../../../../parts/film/FilmSheet';
import { useLane } from '../../scene/lane-scene';

/** Films a set of the lift that was done last; nothing before the first set. */
export function FilmASet() {
  const { lane, sheets } = useLane();
  const [filming, setFilming] = useState(false);
  const { client, session } = lane;
  const last = lastSet(session);
  const lift = session.lifts.find(({ sets }) => last && sets.includes(last));
  if (!client || !lift) return null;
  return (
    <>
      <Button label="Film a set" icon="watch" onPress={() => setFilming(true)} />
      {filming && (
        <FilmSheet
          client={client}
          session={session}
          lift={lift}
          trainerId={session.trainerId}
          onClose={sheets.close}
        />
      )}
    </>
  );
}
