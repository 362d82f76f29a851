import { repLifts } from '@spalo/catalog';
import { stepDown, stepUp } from '@spalo/core/loads';
import type { Room } from '@spalo/core/room';
import { massText } from '@spalo/core/unit';
import type { Primer } from '@spalo/core/warm-up';
import { useState } from 'react';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button, IconButton } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { ChoiceField } from '../../design/ChoiceField';
import { Stepper } from '../../design/Stepper';
import { TextField } from '../../design/TextField';
import { Strong } from '../../design/Words';
import { loadUnit } from '../../parts/words/load-words';
import { LiftPicker } from '../../parts/pickers/LiftPicker';
import { useRoomUi } from '../../parts/room/use-room';
import { implementName } from '../../parts/words/implement-words';
import { problemText } from './bench-load';
import type { Bench } from './use-bench';

const ages = [
  { value: 1, label: 'Under 3 months' },
  { value: 6, label: '3 to 12' },
  { value: 18, label: '1 to 2 years' },
  { value: 36, label: 'Longer' },
];
const primers: { value: Primer; label: string }[] = [
  { value: 'none', label: 'No primer' },
  { value: 'working', label: 'At the load' },
  { value: 'over', label: '105–110%' },
];

/** Everything that a ramp on the bench depends on. */
export function BenchControls({ bench, rooms }: { bench: Bench; rooms: readonly Room[] }) {
  const { lift, room, options, reps, setReps } = bench;
  const chooseRoom = useRoomUi((state) => state.choose);
  const [picking, setPicking] = useState(false);
  return (
    <View className="gap-4">
      <Button
        label={lift.name}
        says={`Lift: ${lift.name}. Choose another`}
        icon="lifts"
        onPress={() => setPicking(true)}
      />
      {rooms.length > 1 && (
        <Choice
          label="Room"
          options={rooms.map((each) => ({ value: each.id, label: each.name }))}
          value={room.id}
          onChange={chooseRoom}
          wrap
        />
      )}
      {options.length > 1 && (
        <Choice
          label="Implement"
          options={options.map((each, at) => ({ value: at, label: implementName(each, room) }))}
          value={bench.optionAt}
          onChange={bench.chooseOption}
          wrap
        />
      )}
      <WorkingLoad bench={bench} />
      <Stepper
        label="Working reps"
        value={String(reps)}
        less={reps > 1 ? () => setReps(reps - 1) : null}
        more={reps < 30 ? () => setReps(reps + 1) : null}
      />
      <ChoiceField
        label="Training age"
        options={ages}
        value={bench.months}
        onChange={bench.setMonths}
        wrap
      />
      <View className="gap-1">
        <Strong>Last warm-up set</Strong>
        <Choice
          label="Primer"
          options={bench.over ? primers : primers.slice(0, 2)}
          value={bench.primer}
          onChange={bench.setPrimer}
          wrap
        />
      </View>
      {picking && (
        <LiftPicker
          title="Choose a lift"
          among={repLifts()}
          taken={[lift.id]}
          onPick={(picked) => {
            bench.chooseLift(picked);
            setPicking(false);
          }}
          onClose={() => setPicking(false)}
        />
      )}
    </View>
  );
}

/** The working load, typed or stepped through what exists; what cannot be built is answered with the nearest that can. */
function WorkingLoad({ bench }: { bench: Bench }) {
  const { lift, room, unit, loads, load, implement, take } = bench;
  const name = implement ? implementName(implement, room) : lift.name;
  const down = stepDown(loads, load.grams);
  const up = stepUp(loads, load.grams);
  return (
    <>
      <View className="flex-row items-end gap-2">
        <IconButton icon="minus" label="Next load down" onPress={() => down && take(down.loadG)} />
        <View className="min-w-0 flex-1">
          <TextField
            label={`Working load, ${loadUnit(lift, unit)}`}
            value={bench.typed}
            onChange={bench.type}
            max={8}
            inputMode="decimal"
            problem={load.wrong}
          />
        </View>
        <IconButton icon="plus" label="Next load up" onPress={() => up && take(up.loadG)} />
      </View>
      {bench.onlyEmpty && (
        <Banner kind="wait" title={`No plates here fit: ${name} is all there is`} />
      )}
      {load.problem && (
        <Banner kind="wait" title={problemText(load.problem, name, unit)}>
          <View className="flex-row flex-wrap gap-2 pt-1">
            {[load.problem.below, load.problem.above].map(
              (near) =>
                near && (
                  <Button
                    key={near.loadG}
                    label={`Take ${massText(near.loadG, unit)}`}
                    onPress={() => take(near.loadG)}
                  />
                ),
            )}
          </View>
        </Banner>
      )}
    </>
  );
}
