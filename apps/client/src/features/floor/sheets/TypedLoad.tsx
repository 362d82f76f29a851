import { atOrBelow, massText, shownAs, toGrams } from '@spalo/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../design/Button';
import { TextField } from '../../../design/TextField';
import { Quiet } from '../../../design/Words';
import type { LiftView } from '../../../parts/lane/lift-view';
import { useLane } from '../scene/lane-scene';

/** A load that was typed: taken as it is, with what this room has instead where it has not that. */
export function TypedLoad({ view, onPick }: { view: LiftView; onPick: (loadG: number) => void }) {
  const { unit } = useLane().lane.session;
  const [typed, setTyped] = useState('');
  const [tried, setTried] = useState(false);
  const readG = toGrams(Number(typed.trim().replace(',', '.')), unit);
  const wrong = typed.trim() === '' || !(readG > 0 && readG <= 1_000_000);
  // What is shown is rounded: a load typed as it is shown is that load.
  const here = wrong ? null : shownAs(view.loads, readG, unit);
  const below = wrong || here ? null : atOrBelow(view.loads, readG);
  const take = () => {
    setTried(true);
    if (!wrong) onPick(here?.loadG ?? readG);
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
            problem={tried && wrong ? `A load in ${unit}, up to 1,000 kg` : null}
          />
        </View>
        <Button label="Take it" onPress={take} />
      </View>
      {below && (
        <Quiet>
          {`This room has no ${massText(readG, unit)} for it; the nearest below is ${massText(below.loadG, unit)}.`}
        </Quiet>
      )}
    </>
  );
}
