import type { Lesson, Style } from '@spalo/catalog';
import type { OwnLift } from '@spalo/core/technique';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../design/Button';
import { Chip } from '../../../design/Chip';
import { Section } from '../../../design/Section';
import { Quiet, Strong } from '../../../design/Words';
import { attempt } from '../../../state/problems';
import { useTeaching } from '../../../state/use-teaching';
import { nothingOwn, placed, putOwnLift, withHidden, withoutOwn } from './change-own-lift';
import { CueForm } from './CueForm';
import { PointForm } from './PointForm';
import { StyleForm } from './StyleForm';

type Editing = { what: 'cue' | 'point' | 'style'; id: string | null };

/** Something of the studio's own, with the ways to change it and to take it away. */
function OwnRow({
  label,
  says,
  onChange,
  onRemove,
}: {
  label: string;
  says: string;
  onChange: () => void;
  onRemove: () => void;
}) {
  return (
    <View className="flex-row flex-wrap items-center gap-2 border-l-8 border-l-marigold pl-3">
      <View className="min-w-[9rem] flex-1">
        <Strong>{label}</Strong>
        <Quiet>{says}</Quiet>
      </View>
      <Chip label="Change" says={`Change ${label}`} onPress={onChange} />
      <Chip label="Take away" says={`Take away ${label}`} onPress={onRemove} />
    </View>
  );
}

/** Cues and checkpoints of the catalogue in a style: a tap hides one here, another shows it again. */
function Hiding({
  own,
  style,
  onChange,
}: {
  own: OwnLift;
  style: Style;
  onChange: (own: OwnLift) => void;
}) {
  const [open, setOpen] = useState(false);
  const ownIds = new Set([...own.cues, ...own.checkpoints].map(({ id }) => id));
  const shown = [
    ...style.cues.map(({ id, text }) => ({ id, label: text })),
    ...style.checkpoints.map(({ id, look }) => ({ id, label: look })),
  ].filter(({ id }) => !ownIds.has(id));
  return (
    <View className="gap-2">
      <Button
        label={open ? 'Done hiding' : 'Hide what is not used here'}
        onPress={() => setOpen(!open)}
        className="self-start"
      />
      {open && (
        <View role="group" aria-label="Tap to hide" className="flex-row flex-wrap gap-2">
          {shown.map(({ id, label }) => (
            <Chip
              key={id}
              label={label}
              says={`Hide ${label}`}
              onPress={() => onChange(withHidden(own, id))}
            />
          ))}
        </View>
      )}
      {own.hidden.length > 0 && (
        <Button
          label={`Show the ${own.hidden.length} hidden here again`}
          onPress={() => onChange({ ...own, hidden: [] })}
          className="self-start"
        />
      )}
    </View>
  );
}

/** What the studio teaches of a lift besides the catalogue: its own cues, checkpoints and styles, and what it leaves out. */
export function OwnSection({
  liftId,
  lesson,
  style,
}: {
  liftId: string;
  lesson: Lesson;
  style: Style;
}) {
  const all = useTeaching();
  const [editing, setEditing] = useState<Editing | null>(null);
  const known = all.find((each) => each.liftId === liftId) ?? null;
  const own = known ?? nothingOwn(liftId);
  const keep = (next: OwnLift) => {
    setEditing(null);
    attempt(() => putOwnLift(next, known));
  };
  const edit = (what: Editing['what'], id: string | null = null) => setEditing({ what, id });
  const close = () => setEditing(null);
  const looked = (id: string) =>
    lesson.styles.flatMap(({ checkpoints }) => checkpoints).find((point) => point.id === id)?.look;
  return (
    <Section title="The studio’s own">
      {own.styles.map(({ id, name, standard }) => (
        <OwnRow
          key={id}
          label={name}
          says={standard}
          onChange={() => edit('style', id)}
          onRemove={() => keep(withoutOwn(own, id))}
        />
      ))}
      {own.cues.map(({ id, text, kind, checkpointId }) => (
        <OwnRow
          key={id}
          label={text}
          says={`${kind}, for ${looked(checkpointId)?.toLowerCase() ?? 'another style'}`}
          onChange={() => edit('cue', id)}
          onRemove={() => keep(withoutOwn(own, id))}
        />
      ))}
      {own.checkpoints.map(({ id, look, right }) => (
        <OwnRow
          key={id}
          label={look}
          says={right}
          onChange={() => edit('point', id)}
          onRemove={() => keep(withoutOwn(own, id))}
        />
      ))}
      <View className="flex-row flex-wrap gap-2">
        <Button label="Add a cue" icon="plus" onPress={() => edit('cue')} />
        <Button label="Add a checkpoint" icon="plus" onPress={() => edit('point')} />
        <Button label="Write a style" icon="plus" onPress={() => edit('style')} />
      </View>
      <Hiding own={own} style={style} onChange={keep} />
      {editing?.what === 'cue' && (
        <CueForm
          lesson={lesson}
          style={style}
          cue={own.cues.find(({ id }) => id === editing.id) ?? null}
          onSave={(cue) => keep({ ...own, cues: placed(own.cues, cue) })}
          onClose={close}
        />
      )}
      {editing?.what === 'point' && (
        <PointForm
          style={style}
          point={own.checkpoints.find(({ id }) => id === editing.id) ?? null}
          onSave={(point) => keep({ ...own, checkpoints: placed(own.checkpoints, point) })}
          onClose={close}
        />
      )}
      {editing?.what === 'style' && (
        <StyleForm
          style={style}
          own={own.styles.find(({ id }) => id === editing.id) ?? null}
          onSave={(written) => keep({ ...own, styles: placed(own.styles, written) })}
          onClose={close}
        />
      )}
    </Section>
  );
}
