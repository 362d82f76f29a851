import { massNumber } from '@spalo/core';
import { Pressable, View } from 'react-native';
import { buildText } from '../../design/load-text';
import { Button } from '../../design/Button';
import { Sheet } from '../../design/Sheet';
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
  const at = Math.max(
    0,
    view.loads.findIndex((load) => load.loadG >= now),
  );
  const near = view.loads.slice(Math.max(0, at - AROUND), at + AROUND + 1);
  const working = view.steps.findLast((step) => step.kind === 'working')?.loadG ?? 0;
  const workingAt = view.loads.findIndex((load) => load.loadG === working);
  return (
    <Sheet title="Load for the next set" open onClose={onClose}>
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
      {onReplan && workingAt >= 0 && (
        <View className="gap-2">
          <Body>{`Working load is ${massNumber(working, unit)} ${unit}. Changing it plans the rest of the ramp anew.`}</Body>
          <View className="flex-row gap-2">
            {[-1, 1].map((by) => {
              const other = view.loads[workingAt + by];
              return (
                other && (
                  <View key={by} className="flex-1">
                    <Button
                      label={`Work at ${massNumber(other.loadG, unit)}`}
                      onPress={() => onReplan(other.loadG)}
                    />
                  </View>
                )
              );
            })}
          </View>
        </View>
      )}
    </Sheet>
  );
}
