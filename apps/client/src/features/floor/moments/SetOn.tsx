import type { ReactNode } from 'react';
import { useSpace } from '../../../design/use-space';
import { useWatched } from '../../../parts/lane/floor-ui';
import { useLane, useLiftInHand } from '../scene/lane-scene';
import { CueCard } from '../set/CueCard';
import { LoadLine } from '../set/LoadLine';
import { SetUpStrip } from '../set/SetUpStrip';
import { TeachStrip } from '../set/TeachStrip';
import { Beside } from './Beside';
import { SeenOfSet } from './SeenOfSet';

/** The set is on: cue and reps; once something was seen, that and what was left have the room. */
export function SetOn({ head }: { head: ReactNode }) {
  const { lane } = useLane();
  const view = useLiftInHand();
  const { space, flat } = useSpace();
  const step = view.next.kind === 'step' ? view.next.step : 0;
  const { watched } = useWatched(lane.session.id, view.lift.id, step);
  const after = (watched.marks?.length ?? 0) > 0;
  const room = space === 'roomy' || space === 'usual';
  return (
    <Beside
      first={
        <>
          {head}
          <LoadLine />
          {!(after && !room && !flat) && <CueCard />}
        </>
      }
      second={
        <>
          {room && <TeachStrip />}
          {room && <SetUpStrip />}
          <SeenOfSet />
        </>
      }
    />
  );
}
