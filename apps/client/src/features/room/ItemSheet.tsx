import type { Room } from '@spalo/core/room';
import { massText } from '@spalo/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Chip } from '../../design/Chip';
import { Choice } from '../../design/Choice';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { Quiet, Strong } from '../../design/Words';
import { newId } from '../../state/log/ids';
import { kinds, readItem, typedItem, type FieldDef, type Item, type Kind } from './equipment-kinds';

/** Which plates fit: all, or those that are marked. */
function PlatesField({
  room,
  value,
  onChange,
}: {
  room: Room;
  value: string;
  onChange: (value: string) => void;
}) {
  const fits = value === '' ? null : value.split(' ');
  const toggle = (id: string) => {
    const before = fits ?? room.plates.map((plate) => plate.id);
    const after = before.includes(id) ? before.filter((each) => each !== id) : [...before, id];
    onChange(after.length === room.plates.length ? '' : after.join(' '));
  };
  return (
    <View className="flex-row flex-wrap gap-2">
      {room.plates.map((plate) => {
        const taken = fits === null || fits.includes(plate.id);
        return (
          <Chip
            key={plate.id}
            label={massText(plate.massG, plate.unit)}
            look={taken ? 'taken' : 'plain'}
            pressed={taken}
            onPress={() => toggle(plate.id)}
          />
        );
      })}
      {room.plates.length === 0 && <Quiet>This room has no plates.</Quiet>}
    </View>
  );
}

function ItemField({
  field,
  room,
  value,
  problem,
  onChange,
}: {
  field: FieldDef;
  room: Room;
  value: string;
  problem: string | undefined;
  onChange: (value: string) => void;
}) {
  if (field.type === 'choice' || field.type === 'plates') {
    return (
      <View className="gap-1">
        <Strong>{field.label}</Strong>
        {field.type === 'choice' ? (
          <Choice
            label={field.label}
            options={field.options}
            value={value}
            onChange={onChange}
            wrap
          />
        ) : (
          <PlatesField room={room} value={value} onChange={onChange} />
        )}
        {problem && (
          <Strong role="alert" className="text-small text-oxide">
            {problem}
          </Strong>
        )}
      </View>
    );
  }
  return (
    <TextField
      label={field.label}
      value={value}
      onChange={onChange}
      max={60}
      hint={field.hint}
      problem={problem ?? null}
      inputMode={field.type === 'text' ? 'text' : 'decimal'}
    />
  );
}

/** Adds a piece of equipment, changes it, or takes it away. */
export function ItemSheet<K extends Kind>({
  room,
  kind,
  item,
  onSave,
  onRemove,
  onClose,
}: {
  room: Room;
  kind: K;
  /** Null for a new one. */
  item: Item<K> | null;
  onSave: (item: Item<K>) => void;
  onRemove: (id: string) => void;
  onClose: () => void;
}) {
  const { one, fields, fresh } = kinds[kind];
  const [typed, setTyped] = useState<Record<string, string>>(() =>
    item ? typedItem(kind, item) : fresh,
  );
  const [problems, setProblems] = useState<Record<string, string>>({});
  const [id] = useState(() => item?.id ?? newId());
  const save = () => {
    const result = readItem(kind, id, typed);
    if ('problems' in result) setProblems(result.problems);
    else onSave(result.item);
  };
  return (
    <Sheet title={item ? `Change the ${one}` : `Add a ${one}`} open onClose={onClose}>
      {fields.map((field) => (
        <ItemField
          key={field.name}
          field={field}
          room={room}
          value={typed[field.name] ?? ''}
          problem={problems[field.name]}
          onChange={(value) => {
            setTyped({ ...typed, [field.name]: value });
            const { [field.name]: _mended, ...rest } = problems;
            setProblems(rest);
          }}
        />
      ))}
      <Button kind="main" label={item ? 'Save' : `Add the ${one}`} onPress={save} />
      {item && <Button kind="stop" label={`Remove the ${one}`} onPress={() => onRemove(item.id)} />}
    </Sheet>
  );
}
