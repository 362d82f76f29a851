import { attempt } from '../../../state/problems';
import { FlagCard } from '../set/FlagCard';
import { PainNotes } from '../set/PainNotes';
import { StopCard } from '../set/StopCard';
import { TwiceLogged } from '../set/TwiceLogged';
import { SharedBar } from '../shared-bar/SharedBar';
import { useLane } from '../scene/lane-scene';
import { BetweenSets } from '../moments/BetweenSets';
import { Questions } from '../moments/Questions';
import { SetOn } from '../moments/SetOn';
import { WholeSet } from '../moments/WholeSet';
import { LaneHeader } from './LaneHeader';
import { LiftDone } from './LiftDone';
import { LiftRamp } from './LiftRamp';

const moments = { between: BetweenSets, set: SetOn, whole: WholeSet };

/** A lift in hand: whose and which it is, its ramp, what the moment needs of the set to do, and what stops it. */
export function LiftBody() {
  const { lane, actions, moment, openLift } = useLane();
  const view = lane.current;
  if (!view) {
    return (
      <>
        <LaneHeader />
        <LiftDone />
      </>
    );
  }
  const { next } = view;
  const Set = moments[moment];
  const head = (
    <>
      <LaneHeader />
      <LiftRamp view={view} />
      <TwiceLogged />
      {next.kind !== 'stop' && <PainNotes view={view} />}
    </>
  );
  if (next.kind === 'step' && next.asks) {
    return (
      <>
        {head}
        <FlagCard key={next.asks.flag.id} view={view} asks={next.asks} />
      </>
    );
  }
  if (next.kind === 'step') {
    return (
      <>
        <Set head={head} />
        <SharedBar />
      </>
    );
  }
  return (
    <>
      {head}
      <Questions />
      {next.kind === 'stop' && (
        <StopCard
          stop={next.stop}
          onNext={() => openLift(null)}
          client={lane.client}
          onWithdraw={(painId) =>
            attempt(() => actions.withdraw(lane, { eventIds: [painId], withdrawn: true }))
          }
        />
      )}
      {next.kind === 'done' && <LiftDone />}
    </>
  );
}
