import type { BlockState } from '@spalo/core/block';
import { useState } from 'react';
import { Button } from '../../design/Button';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { Body } from '../../design/Words';
import { putTemplate } from '../../parts/template/change-template';
import { newId } from '../../state/log/ids';
import { attempt } from '../../state/problems';

/** Keeps a block in the studio for other clients: its lifts, sets and reps; loads come from who does it. */
export function KeepBlock({ block, onClose }: { block: BlockState; onClose: () => void }) {
  const [name, setName] = useState(block.name);
  const [tried, setTried] = useState(false);
  const { from, weeks, days, lifts } = block;
  const keep = () => {
    setTried(true);
    const called = name.trim();
    if (called === '') return;
    const plan = { name: called, from, weeks, days, lifts };
    attempt(async () => {
      await putTemplate({ kind: 'block', name: called, plan, id: newId() }, null);
      onClose();
    });
  };
  return (
    <Sheet title="Save it for the studio" open onClose={onClose}>
      <Body>Weeks, lifts, sets and reps are kept. Loads come from the client who does it.</Body>
      <TextField
        label="Name"
        value={name}
        onChange={setName}
        max={60}
        problem={tried && name.trim() === '' ? 'A name to find it by' : null}
      />
      <Button kind="main" label="Save" onPress={keep} />
    </Sheet>
  );
}
