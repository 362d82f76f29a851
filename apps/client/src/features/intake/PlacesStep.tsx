import type { Flag } from '@spalo/core/person';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Field } from '../../design/Field';
import { Body, Quiet, Strong } from '../../design/Words';
import { flagName } from '../../parts/client/FlagChips';
import type { IntakeControl } from '../../parts/client-form/client-form';

/** Where it hurts, is stiff or feared, and the one line to read before they walk in. */
export function PlacesStep({
  control,
  flags,
  onRaise,
  onRemove,
}: {
  control: IntakeControl;
  flags: readonly Flag[];
  onRaise: () => void;
  onRemove: (flag: Flag) => void;
}) {
  return (
    <>
      <View className="gap-3">
        <Strong>Places that hurt, are stiff, or feared</Strong>
        {flags.length === 0 && (
          <Body className="text-slate">None. A flag closes what loads the place.</Body>
        )}
        {flags.map((flag) => (
          <Card key={flag.id} className="flex-row items-center justify-between gap-3">
            <View className="shrink">
              <Strong>{flagName(flag)}</Strong>
              {flag.note ? <Quiet>{flag.note}</Quiet> : null}
            </View>
            <Button
              label="Remove"
              says={`Remove the flag ${flagName(flag)}`}
              onPress={() => onRemove(flag)}
            />
          </Card>
        ))}
        <Button label="Raise a flag" icon="plus" onPress={onRaise} />
      </View>
      <Field
        control={control}
        name="brief"
        label="What to know before they walk in"
        hint="One line; it stands on top of their page."
      />
    </>
  );
}
