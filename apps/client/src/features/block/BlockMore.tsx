import type { BlockView } from '@spalo/coaching/blocks';
import type { BlockState } from '@spalo/core/block';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Sheet } from '../../design/Sheet';
import { attempt } from '../../state/problems';
import type { ChangeBlock } from './change-block';

/** What is done with a whole block now and then: its name, the studio's copy, a session left out, its end. */
export function BlockMore({
  block,
  view: { next },
  change,
  onOpen,
  onClose,
}: {
  block: BlockState;
  view: BlockView;
  change: ChangeBlock;
  onOpen: (kind: 'name' | 'keep') => void;
  onClose: () => void;
}) {
  const make = (...changed: Parameters<ChangeBlock>) =>
    attempt(async () => {
      await change(...changed);
      onClose();
    });
  return (
    <Sheet title={block.name} open onClose={onClose}>
      <View className="gap-2">
        <Button label="Name it" onPress={() => onOpen('name')} />
        <Button label="Save for the studio" onPress={() => onOpen('keep')} />
        {next && (
          <Button
            label={`Leave session ${next.day + 1} of week ${next.week + 1} out`}
            onPress={() =>
              make(
                'block.day-left-out',
                { week: next.week, day: next.day, leftOut: true },
                `Session ${next.day + 1} of week ${next.week + 1} left out`,
              )
            }
          />
        )}
        {block.leftOut.map(({ week, day }) => (
          <Button
            key={`${week}/${day}`}
            label={`Make up for session ${day + 1} of week ${week + 1}`}
            onPress={() =>
              make('block.day-left-out', { week, day, leftOut: false }, 'To be made up for')
            }
          />
        ))}
        <Button
          kind="stop"
          label="End the block"
          onPress={() => make('block.ended', { ended: true }, `${block.name} ended`)}
        />
      </View>
    </Sheet>
  );
}
