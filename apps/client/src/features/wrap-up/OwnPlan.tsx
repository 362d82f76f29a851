import type { LiftPlan } from '@spalo/core/session';
import { massNumber, massText, type Unit } from '@spalo/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { Body, Quiet } from '../../design/Words';
import type { LiftView } from '../../parts/lane/lift-view';
import { typedLoad } from '../../parts/lane/typed-load';
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
  const [typed, setTyped] = useState({
    load: massNumber(plan.loadG, unit),
    reps: String(plan.reps),
    sets: String(plan.sets),
  });
  const [tried, setTried] = useState(false);
  const load = typedLoad(view.loads, typed.load, unit, 0);
  const reps = whole(typed.reps, MOST_REPS);
  const sets = whole(typed.sets, MOST_SETS);
  const take = () => {
    setTried(true);
    if (!load || reps === null || sets === null) return;
    onTake(ownPlan(plan, (load.here ?? load.below)?.loadG ?? load.typedG, reps, sets));
  };
  const field = (name: keyof typeof typed, label: string, problem: string | null) => (
    <View className="flex-1">
      <TextField
        label={label}
        value={typed[name]}
        onChange={(text) => setTyped({ ...typed, [name]: text })}
        max={7}
        inputMode={name === 'load' ? 'decimal' : 'numeric'}
        problem={tried ? problem : null}
      />
    </View>
  );
  return (
    <Sheet title={`Next time: ${view.lift.name}`} open onClose={onClose}>
      <Body>Your own numbers. What Spalo proposed is kept beside them.</Body>
      <View className="flex-row gap-2">
        {field('load', `Load, ${loadUnit(view.lift, unit)}`, load ? null : 'A load up to 1,000 kg')}
        {field('reps', 'Reps', reps === null ? `Between 1 and ${MOST_REPS}` : null)}
        {field('sets', 'Sets', sets === null ? `Between 1 and ${MOST_SETS}` : null)}
      </View>
      {load?.below && (
        <Quiet>
          {`This room has no ${massText(load.typedG, unit)} for it; ${massText(load.below.loadG, unit)} is taken.`}
        </Quiet>
      )}
      <Button kind="main" big label="Take these" onPress={take} />
    </Sheet>
  );
}
