import type { Account, Template } from '@spalo/contract';
import { findLift } from '@spalo/catalog';
import { programmeFor, programmeLift } from '@spalo/coaching';
import { BLOCK } from '@spalo/core/block';
import type { Room } from '@spalo/core/room';
import { nowIso, nowMs } from '@spalo/core/unit';
import { draftBlock, plainBlock, templates, usualTemplate } from '@spalo/core/blocks';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { ChoiceField } from '../../design/ChoiceField';
import { Body, Quiet, Title } from '../../design/Words';
import { formDay, isDay } from '../../parts/time/day-time';
import { removeTemplate } from '../../parts/template/change-template';
import { attempt } from '../../state/problems';
import { useTemplates } from '../../state/queries';
import type { KnownClient } from '../../state/resources/known-client';
import { BeginBlock } from './BeginBlock';

const OWN = 'own';
const choices = [
  ...templates.map(({ id, name }) => ({ value: id, label: name })),
  { value: OWN, label: 'From nothing' },
];

/** Blocks that the studio keeps; of one only the lifts that are taught still. */
const keptBlocks = (all: readonly Template[]) =>
  all.flatMap((template) =>
    template.kind === 'block'
      ? [
          {
            id: template.id,
            name: template.name,
            plan: {
              ...template.plan,
              lifts: template.plan.lifts.filter(({ liftId }) => findLift(liftId)),
            },
          },
        ]
      : [],
  );
const dayChoices = Array.from({ length: BLOCK.days.most }, (_, at) => ({
  value: at + 1,
  label: String(at + 1),
}));

/** What is known of a strategy, in a sentence. */
const saysOf = (id: string) =>
  templates.find((template) => template.id === id)?.says ??
  'Four weeks of three sets in each lift’s own reps, to change as you like.';

/** A block drafted from a template or from nothing: seen with its loads and chances before it is started. */
export function StartBlock({
  client,
  room,
  account,
}: {
  client: KnownClient;
  room: Room;
  account: Account;
}) {
  const [template, setTemplate] = useState(() => usualTemplate(client).id);
  const [days, setDays] = useState(2);
  const [from, setFrom] = useState(() => formDay(nowMs(), account.studio.zone));
  const lifts = useMemo(
    () => programmeFor(client, room, nowIso()).map(({ lift }) => programmeLift(lift.id).lift),
    [client, room],
  );
  const all = useTemplates();
  const kept = useMemo(() => keptBlocks(all), [all]);
  const ofStudio = kept.find(({ id }) => id === template);
  const plan = useMemo(() => {
    if (!isDay(from)) return null;
    if (ofStudio) return { ...ofStudio.plan, from };
    const found = templates.find(({ id }) => id === template);
    const shape = { from, days };
    return found ? draftBlock(found, lifts, shape) : plainBlock(lifts, shape);
  }, [template, lifts, days, from, ofStudio]);
  return (
    <View className="gap-4">
      <Title level={2} className="text-figure">
        A new block
      </Title>
      <Body>
        Weeks on one strategy. Loads come from what is believed of this client, and every cell can
        be changed.
      </Body>
      <Choice
        label="Strategy"
        options={[...choices, ...kept.map(({ id, name }) => ({ value: id, label: name }))]}
        value={template}
        wrap
        onChange={setTemplate}
      />
      <Quiet className="text-ink">{ofStudio ? 'Kept in the studio.' : saysOf(template)}</Quiet>
      {ofStudio ? (
        <Button
          label={`Keep ${ofStudio.name} no longer`}
          onPress={() => {
            const gone = all.find(({ id }) => id === ofStudio.id);
            if (gone) attempt(() => removeTemplate(gone));
            setTemplate(usualTemplate(client).id);
          }}
        />
      ) : (
        <ChoiceField
          label="Sessions a week"
          options={dayChoices}
          value={days}
          figures
          onChange={setDays}
        />
      )}
      <BeginBlock
        plan={plan}
        from={from}
        onFrom={setFrom}
        label="Start this block"
        client={client}
        room={room}
        account={account}
      />
    </View>
  );
}
