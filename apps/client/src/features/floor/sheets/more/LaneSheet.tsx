import { lastSet, type LoggedSet, type SessionState } from '@spalo/core/session';
import { useState } from 'react';
import { View } from 'react-native';
import { Banner } from '../../../../design/Banner';
import { Button } from '../../../../design/Button';
import { Sheet } from '../../../../design/Sheet';
import { Body } from '../../../../design/Words';
import { EmergencyCall } from '../../../../parts/client/EmergencyCall';
import { loadReps } from '../../../../parts/words/load-words';
import { attempt } from '../../../../state/problems';
import { useLane } from '../../scene/lane-scene';
import { ChooseLift } from './ChooseLift';
import { FilmASet } from './FilmASet';
import { LiftRow } from './LiftRow';
import { Notes } from './Notes';
import { PairLift } from './PairLift';
import { SetsAside } from './SetsAside';
import { SwapLift } from './SwapLift';
import { WhoTrains } from './WhoTrains';

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

/** What the lift of a set counts; undefined for reps. */
const countedIn = ({ lifts }: SessionState, set: LoggedSet) =>
  lifts.find(({ sets }) => sets.includes(set))?.plan.counted;

/** All lifts of the session, to open, move, swap or skip; undo, note and wrap-up. */
export function LaneSheet() {
  const { lane, actions, sheets, wrapUp } = useLane();
  const [adding, setAdding] = useState(false);
  const [swapping, setSwapping] = useState<string | null>(null);
  const [pairing, setPairing] = useState<string | null>(null);
  const [discarding, setDiscarding] = useState(false);
  const [nothing, setNothing] = useState<string | null>(null);
  const last = lastSet(lane.session);
  const { general } = lane;
  const left = general.steps.filter(({ state }) => state === 'skipped');
  if (discarding) return <Discard onKeep={() => setDiscarding(false)} />;
  if (adding) {
    return (
      <ChooseLift
        title="Add a lift"
        take={actions.addLift}
        onDone={(found) => {
          setNothing(found);
          setAdding(false);
        }}
      />
    );
  }
  const paired = lane.lifts.find(({ lift }) => lift.id === pairing);
  if (paired) return <PairLift view={paired} onDone={() => setPairing(null)} />;
  const swapped = lane.lifts.find(({ lift }) => lift.id === swapping);
  if (swapped) {
    return (
      <SwapLift
        view={swapped}
        onDone={(found) => {
          setNothing(found);
          setSwapping(null);
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
          <LiftRow
            key={view.lift.id}
            view={view}
            onSwap={() => setSwapping(view.lift.id)}
            onPair={() => setPairing(view.lift.id)}
          />
        ))}
      </View>
      <FilmASet />
      <Button label="Add a lift" icon="plus" onPress={() => setAdding(true)} />
      {!lane.finished && <Button label="Cut short" onPress={() => sheets.open('cut')} />}
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
      <WhoTrains />
      <SetsAside />
      <Notes />
      <Button kind="main" label="Wrap up this session" onPress={wrapUp} />
      <Button kind="stop" label="Discard this session" onPress={() => setDiscarding(true)} />
    </Sheet>
  );
}
