import { findLift } from '@spalo/catalog';
import type { BlockState } from '@spalo/core/block';
import { schemeNames } from '@spalo/core/session';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { capital } from '../../design/sentence';
import { Sheet } from '../../design/Sheet';
import { Quiet, Strong } from '../../design/Words';
import { schemeSays } from '@spalo/core/words';
import { attempt } from '../../state/problems';
import type { ChangeBlock } from './change-block';

const schemes = schemeNames.map((value) => ({ value, label: capital(value) }));

/** How a lift goes on in a block, and the way to leave it out. */
export function BlockLiftSheet({
  block,
  liftId,
  change,
  onClose,
}: {
  block: BlockState;
  liftId: string;
  change: ChangeBlock;
  onClose: () => void;
}) {
  const lift = findLift(liftId);
  const planned = block.lifts.find((each) => each.liftId === liftId);
  if (!lift || !planned) return null;
  const done = (work: () => Promise<unknown>) =>
    attempt(async () => {
      await work();
      onClose();
    });
  return (
    <Sheet title={lift.name} open onClose={onClose}>
      <View className="gap-2">
        <Strong>How it goes on</Strong>
        <Choice
          label="How it goes on"
          options={schemes}
          value={planned.scheme}
          wrap
          onChange={(scheme) =>
            done(() =>
              change(
                'block.lift-planned',
                { lift: { ...planned, scheme } },
                `${lift.name}: ${scheme}`,
              ),
            )
          }
        />
        <Quiet>{schemeSays[planned.scheme]}</Quiet>
      </View>
      <Button
        label="Leave it out of the block"
        onPress={() =>
          done(() =>
            change('block.lift-left-out', { liftId }, `${lift.name} left out of the block`),
          )
        }
      />
    </Sheet>
  );
}
