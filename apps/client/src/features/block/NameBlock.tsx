import type { BlockState } from '@spalo/core/block';
import { useState } from 'react';
import { Button } from '../../design/Button';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { attempt } from '../../state/problems';
import type { ChangeBlock } from './change-block';

/** What the strategy of a block is called. */
export function NameBlock({
  block,
  change,
  onClose,
}: {
  block: BlockState;
  change: ChangeBlock;
  onClose: () => void;
}) {
  const [name, setName] = useState(block.name);
  const [tried, setTried] = useState(false);
  const keep = () => {
    setTried(true);
    const given = name.trim();
    if (given === '') return;
    attempt(async () => {
      await change('block.named', { name: given }, `Called ${given}`);
      onClose();
    });
  };
  return (
    <Sheet title="What the block is called" open onClose={onClose}>
      <TextField
        label="Name"
        value={name}
        onChange={setName}
        max={60}
        problem={tried && name.trim() === '' ? 'Fill this in' : null}
      />
      <Button kind="main" big label="Save the name" onPress={keep} />
    </Sheet>
  );
}
