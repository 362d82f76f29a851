import { liftById } from '@spalo/catalog';
import type { Account } from '@spalo/contract';
import type { EventPayloads } from '@spalo/core/session';
import type { PastSet } from '@spalo/core/strength';
import { massNumber, typedMass } from '@spalo/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { Quiet, Strong } from '../../design/Words';
import { changeSet, findSet, type SetChange } from '../../state/past-session';
import { attempt } from '../../state/problems';

type ChangeOne = <T extends Exclude<SetChange, 'set.corrected'>>(
  type: T,
  payload: EventPayloads[T],
) => void;

const reserve = [0, 1, 2, 3, 4].map((value) => ({ value, label: value === 4 ? '4+' : `${value}` }));

/** A set that was logged, as its session or the evidence knows it. */
export type DoneSet = Pick<PastSet, 'id' | 'sessionId' | 'liftId' | 'loadG' | 'cleanReps' | 'rir'>;

/** How a set stands in its session. */
export interface Standing {
  voided: boolean;
  representative: boolean;
  /** Another was logged for the same step before it. */
  duplicate: boolean;
}

/** Takes a set out of its session or brings it back; leaves it out of what is believed or counts it again. */
function ChangeStanding({
  past,
  standing,
  account,
  onClose,
}: {
  past: DoneSet;
  standing: Standing;
  account: Account;
  onClose: () => void;
}) {
  const { voided, representative, duplicate } = standing;
  const change: ChangeOne = (type, payload) =>
    attempt(async () => {
      await changeSet(past.sessionId, account.trainer.id, type, payload);
      onClose();
    });
  return (
    <>
      {duplicate && (
        <>
          <Quiet>Logged twice for one step: the earlier set counts.</Quiet>
          <Button
            label="It was a set of its own"
            onPress={() => change('set.told-apart', { setId: past.id })}
          />
        </>
      )}
      {!voided && !duplicate && (
        <Button
          label={representative ? 'Leave it out of what is believed' : 'Count it again'}
          onPress={() =>
            change('set.judged', {
              setId: past.id,
              representative: !representative,
              reason: null,
            })
          }
        />
      )}
      <Button
        kind={voided ? 'plain' : 'stop'}
        label={voided ? 'Bring this set back' : 'Remove this set'}
        onPress={() => change('set.voided', { setId: past.id, voided: !voided })}
      />
    </>
  );
}

/** Corrects a set of any session: load, clean reps, reserve; and, by its `standing`, takes it out or back. What it was stays in the log. */
export function CorrectSet({
  past,
  standing,
  account,
  onClose,
}: {
  past: DoneSet;
  standing?: Standing;
  account: Account;
  onClose: () => void;
}) {
  const { unit } = account.studio;
  const shown = massNumber(past.loadG, unit);
  const [load, setLoad] = useState(shown);
  const [reps, setReps] = useState(String(past.cleanReps));
  const [rir, setRir] = useState(past.rir ?? 2);
  const [tried, setTried] = useState(false);
  // A load left as it is shown is the load that was done.
  const loadG = load === shown ? past.loadG : typedMass(load, unit);
  const count = Number(reps);
  const loadWrong = loadG === null || loadG < 0 || loadG > 1_000_000;
  const repsWrong = !Number.isInteger(count) || count < 0 || count > 100 || reps.trim() === '';
  const save = () => {
    setTried(true);
    if (loadWrong || repsWrong) return;
    attempt(async () => {
      const set = await findSet(past.sessionId, past.id);
      const unclean = set.reps - set.cleanReps;
      const total = Math.min(100, count + unclean);
      await changeSet(past.sessionId, account.trainer.id, 'set.corrected', {
        setId: set.id,
        loadG,
        reps: total,
        cleanReps: count,
        marks: set.marks.filter((mark) => mark.rep <= total),
        rir,
      });
      onClose();
    });
  };
  return (
    <Sheet title={`Correct: ${liftById(past.liftId).name}`} open onClose={onClose}>
      <View className="flex-row gap-2">
        <View className="flex-1">
          <TextField
            label={`Load, ${unit}`}
            value={load}
            onChange={setLoad}
            max={8}
            inputMode="decimal"
            problem={tried && loadWrong ? 'A load up to 1,000 kg' : null}
          />
        </View>
        <View className="flex-1">
          <TextField
            label="Clean reps"
            value={reps}
            onChange={setReps}
            max={3}
            inputMode="numeric"
            problem={tried && repsWrong ? 'Between 0 and 100' : null}
          />
        </View>
      </View>
      <Strong>Clean reps in reserve</Strong>
      <Choice label="Reserve of the set" options={reserve} value={rir} onChange={setRir} figures />
      <Quiet>What it was before stays in the session’s log.</Quiet>
      <Button kind="main" label="Save correction" onPress={save} />
      {standing && (
        <ChangeStanding past={past} standing={standing} account={account} onClose={onClose} />
      )}
    </Sheet>
  );
}
