import type { Style } from '@spalo/catalog';
import { phases, views, type OwnCheckpoint } from '@spalo/core/technique';
import { useState } from 'react';
import { Button } from '../../../design/Button';
import { Choice } from '../../../design/Choice';
import { capital } from '../../../design/sentence';
import { Sheet } from '../../../design/Sheet';
import { TextField } from '../../../design/TextField';
import { Strong } from '../../../design/Words';
import { ownId } from './change-own-lift';

/** A checkpoint of the studio's own: when it is looked at, from where, and what right looks like. */
export function PointForm({
  style,
  point,
  onSave,
  onClose,
}: {
  style: Style;
  /** The one to change; null for a new one. */
  point: OwnCheckpoint | null;
  onSave: (point: OwnCheckpoint) => void;
  onClose: () => void;
}) {
  const [look, setLook] = useState(point?.look ?? '');
  const [right, setRight] = useState(point?.right ?? '');
  const [why, setWhy] = useState(point?.why ?? '');
  const [phase, setPhase] = useState(point?.phase ?? phases[1]);
  const [from, setFrom] = useState(point?.from ?? views[0]);
  const [tried, setTried] = useState(false);
  const lookProblem = look.trim().length < 2 ? 'Write what to look at' : null;
  const rightProblem = right.trim().length < 2 ? 'Write what right looks like' : null;
  const save = () => {
    setTried(true);
    if (lookProblem ?? rightProblem) return;
    onSave({
      id: point?.id ?? ownId(),
      styleId: style.id,
      phase,
      from,
      look: look.trim(),
      right: right.trim(),
      why: why.trim(),
    });
  };
  return (
    <Sheet title={point ? 'Change a checkpoint' : 'Add a checkpoint'} open onClose={onClose}>
      <TextField
        label="What to look at"
        value={look}
        onChange={setLook}
        max={60}
        problem={tried ? lookProblem : null}
      />
      <TextField
        label="What right looks like"
        value={right}
        onChange={setRight}
        max={240}
        multiline
        problem={tried ? rightProblem : null}
      />
      <TextField label="Why it matters" value={why} onChange={setWhy} max={240} multiline />
      <Strong>When</Strong>
      <Choice
        label="Phase"
        options={phases.map((each) => ({ value: each, label: capital(each) }))}
        value={phase}
        onChange={setPhase}
        wrap
      />
      <Strong>From where</Strong>
      <Choice
        label="View"
        options={views.map((each) => ({ value: each, label: capital(each) }))}
        value={from}
        onChange={setFrom}
        wrap
      />
      <Button kind="main" label="Save the checkpoint" onPress={save} />
    </Sheet>
  );
}
