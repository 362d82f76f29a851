import { amid } from '@spalo/core/unit';
import { whatMarksSay, type FoundPattern } from '@spalo/coaching';
import type { Client } from '@spalo/contract';
import { patternRemedy } from '@spalo/core/technique';
import { useMemo } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { FaultGlyph } from '../../design/RepRail';
import { Section } from '../../design/Section';
import { Body, Quiet, Strong } from '../../design/Words';
import { useSettings } from '../../state/settings';

const keyOf = (client: Client, { lift, fault, pattern }: FoundPattern) =>
  [client.id, lift.id, fault.id, pattern].join('/');

/** What the places of marks over the latest sessions say, each with what it asks for; nothing where they say nothing. */
export function MarksSay({ client }: { client: Client }) {
  const { putAway, putPatternAway } = useSettings();
  const all = useMemo(() => whatMarksSay(client), [client]);
  const found = all.filter((each) => !putAway.includes(keyOf(client, each)));
  if (found.length === 0) return null;
  return (
    <Section title="What the marks say">
      {found.map((each) => (
        <Card key={keyOf(client, each)} className="gap-1">
          <View className="flex-row items-center gap-3">
            <FaultGlyph glyph={each.fault.glyph} size={26} />
            <View className="shrink">
              <Strong>{`${each.lift.name}: ${amid(each.fault.name)}`}</Strong>
              <Quiet>{`${each.pattern}, over ${each.sets} sets`}</Quiet>
            </View>
          </View>
          <Body>{`${patternRemedy[each.pattern]}.`}</Body>
          <Button
            label="Dismiss"
            says={`Put away what the marks of the ${each.lift.name} say`}
            className="self-start"
            onPress={() => putPatternAway(keyOf(client, each))}
          />
        </Card>
      ))}
    </Section>
  );
}
