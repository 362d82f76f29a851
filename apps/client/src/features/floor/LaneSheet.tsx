import type { CatalogueLift } from '@spalo/catalog';
import { countedSets, isClosed, liftLimit } from '@spalo/core';
import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Chip } from '../../design/Chip';
import { Sheet } from '../../design/Sheet';
import { Body, Quiet, Strong } from '../../design/Words';
import { OverrideSheet, type Closed } from '../clients/OverrideSheet';
import { LiftPicker } from '../lifts/LiftPicker';
import { lastSet, planForLane, type FloorActions } from './actions';
import type { LaneView } from './lane-view';
import { loadReps } from './words';
import { attempt } from '../../state/problems';

/** How a lift stands, in words. */
function standing(lane: LaneView, index: number): string {
  const { state, next, steps } = lane.lifts[index]!;
  if (state.skipped) return 'skipped';
  if (next.kind === 'stop') return 'stopped';
  const done = countedSets(state).length;
  return next.kind === 'done' ? 'done' : `${done} of ${steps.length} sets`;
}

/** All lifts of the session, to open or skip; undo, note and wrap-up. */
export function LaneSheet({
  lane,
  actions,
  onClose,
  onOpenLift,
  onWrapUp,
}: {
  lane: LaneView;
  actions: FloorActions;
  onClose: () => void;
  onOpenLift: (liftId: string) => void;
  onWrapUp: () => void;
}) {
  const [note, setNote] = useState('');
  const [picking, setPicking] = useState(false);
  const [closed, setClosed] = useState<Closed | null>(null);
  const [nothing, setNothing] = useState<string | null>(null);
  const { client } = lane;
  const add = (lift: CatalogueLift) =>
    attempt(async () => {
      const limit = client ? liftLimit(client, lift) : null;
      if (isClosed(limit)) {
        setClosed({ liftId: lift.id, range: null, why: limit.why, overridable: limit.overridable });
        return;
      }
      const planned = await planForLane(lane, lift.id);
      setPicking(false);
      setNothing(planned ? null : `${lane.room.name} has nothing to load ${lift.name} with`);
      if (planned) await actions.addLift(planned);
    });
  const last = lastSet(lane.session);
  const keepNote = () => {
    attempt(async () => {
      await actions.addNote(lane.current?.lift.id ?? null, note.trim());
      setNote('');
    });
  };
  if (closed && client) {
    return (
      <OverrideSheet
        client={client}
        closed={closed}
        trainerId={lane.session.trainerId}
        onClose={() => setClosed(null)}
      />
    );
  }
  if (picking) {
    return (
      <LiftPicker
        title="Add a lift"
        taken={lane.lifts.map((view) => view.lift.id)}
        note={(lift) => {
          const limit = client ? liftLimit(client, lift) : null;
          return isClosed(limit) ? limit.why : null;
        }}
        onPick={add}
        onClose={() => setPicking(false)}
      />
    );
  }
  return (
    <Sheet title={lane.name} open onClose={onClose}>
      {nothing && <Banner kind="stop" title={nothing} />}
      {lane.client?.brief ? <Body>{lane.client.brief}</Body> : null}
      <View className="gap-2">
        {lane.lifts.map((view, index) => (
          <View
            key={view.lift.id}
            className="flex-row flex-wrap items-center justify-between gap-2 rounded-2xl border-2 border-line bg-card p-2 pl-4"
          >
            <View className="min-w-[9rem] flex-1">
              <Strong>{view.lift.name}</Strong>
              <Quiet>{standing(lane, index)}</Quiet>
            </View>
            <View className="flex-row gap-2">
              <Chip
                label={view.state.skipped ? 'Take up' : 'Skip'}
                onPress={() =>
                  attempt(() => actions.skipLift(lane, view.lift.id, !view.state.skipped))
                }
              />
              <Chip label="Open" look="taken" onPress={() => onOpenLift(view.lift.id)} />
            </View>
          </View>
        ))}
      </View>
      <Button label="Add a lift" icon="plus" onPress={() => setPicking(true)} />
      {last && (
        <Button
          label={`Undo ${loadReps(last.loadG, last.reps, lane.session.unit)}`}
          onPress={() => attempt(() => actions.setVoided(last, true))}
        />
      )}
      <View className="gap-2">
        <Strong>Note</Strong>
        <TextInput
          value={note}
          onChangeText={setNote}
          aria-label="Note"
          maxLength={500}
          multiline
          className="min-h-[4rem] rounded-2xl border-2 border-slate bg-card p-3 font-text text-body text-ink"
        />
        <Button label="Keep note" disabled={note.trim() === ''} onPress={keepNote} />
        {lane.lifts.flatMap((view) =>
          view.state.notes.map((text) => (
            <Quiet key={view.lift.id + text}>{`${view.lift.name}: ${text}`}</Quiet>
          )),
        )}
        {lane.session.notes.map((text) => (
          <Quiet key={text}>{text}</Quiet>
        ))}
      </View>
      <Button kind="main" label="Wrap up this session" onPress={onWrapUp} />
    </Sheet>
  );
}
