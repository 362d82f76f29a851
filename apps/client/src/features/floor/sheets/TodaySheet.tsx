import { reserveAsked } from '@spalo/core/floor';
import { HELD_STEP } from '@spalo/core/lift';
import { atOrBelow } from '@spalo/core/loads';
import { allowedLoad, countedSets } from '@spalo/core/session';
import { massText, countText } from '@spalo/core/unit';
import { useState } from 'react';
import { Button } from '../../../design/Button';
import { Choice } from '../../../design/Choice';
import { ChoiceField } from '../../../design/ChoiceField';
import { Sheet } from '../../../design/Sheet';
import { Stepper } from '../../../design/Stepper';
import { Quiet } from '../../../design/Words';
import type { LiftView } from '../../../parts/lane/lift-view';
import { askedNow, type AskedToday } from '../../../parts/lane/asked-now';
import { clock } from '../../../design/clock';
import { loadReps } from '../../../parts/words/load-words';
import { useLane, useLiftInHand } from '../scene/lane-scene';
import { LoadStepper } from './LoadStepper';

const MOST_SETS = 12;
const MOST_AMOUNT = 100;
const REST_STEP_S = 15;
const MOST_REST_S = 900;
/** How much of the working load a drop keeps. */
const DROP_SHARE = 0.75;
const reserve = [0, 1, 2, 3, 4].map((value) => ({ value, label: String(value) }));

/** A number that goes up and down between its ends. */
function Count({
  label,
  value,
  shown = String(value),
  by = 1,
  least,
  most,
  onChange,
}: {
  label: string;
  value: number;
  shown?: string;
  by?: number;
  least: number;
  most: number;
  onChange: (value: number) => void;
}) {
  return (
    <Stepper
      label={label}
      value={shown}
      less={value - by >= least ? () => onChange(value - by) : null}
      more={value + by <= most ? () => onChange(value + by) : null}
    />
  );
}

/** The load of this room for what is believed to fit, under what may not be exceeded today. */
const fittingLoad = ({ loads, state }: LiftView, wanted: number) =>
  atOrBelow(loads, allowedLoad(wanted, state.plan, loads));

/** Sets, reps, reserve, load and rest of the working sets of today. Other reps bring the load that fits them. */
export function TodaySheet() {
  const { lane, actions, sheets } = useLane();
  const view = useLiftInHand();
  const { unit } = lane.session;
  const { counted } = view.state.plan;
  const [asked, setAsked] = useState(() => askedNow(view));
  const [ownLoad, setOwnLoad] = useState(false);
  const { sets, reps, targetRir, loadG, restS, dropG } = asked;
  const change = (part: Partial<AskedToday>) => setAsked({ ...asked, ...part });
  const fitting = (part: Pick<AskedToday, 'reps' | 'targetRir'>) =>
    fittingLoad(view, lane.strength.loadFor(view.lift, part.reps, part.targetRir).start);
  /** Other reps or another reserve: with the load for them, until the trainer has said one. */
  const askFor = (part: Partial<Pick<AskedToday, 'reps' | 'targetRir'>>) => {
    const found = counted ? null : fitting({ reps, targetRir, ...part });
    change({ ...part, ...(found && !ownLoad && { loadG: found.loadG }) });
  };
  const takeLoad = (taken: number) => {
    setOwnLoad(true);
    change({ loadG: taken });
  };
  const suggested = counted ? null : fitting({ reps, targetRir });
  const drop =
    view.lift.restClass === 'small' && !counted ? atOrBelow(view.loads, loadG * DROP_SHARE) : null;
  const done = countedSets(view.state, 'working').length;
  const what = `${countText(sets, 'set')} of ${loadReps(loadG, reps, unit, counted)}`;
  return (
    <Sheet title="Working sets today" open onClose={sheets.close}>
      <Count
        label="Sets"
        value={sets}
        least={Math.max(1, done)}
        most={MOST_SETS}
        onChange={(value) => change({ sets: value })}
      />
      <Count
        label={counted ?? 'Reps'}
        value={reps}
        by={counted ? HELD_STEP : 1}
        least={counted ? HELD_STEP : 1}
        most={MOST_AMOUNT}
        onChange={(value) => askFor({ reps: value })}
      />
      {!counted && (
        <ChoiceField
          label="Clean reps to leave in reserve"
          options={reserve}
          value={reserveAsked(view.state.plan) === null ? null : targetRir}
          figures
          onChange={(value) => askFor({ targetRir: value })}
        />
      )}
      <LoadStepper view={view} loadG={loadG} onPick={takeLoad} />
      {suggested && suggested.loadG !== loadG && (
        <Quiet>{`Believed to fit: ${massText(suggested.loadG, unit)} for ${reps} with ${targetRir} in reserve.`}</Quiet>
      )}
      <Count
        label="Rest after each"
        value={restS}
        shown={clock(restS)}
        by={REST_STEP_S}
        least={0}
        most={MOST_REST_S}
        onChange={(value) => change({ restS: value })}
      />
      {drop && (
        <Choice
          label="After the last set"
          options={[
            { value: false, label: 'Nothing more' },
            { value: true, label: `Drop to ${massText(drop.loadG, unit)}` },
          ]}
          value={dropG !== null}
          onChange={(dropped) => change({ dropG: dropped ? drop.loadG : null })}
        />
      )}
      <Quiet>For today. What is decided for next time goes on from the plan.</Quiet>
      <Button
        kind="main"
        big
        label={`Do ${what}`}
        onPress={() => sheets.closing(() => actions.askToday(lane, view, asked))}
      />
    </Sheet>
  );
}
