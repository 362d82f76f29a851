import type { BlockView, Working } from '@spalo/coaching/blocks';
import type { Account } from '@spalo/contract';
import type { BlockState } from '@spalo/core/block';
import type { Lift } from '@spalo/core/lift';
import type { Unit } from '@spalo/core/unit';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Strong } from '../../design/Words';
import { LiftPicker } from '../../parts/pickers/LiftPicker';
import { attempt } from '../../state/problems';
import { BlockLiftSheet } from './BlockLiftSheet';
import { BlockMore } from './BlockMore';
import { BlockTerrain } from './BlockTerrain';
import type { ChangeBlock } from './change-block';
import { KeepBlock } from './KeepBlock';
import { NameBlock } from './NameBlock';
import { WeekSheet } from './WeekSheet';

type Opened =
  | { kind: 'week'; liftId: string; week: number }
  | { kind: 'lift'; liftId: string }
  | { kind: 'add' | 'name' | 'keep' | 'more' };

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
function BlockSheets({
  opened,
  onOpen,
  ...sheet
}: SheetProps & { opened: Opened; onOpen: (kind: 'name' | 'keep') => void }) {
  if (opened.kind === 'more') return <BlockMore {...sheet} onOpen={onOpen} />;
  if (opened.kind === 'week') return <WeekSheet {...opened} {...sheet} />;
  if (opened.kind === 'lift') return <BlockLiftSheet liftId={opened.liftId} {...sheet} />;
  if (opened.kind === 'keep') return <KeepBlock block={sheet.block} onClose={sheet.onClose} />;
  return opened.kind === 'name' ? <NameBlock {...sheet} /> : <AddLift {...sheet} />;
}

/** A block that goes on: its ground, and what can be changed of it. */
export function RunningBlock({
  block,
  view,
  working,
  account,
  change,
}: {
  block: BlockState;
  view: BlockView;
  /** Whether it works; absent until that is worked out. */
  working: Working | null;
  account: Account;
  change: ChangeBlock;
}) {
  const [opened, setOpened] = useState<Opened | null>(null);
  const { unit } = account.studio;
  const verdicts = useMemo(
    () =>
      working
        ? new Map(working.lifts.map((lift) => [lift.liftId, lift.response.verdict]))
        : undefined,
    [working],
  );
  return (
    <View className="gap-4">
      <Strong>{standsText(block, view)}</Strong>
      <BlockTerrain
        block={block}
        view={view}
        unit={unit}
        verdicts={verdicts}
        onLift={(liftId) => setOpened({ kind: 'lift', liftId })}
        onWeek={(liftId, week) => setOpened({ kind: 'week', liftId, week })}
      />
      <View className="flex-row gap-2">
        <Button label="Add a lift" icon="plus" onPress={() => setOpened({ kind: 'add' })} />
        <Button
          label="More"
          says="More for this block"
          onPress={() => setOpened({ kind: 'more' })}
        />
      </View>
      {opened && (
        <BlockSheets
          opened={opened}
          onOpen={(kind) => setOpened({ kind })}
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
