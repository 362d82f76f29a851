import { massText } from '@spalo/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../design/Button';
import { TextField } from '../../../design/TextField';
import { Quiet } from '../../../design/Words';
import type { LiftView } from '../../../parts/lane/lift-view';
import { typedLoad } from '../../../parts/lane/typed-load';
import { useLane } from '../scene/lane-scene';

/** A load that was typed: taken as it is, with what this room has instead where it has not that. */
export function TypedLoad({ view, onPick }: { view: LiftView; onPick: (loadG: number) => void }) {
  const { unit } = useLane().lane.session;
  const [typed, setTyped] = useState('');
  const [tried, setTried] = useState(false);
  const load = typedLoad(view.loads, typed, unit, 1);
  const take = () => {
    setTried(true);
    if (load) onPick(load.here?.loadG ?? load.typedG);
  };
  return (
    <>
      <View className="flex-row items-end gap-2">
        <View className="min-w-0 flex-1">
          <TextField
            label={`Type a load, ${unit}`}
            value={typed}
            onChange={setTyped}
            max={7}
            inputMode="decimal"
            problem={tried && !load ? `A load in ${unit}, up to 1,000 kg` : null}
          />
        </View>
        <Button label="Take it" onPress={take} />
      </View>
      {load?.below && (
        <Quiet>
          {`This room has no ${massText(load.typedG, unit)} for it; the nearest below is ${massText(load.below.loadG, unit)}.`}
        </Quiet>
      )}
    </>
  );
}
