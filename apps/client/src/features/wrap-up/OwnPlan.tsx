import {
  atOrBelow,
  massNumber,
  massText,
  shownAs,
  toGrams,
  type LiftPlan,
  type Unit,
} from '@spalo/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { Body, Quiet } from '../../design/Words';
import type { LiftView } from '../../parts/lane/lift-view';
import { loadUnit } from '../../parts/words/load-words';
import { ownPlan } from './wrap-up-cards';

const MOST_REPS = 50;
const MOST_SETS = 12;

const whole = (text: string, most: number): number | null => {
  const value = Number(text);
  return text.trim() !== '' && Number.isInteger(value) && value >= 1 && value <= most
    ? value
    : null;
};

/** The trainer's own load, reps and sets for next time; a load that the room has not is the nearest below it. */
export function OwnPlan({
  view,
  plan,
  unit,
  onTake,
  onClose,
}: {
  view: LiftView;
  plan: LiftPlan;
  unit: Unit;
  onTake: (plan: LiftPlan) => void;
  onClose: () => void;
}) {
  const [load, setLoad] = useState(massNumber(plan.loadG, unit));
  const [reps, setReps] = useState(String(plan.reps));
  const [sets, setSets] = useState(String(plan.sets));
  const [tried, setTried] = useState(false);
  const readG = toGrams(Number(load.trim().replace(',', '.')), unit);
  const loadWrong = load.trim() === '' || !(readG >= 0 && readG <= 1_000_000);
  // A load typed as it is shown is that load.
  const here = loadWrong ? null : shownAs(view.loads, readG, unit);
  const below = loadWrong || here ? null : atOrBelow(view.loads, readG);
  const [askedReps, askedSets] = [whole(reps, MOST_REPS), whole(sets, MOST_SETS)];
  const take = () => {
    setTried(true);
    if (loadWrong || askedReps === null || askedSets === null) return;
    onTake(ownPlan(plan, here?.loadG ?? below?.loadG ?? readG, askedReps, askedSets));
  };
  return (
    <Sheet title={`Next time: ${view.lift.name}`} open onClose={onClose}>
      <Body>Your own numbers. What Spalo proposed is kept beside them.</Body>
      <View className="flex-row gap-2">
        <View className="flex-1">
          <TextField
            label={`Load, ${loadUnit(view.lift, unit)}`}
            value={load}
            onChange={setLoad}
            max={7}
            inputMode="decimal"
            problem={tried && loadWrong ? 'A load up to 1,000 kg' : null}
          />
        </View>
        <View className="flex-1">
          <TextField
            label="Reps"
            value={reps}
            onChange={setReps}
            max={3}
            inputMode="numeric"
            problem={tried && askedReps === null ? `Between 1 and ${MOST_REPS}` : null}
          />
        </View>
        <View className="flex-1">
          <TextField
            label="Sets"
            value={sets}
            onChange={setSets}
            max={2}
            inputMode="numeric"
            problem={tried && askedSets === null ? `Between 1 and ${MOST_SETS}` : null}
          />
        </View>
      </View>
      {below && (
        <Quiet>
          {`This room has no ${massText(readG, unit)} for it; ${massText(below.loadG, unit)} is taken.`}
        </Quiet>
      )}
      <Button kind="main" big label="Take these" onPress={take} />
    </Sheet>
  );
}
