import type { ReactNode } from 'react';
import { useSpace } from '../../../design/use-space';
import { useSeen } from '../scene/use-seen';
import { CueCard } from '../set/CueCard';
import { LoadLine } from '../set/LoadLine';
import { SetUpStrip } from '../set/SetUpStrip';
import { TeachStrip } from '../set/TeachStrip';
import { Beside } from './Beside';
import { SeenOfSet } from './SeenOfSet';

/** The set is on: cue and reps; once something was seen, that and what was left have the room. */
export function SetOn({ head }: { head: ReactNode }) {
  const { watched } = useSeen();
  const { ample, flat } = useSpace();
  const after = (watched.marks?.length ?? 0) > 0;
  return (
    <Beside
      first={
        <>
          {head}
          <LoadLine />
          {!(after && !ample && !flat) && <CueCard />}
        </>
      }
      second={
        <>
          {ample && <TeachStrip />}
          {ample && <SetUpStrip />}
          <SeenOfSet />
        </>
      }
    />
  );
}
