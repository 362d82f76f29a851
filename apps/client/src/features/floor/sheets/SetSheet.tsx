import { buildOf, cleanRepsOf } from '@spalo/core/floor';
import { exactly } from '@spalo/core/loads';
import { lookedAtFor, nextStepIndex, type LoggedSet, type SetResult } from '@spalo/core/session';
import { purposeText } from '@spalo/core/words';
import { attempt } from '../../../state/problems';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../design/Button';
import { buildText } from '../../../design/load-text';
import { Sheet } from '../../../design/Sheet';
import { Body, Quiet } from '../../../design/Words';
import type { LiftView } from '../../../parts/lane/lift-view';
import { useStyle } from '../../../parts/lesson/use-style';
import { useLane, useLiftInHand } from '../scene/lane-scene';
import { SetWatch } from '../set/SetWatch';
import { LoadStepper } from './LoadStepper';
import { correctionText } from '../../../parts/words/set-words';
import { clock } from '../../../design/clock';
import { loadReps } from '../../../parts/words/load-words';

/** A set that was done: what was done really, or that it was not done at all. */
function DoneSet({ set, view }: { set: LoggedSet; view: LiftView }) {
  const { lane, actions, sheets, keepUnlessDoubtful } = useLane();
  const { unit } = lane.session;
  const [loadG, setLoadG] = useState(set.loadG);
  const [watched, setWatched] = useState<Pick<SetResult, 'reps' | 'marks' | 'rir'>>({
    reps: set.reps,
    marks: set.marks,
    rir: set.rir,
  });
  const style = useStyle(view.lift.id, view.style.id, lane.client);
  const looked = lookedAtFor(view.state, set).flatMap(
    ({ checkpointId }) => style?.checkpoints.find(({ id }) => id === checkpointId)?.look ?? [],
  );
  const save = () => {
    const result = { ...watched, loadG, cleanReps: cleanRepsOf(watched) };
    sheets.close();
    const { kind, proposed } = set;
    const asked = {
      ...proposed,
      kind,
      liftId: view.lift.id,
      targetRir: view.state.plan.targetRir,
      bySpalo: false,
    };
    keepUnlessDoubtful(asked, result, () => attempt(() => actions.correct(set, result)));
  };
  return (
    <>
      <LoadStepper view={view} loadG={loadG} onPick={setLoadG} />
      <SetWatch
        view={view}
        value={watched}
        past={[]}
        onChange={(change) => setWatched({ ...watched, ...change })}
      />
      {set.corrections.map((correction) => (
        <Quiet
          key={correction.eventId}
        >{`Corrected: ${correctionText(correction.before, unit)}`}</Quiet>
      ))}
      {looked.length > 0 && (
        <Quiet>{`Looked at before it: ${looked.join(', ').toLowerCase()}.`}</Quiet>
      )}
      <Button kind="main" big label="Save correction" onPress={save} />
      <Button
        kind="stop"
        label="Remove this set"
        onPress={() => sheets.closing(() => actions.setVoided(set, true))}
      />
    </>
  );
}

/** A step of the ramp, opened: a done set to correct, or a coming one to look at. */
export function SetSheet() {
  const { lane, sheets } = useLane();
  const view = useLiftInHand();
  const { room, session } = lane;
  const item = view.ramp[sheets.step];
  const set = view.setOfStep[sheets.step] ?? null;
  const step = view.steps[sheets.step];
  if (!item) return null;
  const title = `${item.kind === 'working' ? 'Working set' : 'Warm-up set'}, ${loadReps(item.load, item.reps, session.unit, view.state.plan.counted)}`;
  const planned = step?.loadG === item.load ? step : null;
  const build =
    (planned && buildOf(planned, view.state.plan.implement, room, null)) ??
    exactly(view.loads, item.load)?.build;
  return (
    <Sheet title={title} open onClose={sheets.close}>
      {set && <DoneSet key={set.id} set={set} view={view} />}
      {!set && step && (
        <View className="gap-2">
          {step.purpose ? <Body>{`For: ${purposeText(step.purpose)}.`}</Body> : null}
          {build && <Body>{`${buildText(build, null)}.`}</Body>}
          <Body>{`Then rest ${clock(step.restS)}.`}</Body>
          {step.kind === 'working' && (
            <Button label="Other working sets today" onPress={() => sheets.open('today')} />
          )}
          {step.kind === 'warm-up' && sheets.step === nextStepIndex(view.state) && (
            <Button label="Another load for it" onPress={() => sheets.open('load')} />
          )}
        </View>
      )}
    </Sheet>
  );
}
