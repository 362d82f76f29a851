import { amid } from '@spalo/core/unit';
import type { Lesson, Style } from '@spalo/catalog';
import { cueKinds, type OwnCue } from '@spalo/core/technique';
import { useState } from 'react';
import { Button } from '../../../design/Button';
import { Choice } from '../../../design/Choice';
import { capital } from '../../../design/sentence';
import { Sheet } from '../../../design/Sheet';
import { TextField } from '../../../design/TextField';
import { Strong } from '../../../design/Words';
import { ownId } from './change-own-lift';

/** A cue of the studio's own: what is said, of what kind, and what it is about. */
export function CueForm({
  lesson,
  style,
  cue,
  onSave,
  onClose,
}: {
  lesson: Lesson;
  style: Style;
  /** The one to change; null for a new one. */
  cue: OwnCue | null;
  onSave: (cue: OwnCue) => void;
  onClose: () => void;
}) {
  const [text, setText] = useState(cue?.text ?? '');
  const [kind, setKind] = useState(cue?.kind ?? cueKinds[0]);
  const [at, setAt] = useState(cue?.checkpointId ?? style.checkpoints[0]!.id);
  const [everywhere, setEverywhere] = useState((cue?.styleIds.length ?? 0) > 1);
  const [tried, setTried] = useState(false);
  const problem = text.trim().length < 2 ? 'Write what is said' : null;
  const save = () => {
    setTried(true);
    const point = style.checkpoints.find(({ id }) => id === at);
    if (problem || !point) return;
    const having = lesson.styles.filter(({ checkpoints }) =>
      checkpoints.some(({ id }) => id === at),
    );
    onSave({
      id: cue?.id ?? ownId(),
      styleIds: everywhere ? having.map(({ id }) => id) : [style.id],
      checkpointId: at,
      phase: point.phase,
      text: text.trim(),
      kind,
    });
  };
  return (
    <Sheet title={cue ? 'Change a cue' : 'Add a cue'} open onClose={onClose}>
      <TextField
        label="What is said"
        value={text}
        onChange={setText}
        max={60}
        hint="Short enough for a glance"
        problem={tried ? problem : null}
      />
      <Strong>Kind</Strong>
      <Choice
        label="Kind of cue"
        options={cueKinds.map((each) => ({ value: each, label: capital(each) }))}
        value={kind}
        onChange={setKind}
        wrap
      />
      <Strong>About</Strong>
      <Choice
        label="What it is about"
        options={style.checkpoints.map(({ id, look }) => ({ value: id, label: look }))}
        value={at}
        onChange={setAt}
        wrap
      />
      <Strong>Where</Strong>
      <Choice
        label="In which styles"
        options={[
          { value: false, label: `Only ${amid(style.name)}` },
          { value: true, label: 'Every style with this point' },
        ]}
        value={everywhere}
        onChange={setEverywhere}
        wrap
      />
      <Button kind="main" label="Save the cue" onPress={save} />
    </Sheet>
  );
}
