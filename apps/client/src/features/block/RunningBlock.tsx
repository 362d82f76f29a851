import type { BlockView } from '@spalo/coaching/blocks';
import type { Account } from '@spalo/contract';
import type { BlockState } from '@spalo/core/block';
import type { Lift } from '@spalo/core/lift';
import type { Unit } from '@spalo/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Strong } from '../../design/Words';
import { LiftPicker } from '../../parts/pickers/LiftPicker';
import { attempt } from '../../state/problems';
import { BlockLiftSheet } from './BlockLiftSheet';
import { BlockTerrain } from './BlockTerrain';
import type { ChangeBlock } from './change-block';
import { KeepBlock } from './KeepBlock';
import { NameBlock } from './NameBlock';
import { WeekSheet } from './WeekSheet';

type Opened =
  | { kind: 'week'; liftId: string; week: number }
  | { kind: 'lift'; liftId: string }
  | { kind: 'add' | 'name' | 'keep' };

/** A lift that comes into a running block: three sets of its usual reps in every session. */
const intoBlock = (lift: Lift, { weeks, days }: BlockState) => ({
  liftId: lift.id,
  scheme: 'reserve-led' as const,
  weeks: Array.from({ length: weeks }, () =>
    Array.from({ length: days }, () => ({ sets: 3, reps: lift.repRange.low, targetRir: 2 })),
  ),
});

/** Where the block stands, in a sentence. */
function standsText(block: BlockState, { next, moved }: BlockView): string {
  if (!next) return `${block.weeks} weeks, through`;
  const at = `Week ${next.week + 1} of ${block.weeks}, session ${next.day + 1} of ${block.days} is next`;
  return moved > 0 ? `${at}; ${moved === 1 ? 'a week' : `${moved} weeks`} later than drafted` : at;
}

interface SheetProps {
  block: BlockState;
  view: BlockView;
  unit: Unit;
  change: ChangeBlock;
  onClose: () => void;
}

/** The catalogue, for another lift in the block. */
function AddLift({ block, change, onClose }: Pick<SheetProps, 'block' | 'change' | 'onClose'>) {
  const taken = block.lifts.map(({ liftId }) => liftId);
  const add = (lift: Lift) =>
    attempt(async () => {
      if (!taken.includes(lift.id)) {
        await change('block.lift-planned', { lift: intoBlock(lift, block) }, `${lift.name} added`);
      }
      onClose();
    });
  return <LiftPicker title="Into the block" taken={taken} onClose={onClose} onPick={add} />;
}

/** What was opened of a block, over the screen. */
function BlockSheets({ opened, ...sheet }: SheetProps & { opened: Opened }) {
  if (opened.kind === 'week') return <WeekSheet {...opened} {...sheet} />;
  if (opened.kind === 'lift') return <BlockLiftSheet liftId={opened.liftId} {...sheet} />;
  if (opened.kind === 'keep') return <KeepBlock block={sheet.block} onClose={sheet.onClose} />;
  return opened.kind === 'name' ? <NameBlock {...sheet} /> : <AddLift {...sheet} />;
}

/** A block that goes on: its ground, and what can be changed of it. */
export function RunningBlock({
  block,
  view,
  account,
  change,
}: {
  block: BlockState;
  view: BlockView;
  account: Account;
  change: ChangeBlock;
}) {
  const [opened, setOpened] = useState<Opened | null>(null);
  const { next } = view;
  const { unit } = account.studio;
  return (
    <View className="gap-4">
      <Strong>{standsText(block, view)}</Strong>
      <BlockTerrain
        block={block}
        view={view}
        unit={unit}
        onLift={(liftId) => setOpened({ kind: 'lift', liftId })}
        onWeek={(liftId, week) => setOpened({ kind: 'week', liftId, week })}
      />
      <View className="flex-row flex-wrap gap-2">
        <Button label="Add a lift" icon="plus" onPress={() => setOpened({ kind: 'add' })} />
        <Button label="Name it" onPress={() => setOpened({ kind: 'name' })} />
        <Button label="Save for the studio" onPress={() => setOpened({ kind: 'keep' })} />
        {next && (
          <Button
            label={`Leave session ${next.day + 1} of week ${next.week + 1} out`}
            onPress={() =>
              attempt(() =>
                change(
                  'block.day-left-out',
                  { week: next.week, day: next.day, leftOut: true },
                  `Session ${next.day + 1} of week ${next.week + 1} left out`,
                ),
              )
            }
          />
        )}
        {block.leftOut.map(({ week, day }) => (
          <Button
            key={`${week}/${day}`}
            label={`Make up for session ${day + 1} of week ${week + 1}`}
            onPress={() =>
              attempt(() =>
                change('block.day-left-out', { week, day, leftOut: false }, 'To be made up for'),
              )
            }
          />
        ))}
        <Button
          kind="stop"
          label="End the block"
          onPress={() =>
            attempt(() => change('block.ended', { ended: true }, `${block.name} ended`))
          }
        />
      </View>
      {opened && (
        <BlockSheets
          opened={opened}
          block={block}
          view={view}
          unit={unit}
          change={change}
          onClose={() => setOpened(null)}
        />
      )}
    </View>
  );
}
