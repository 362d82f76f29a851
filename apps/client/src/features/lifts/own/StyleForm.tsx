import { amid } from '@spalo/core/unit';
import type { Style } from '@spalo/catalog';
import type { OwnStyle } from '@spalo/core/technique';
import { useState } from 'react';
import { Button } from '../../../design/Button';
import { Sheet } from '../../../design/Sheet';
import { TextField } from '../../../design/TextField';
import { Body } from '../../../design/Words';
import { ownId } from './change-own-lift';

/** A style of the studio's own, written from one that there is. */
export function StyleForm({
  style,
  own,
  onSave,
  onClose,
}: {
  /** The style that it begins as. */
  style: Style;
  /** The one to change; null for a new one. */
  own: OwnStyle | null;
  onSave: (style: OwnStyle) => void;
  onClose: () => void;
}) {
  const [name, setName] = useState(own?.name ?? '');
  const [suits, setSuits] = useState(own?.suits ?? style.suits);
  const [standard, setStandard] = useState(own?.standard ?? style.standard);
  const [tried, setTried] = useState(false);
  const nameProblem = name.trim().length < 2 ? 'Give it a name' : null;
  const standardProblem = standard.trim().length < 2 ? 'Write what a clean rep is' : null;
  const save = () => {
    setTried(true);
    if (nameProblem ?? standardProblem) return;
    onSave({
      id: own?.id ?? ownId(),
      from: own?.from ?? style.id,
      name: name.trim(),
      suits: suits.trim(),
      standard: standard.trim(),
    });
  };
  return (
    <Sheet title={own ? 'Change a style' : 'Write a style'} open onClose={onClose}>
      {!own && (
        <Body>{`It begins with the checkpoints, cues and faults of ${amid(style.name)}.`}</Body>
      )}
      <TextField
        label="Name of the style"
        value={name}
        onChange={setName}
        max={40}
        problem={tried ? nameProblem : null}
      />
      <TextField label="Whom it suits" value={suits} onChange={setSuits} max={240} multiline />
      <TextField
        label="A clean rep"
        value={standard}
        onChange={setStandard}
        max={240}
        multiline
        problem={tried ? standardProblem : null}
      />
      <Button kind="main" label="Save the style" onPress={save} />
    </Sheet>
  );
}
