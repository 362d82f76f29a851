import {
  exactly,
  massNumber,
  stepDown,
  stepUp,
  type LoggedSet,
  type Room,
  type SetResult,
  type Unit,
} from '@spalo/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { buildText } from '../../design/load-text';
import { Sheet } from '../../design/Sheet';
import { Stepper } from '../../design/Stepper';
import { Body, Quiet } from '../../design/Words';
import { buildOf } from './build';
import type { LiftView } from './lane-view';
import { SetWatch, type Watched } from './SetWatch';
import { correctionText } from './set-words';
import { clock, loadReps, loadUnit } from './words';

function Corrected({
  set,
  view,
  unit,
  onSave,
  onRemove,
}: {
  set: LoggedSet;
  view: LiftView;
  unit: Unit;
  onSave: (result: SetResult) => void;
  onRemove: () => void;
}) {
  const [loadG, setLoadG] = useState(set.loadG);
  const [watched, setWatched] = useState<Watched>({
    reps: set.reps,
    marks: set.marks,
    rir: set.rir,
  });
  const down = stepDown(view.loads, loadG);
  const up = stepUp(view.loads, loadG);
  const save = () => {
    const cleanReps = watched.reps - new Set(watched.marks.map((mark) => mark.rep)).size;
    onSave({ ...watched, loadG, cleanReps });
  };
  return (
    <>
      <Stepper
        label={`Load, ${loadUnit(view.lift, unit)}`}
        value={massNumber(loadG, unit)}
        less={down && (() => setLoadG(down.loadG))}
        more={up && (() => setLoadG(up.loadG))}
      />
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
      <Button kind="main" big label="Save correction" onPress={save} />
      <Button kind="stop" label="Remove this set" onPress={onRemove} />
    </>
  );
}

/** A step of the ramp, opened: a done set to correct, or a coming one to look at. */
export function SetSheet({
  view,
  room,
  index,
  unit,
  onClose,
  onSave,
  onRemove,
}: {
  view: LiftView;
  room: Room;
  index: number;
  unit: Unit;
  onClose: () => void;
  onSave: (set: LoggedSet, result: SetResult) => void;
  onRemove: (set: LoggedSet) => void;
}) {
  const item = view.ramp[index];
  const set = view.setOfStep[index] ?? null;
  const step = view.steps[index];
  const title = item
    ? `${item.kind === 'working' ? 'Working set' : 'Warm-up set'}, ${loadReps(item.load, item.reps, unit)}`
    : '';
  const usual = item && exactly(view.loads, item.load)?.build;
  const build =
    (step && step.loadG === item?.load && buildOf(step, view.state.plan.implement, room, null)) ??
    usual;
  return (
    <Sheet title={title} open={item !== undefined} onClose={onClose}>
      {set && (
        <Corrected
          key={set.id}
          set={set}
          view={view}
          unit={unit}
          onSave={(result) => onSave(set, result)}
          onRemove={() => onRemove(set)}
        />
      )}
      {!set && step && (
        <View className="gap-2">
          {step.purpose ? <Body>{`For: ${step.purpose}.`}</Body> : null}
          {build && <Body>{`${buildText(build, null)}.`}</Body>}
          <Body>{`Then rest ${clock(step.restS)}.`}</Body>
        </View>
      )}
    </Sheet>
  );
}
