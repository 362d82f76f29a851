import {
  around,
  atOrBelow,
  exactly,
  massNumber,
  massText,
  stepDown,
  stepUp,
  toGrams,
} from '@spalo/core';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { buildText } from '../../design/load-text';
import { Button } from '../../design/Button';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { Body, Figure, Quiet } from '../../design/Words';
import type { LiftView } from './lane-view';

const AROUND = 6;

/** The loads that exist near the planned one: tap takes it. */
export function LoadSheet({
  view,
  unit,
  onClose,
  onPick,
  onReplan,
}: {
  view: LiftView;
  unit: 'kg' | 'lb';
  onClose: () => void;
  onPick: (loadG: number) => void;
  /** Plans the ramp anew for another working load; offered while warming up. */
  onReplan: ((loadG: number) => void) | null;
}) {
  const now = view.next.kind === 'step' ? view.next.set.loadG : 0;
  const near = around(view.loads, now, AROUND);
  const working = view.steps.findLast((step) => step.kind === 'working')?.loadG ?? 0;
  const others = [stepDown(view.loads, working), stepUp(view.loads, working)];
  const [typed, setTyped] = useState('');
  const [tried, setTried] = useState(false);
  const typedG = toGrams(Number(typed.trim().replace(',', '.')), unit);
  const wrong = typed.trim() === '' || !(typedG > 0 && typedG <= 1_000_000);
  const below = wrong ? null : atOrBelow(view.loads, typedG);
  const exists = below?.loadG === typedG;
  const take = () => {
    setTried(true);
    if (!wrong) onPick(typedG);
  };
  return (
    <Sheet title="Load for the next set" open onClose={onClose}>
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
      {!wrong && !exists && below && (
        <Quiet>
          {`This room has no ${massText(typedG, unit)} for it; the nearest below is ${massText(below.loadG, unit)}.`}
        </Quiet>
      )}
      <View className="gap-2">
        {near.map((load) => {
          const taken = load.loadG === now;
          return (
            <Pressable
              key={load.loadG}
              role="button"
              aria-label={`Take ${massNumber(load.loadG, unit)} ${unit}`}
              aria-pressed={taken}
              onPress={() => onPick(load.loadG)}
              className={`min-h-tap flex-row items-center gap-4 rounded-2xl border-2 px-4 py-1 active:opacity-80 ${
                taken ? 'border-ink bg-coming' : 'border-line bg-card'
              }`}
            >
              <Figure className="min-w-[4.5rem]">{massNumber(load.loadG, unit)}</Figure>
              <Quiet className="shrink">{buildText(load.build, null)}</Quiet>
            </Pressable>
          );
        })}
        {near.length === 0 && <Body>This room has nothing to load this lift with.</Body>}
      </View>
      {onReplan && exactly(view.loads, working) && (
        <View className="gap-2">
          <Body>{`Working load is ${massNumber(working, unit)} ${unit}. Changing it plans the rest of the ramp anew.`}</Body>
          <View className="flex-row gap-2">
            {others.map(
              (other) =>
                other && (
                  <View key={other.loadG} className="flex-1">
                    <Button
                      label={`Work at ${massNumber(other.loadG, unit)}`}
                      onPress={() => onReplan(other.loadG)}
                    />
                  </View>
                ),
            )}
          </View>
        </View>
      )}
    </Sheet>
  );
}
