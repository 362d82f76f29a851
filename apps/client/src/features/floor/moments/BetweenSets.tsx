import type { ReactNode } from 'react';
import { useSpace } from '../../../design/use-space';
import { useLiftInHand } from '../scene/lane-scene';
import { NowCard } from '../set/NowCard';
import { SetUpStrip } from '../set/SetUpStrip';
import { TeachStrip } from '../set/TeachStrip';
import { LaterEndsLate } from '../set/later-time-left';
import { Beside } from './Beside';
import { Questions } from './Questions';

/** Between sets: the clock, what comes and how it is loaded, and one question at a time that can wait. */
export function BetweenSets({ head }: { head: ReactNode }) {
  const { space, least, flat } = useSpace();
  const view = useLiftInHand();
  const warmUp = view.next.kind === 'step' && view.next.set.kind === 'warm-up';
  return (
    <Beside
      first={
        <>
          {head}
          {flat && <Questions />}
        </>
      }
      second={
        <>
          <NowCard />
          {!flat && <Questions />}
          {!least && <TeachStrip />}
          {warmUp && space === 'roomy' ? <SetUpStrip /> : !least && <LaterEndsLate />}
        </>
      }
    />
  );
}
