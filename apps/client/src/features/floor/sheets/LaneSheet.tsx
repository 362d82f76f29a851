import {
  countedSets,
  isClosed,
  lastSet,
  liftLimit,
  type Lift,
  type Limit,
  type LoggedSet,
  type SessionState,
} from '@spalo/core';
import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { Banner } from '../../../design/Banner';
import { Button } from '../../../design/Button';
import { Chip } from '../../../design/Chip';
import { Sheet } from '../../../design/Sheet';
import { Body, Quiet, Strong } from '../../../design/Words';
import { OverrideSheet, type Closed } from '../../../parts/client/OverrideSheet';
import type { LiftView } from '../../../parts/lane/lift-view';
import { planForLane } from '../../../parts/lane/plan-for-lane';
import { LiftPicker } from '../../../parts/pickers/LiftPicker';
import { loadReps } from '../../../parts/words/load-words';
import { attempt } from '../../../state/problems';
import { useLane } from '../scene/lane-scene';

/** How far a lift is, in words. */
function progress({ state, next, steps }: LiftView): string {
  if (state.skipped) return 'skipped';
  if (next.kind === 'stop') return 'stopped';
  return next.kind === 'done' ? 'done' : `${countedSets(state).length} of ${steps.length} sets`;
}

/** A lift of the session: how far it is, to leave out, to take up or to look at. */
function LiftRow({ view }: { view: LiftView }) {
  const { lane, actions, sheets, openLift } = useLane();
  const { lift, state } = view;
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-2 rounded-2xl border-2 border-line bg-card p-2 pl-4">
      <View className="min-w-[9rem] flex-1">
        <Strong>{lift.name}</Strong>
        <Quiet>{progress(view)}</Quiet>
      </View>
      <View className="flex-row gap-2">
        <Chip
          label={state.skipped ? 'Take up' : 'Skip'}
          says={`${state.skipped ? 'Take up' : 'Skip'} ${lift.name}`}
          onPress={() => attempt(() => actions.skipLift(lane, lift.id, !state.skipped))}
        />
        <Chip
          label="Open"
          says={`Open ${lift.name}`}
          look="taken"
          onPress={() => {
            openLift(lift.id);
            sheets.close();
          }}
        />
      </View>
    </View>
  );
}

/** Notes on the lift in hand or the session, and a place for another. */
function Notes() {
  const { lane, actions } = useLane();
  const [note, setNote] = useState('');
  const keep = () =>
    attempt(async () => {
      await actions.addNote(lane.current?.lift.id ?? null, note.trim());
      setNote('');
    });
  return (
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
      <Button label="Keep note" disabled={note.trim() === ''} onPress={keep} />
      {lane.lifts.flatMap((view) =>
        view.state.notes.map((text) => (
          <Quiet key={view.lift.id + text}>{`${view.lift.name}: ${text}`}</Quiet>
        )),
      )}
      {lane.session.notes.map((text) => (
        <Quiet key={text}>{text}</Quiet>
      ))}
    </View>
  );
}

/** What the lift of a set counts; undefined for reps. */
const countedIn = ({ lifts }: SessionState, set: LoggedSet) =>
  lifts.find(({ sets }) => sets.includes(set))?.plan.counted;

/** Another lift for the session. One that is closed asks for the reason to open it. */
function AddLift({ onDone }: { onDone: (nothing: string | null) => void }) {
  const { lane, actions } = useLane();
  const [closed, setClosed] = useState<Closed | null>(null);
  const { client } = lane;
  const limitOf = (lift: Lift): Limit | null =>
    client ? liftLimit(client, lift, lane.session.startedAt) : null;
  const add = (lift: Lift) =>
    attempt(async () => {
      const limit = limitOf(lift);
      if (isClosed(limit)) {
        const { why, overridable } = limit;
        setClosed({ liftId: lift.id, range: null, why, overridable });
        return;
      }
      const planned = await planForLane(lane, lift.id);
      onDone(planned ? null : `${lane.room.name} has nothing to load ${lift.name} with`);
      if (planned) await actions.addLift(planned);
    });
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
  return (
    <LiftPicker
      title="Add a lift"
      taken={lane.lifts.map((view) => view.lift.id)}
      note={(lift) => {
        const limit = limitOf(lift);
        return isClosed(limit) ? limit.why : null;
      }}
      onPick={add}
      onClose={() => onDone(null)}
    />
  );
}

/** All lifts of the session, to open or skip; undo, note and wrap-up. */
export function LaneSheet() {
  const { lane, actions, sheets, wrapUp } = useLane();
  const [adding, setAdding] = useState(false);
  const [nothing, setNothing] = useState<string | null>(null);
  const last = lastSet(lane.session);
  if (adding) {
    return (
      <AddLift
        onDone={(found) => {
          setNothing(found);
          setAdding(false);
        }}
      />
    );
  }
  return (
    <Sheet title={lane.name} open onClose={sheets.close}>
      {nothing && <Banner kind="stop" title={nothing} />}
      {lane.client?.brief ? <Body>{lane.client.brief}</Body> : null}
      <View className="gap-2">
        {lane.lifts.map((view) => (
          <LiftRow key={view.lift.id} view={view} />
        ))}
      </View>
      <Button label="Add a lift" icon="plus" onPress={() => setAdding(true)} />
      {last && (
        <Button
          label={`Undo ${loadReps(last.loadG, last.reps, lane.session.unit, countedIn(lane.session, last))}`}
          onPress={() => attempt(() => actions.setVoided(last, true))}
        />
      )}
      <Notes />
      <Button kind="main" label="Wrap up this session" onPress={wrapUp} />
    </Sheet>
  );
}
