import { amountText, asksVerdict, massNumber } from '@spalo/core';
import { useState } from 'react';
import { useWindowDimensions } from 'react-native';
import { Ramp } from '../../../design/Ramp';
import type { LiftView } from '../../../parts/lane/lift-view';
import { loadUnit } from '../../../parts/words/load-words';
import { attempt } from '../../../state/problems';
import { JudgeCue } from '../set/JudgeCue';
import { PainNotes } from '../set/PainNotes';
import { StopCard } from '../set/StopCard';
import { TwiceLogged } from '../set/TwiceLogged';
import { VerdictCard } from '../set/VerdictCard';
import { WatchedSet } from '../set/WatchedSet';
import { SharedBar } from '../shared-bar/SharedBar';
import { LiftDone } from './LiftDone';
import { useLane } from '../scene/lane-scene';

const TALL = 900;
/** Height of sets that nothing is lifted in: there is no climb to see. */
const BARE = 20;

/** The ramp of the lift in hand: every set a step, a tap opens it. */
function LiftRamp({ view }: { view: LiftView }) {
  const { lane, sheets } = useLane();
  const tall = useWindowDimensions().height >= TALL;
  const { unit } = lane.session;
  const { counted } = view.state.plan;
  const bare = view.ramp.every(({ load }) => load === 0);
  return (
    <Ramp
      steps={view.ramp}
      lastTime={view.state.plan.lastTime.map(({ kind, loadG, reps }) => ({
        kind,
        load: loadG,
        reps,
      }))}
      loadText={(load) => (counted && load === 0 ? '' : massNumber(load, unit))}
      unit={loadUnit(view.lift, unit)}
      held={counted && ((amount) => amountText(amount, counted))}
      onOpen={sheets.openStep}
      height={bare ? BARE : tall ? 150 : 88}
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
      <TwiceLogged />
      {next.kind !== 'stop' && <PainNotes view={view} />}
      {next.kind === 'step' && <JudgeCue />}
      {verdictFirst && verdict}
      <SharedBar />
      {next.kind === 'step' && <WatchedSet key={lift.id} />}
      {!verdictFirst && verdict}
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
