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
import { EmergencyCall } from '../../../parts/client/EmergencyCall';
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

/** Something that was stored, and the way to have it otherwise. */
function Stored({
  text,
  word,
  says,
  onPress,
}: {
  text: string;
  word: string;
  /** Read out instead of the word. */
  says: string;
  onPress: () => Promise<unknown>;
}) {
  return (
    <View className="flex-row items-center justify-between gap-3">
      <Body className="shrink">{text}</Body>
      <Chip label={word} says={says} onPress={() => attempt(onPress)} />
    </View>
  );
}

/** Sets that were removed today, each to be brought back. */
function RemovedSets() {
  const { lane, actions } = useLane();
  const { unit } = lane.session;
  return lane.lifts.flatMap(({ lift, state }) =>
    state.sets
      .filter((set) => set.voided)
      .map((set) => {
        const what = `${lift.name} ${loadReps(set.loadG, set.reps, unit, state.plan.counted)}`;
        return (
          <Stored
            key={set.id}
            text={`Removed: ${what}`}
            word="Bring back"
            says={`Bring back ${what}`}
            onPress={() => actions.setVoided(set, false)}
          />
        );
      }),
  );
}

/** The whole session was a mistake: asked once more, and kept in the log. */
function Discard({ onKeep }: { onKeep: () => void }) {
  const { lane, actions, sheets } = useLane();
  const discard = () =>
    sheets.closing(() =>
      actions.withdraw(lane, { eventIds: [lane.session.startId], withdrawn: true }),
    );
  return (
    <Sheet title={`Discard the session of ${lane.name}?`} open onClose={onKeep}>
      <Body>
        For one that was started by mistake. It leaves the floor, the history and what is believed;
        the booking is open again.
      </Body>
      <Button kind="stop" big label="Discard" onPress={discard} />
      <Button label="Keep it" onPress={onKeep} />
    </Sheet>
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
  const kept = [
    ...lane.lifts.flatMap(({ lift, state }) =>
      state.notes.map(({ id, text }) => ({ id, text: `${lift.name}: ${text}` })),
    ),
    ...lane.session.notes,
  ];
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
      {kept.map(({ id, text }) => (
        <Stored
          key={id}
          text={text}
          word="Remove"
          says={`Remove: ${text}`}
          onPress={() => actions.withdraw(lane, { eventIds: [id], withdrawn: true })}
        />
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
  const [discarding, setDiscarding] = useState(false);
  const [nothing, setNothing] = useState<string | null>(null);
  const last = lastSet(lane.session);
  const { general } = lane;
  const left = general.steps.filter(({ state }) => state === 'skipped');
  if (discarding) return <Discard onKeep={() => setDiscarding(false)} />;
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
      <EmergencyCall client={lane.client} />
      <View className="gap-2">
        {lane.lifts.map((view) => (
          <LiftRow key={view.lift.id} view={view} />
        ))}
      </View>
      <Button label="Add a lift" icon="plus" onPress={() => setAdding(true)} />
      {!general.active && left.length > 0 && (
        <Button
          label="Back to the general warm-up"
          onPress={() =>
            sheets.closing(() =>
              actions.markDrills(
                left.map(({ drillId }) => drillId),
                'open',
              ),
            )
          }
        />
      )}
      {last && (
        <Button
          label={`Undo ${loadReps(last.loadG, last.reps, lane.session.unit, countedIn(lane.session, last))}`}
          onPress={() => attempt(() => actions.setVoided(last, true))}
        />
      )}
      <RemovedSets />
      <Notes />
      <Button kind="main" label="Wrap up this session" onPress={wrapUp} />
      <Button kind="stop" label="Discard this session" onPress={() => setDiscarding(true)} />
    </Sheet>
  );
}
