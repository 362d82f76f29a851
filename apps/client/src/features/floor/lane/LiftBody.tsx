import { asksVerdict, massNumber } from '@spalo/core';
import { useState } from 'react';
import { useWindowDimensions } from 'react-native';
import { Ramp } from '../../../design/Ramp';
import type { LiftView } from '../../../parts/lane/lift-view';
import { loadUnit } from '../../../parts/words/load-words';
import { attempt } from '../../../state/problems';
import { StopCard } from '../set/StopCard';
import { VerdictCard } from '../set/VerdictCard';
import { WatchedSet } from '../set/WatchedSet';
import { SharedBar } from '../shared-bar/SharedBar';
import { LiftDone } from './LiftDone';
import { useLane } from '../scene/lane-scene';

const TALL = 900;

/** The ramp of the lift in hand: every set a step, a tap opens it. */
function LiftRamp({ view }: { view: LiftView }) {
  const { lane, sheets } = useLane();
  const tall = useWindowDimensions().height >= TALL;
  const { unit } = lane.session;
  return (
    <Ramp
      steps={view.ramp}
      lastTime={view.state.plan.lastTime.map(({ kind, loadG, reps }) => ({
        kind,
        load: loadG,
        reps,
      }))}
      loadText={(load) => massNumber(load, unit)}
      unit={loadUnit(view.lift, unit)}
      onOpen={sheets.openStep}
      height={tall ? 150 : 88}
    />
  );
}

/** A lift in hand: its ramp, the set to do, what stops it, and how its warm-up was. */
export function LiftBody() {
  const { lane, actions, resting, openLift } = useLane();
  /** The lift whose verdict is being changed or noted on. */
  const [noting, setNoting] = useState<string | null>(null);
  const view = lane.current;
  if (!view) return <LiftDone />;
  const { lift, next } = view;
  const isNoting = noting === lift.id;
  // The question is for the rest after the first working set; then the set that follows comes first.
  const verdictFirst = resting || isNoting || next.kind !== 'step';
  const verdict = asksVerdict(view.state) && (
    <VerdictCard
      key={`${lift.id} verdict`}
      noting={isNoting}
      onNote={() => setNoting(lift.id)}
      onJudge={(answer, note) => {
        setNoting(null);
        attempt(() => actions.judgeWarmUp(lift.id, answer, note));
      }}
    />
  );
  return (
    <>
      <LiftRamp view={view} />
      {verdictFirst && verdict}
      <SharedBar />
      {next.kind === 'step' && <WatchedSet key={lift.id} />}
      {!verdictFirst && verdict}
      {next.kind === 'stop' && (
        <StopCard
          stop={next.stop}
          onNext={() => openLift(null)}
          client={lane.client}
          onWithdraw={(painId) => attempt(() => actions.withdrawPain(lane, painId))}
        />
      )}
      {next.kind === 'done' && <LiftDone />}
    </>
  );
}
