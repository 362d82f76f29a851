import type { Account, Template as KeptTemplate } from '@spalo/contract';
import { findLift } from '@spalo/catalog';
import { programmeFor, programmeLift } from '@spalo/coaching';
import { BLOCK } from '@spalo/core/block';
import type { Room } from '@spalo/core/room';
import { nowIso, nowMs } from '@spalo/core/unit';
import {
  draftBlock,
  plainBlock,
  templates,
  usualTemplate,
  type ForWhom,
  type Template,
} from '@spalo/core/blocks';
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
const keptBlocks = (all: readonly KeptTemplate[]) =>
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
const counted = (value: number) => ({ value, label: String(value) });
const dayChoices = Array.from({ length: BLOCK.days.most }, (_, at) => counted(at + 1));

/** As many weeks as were asked for, where the strategy may take so many; else as many as it usually takes. */
const weeksOf = ({ weeks: { may, usual } }: Template, asked: number | null): number =>
  asked !== null && may.includes(asked) ? asked : usual;

/** Whom a strategy is proposed for. */
const forWhom: Record<ForWhom, string> = {
  'under 18': 'somebody under 18: the same sets, and reps before load',
  'from 60': 'somebody of 60 or more: every fourth week is light',
  'first year': 'a first year of training',
  'goal of muscle': 'a goal that names muscle',
  'goal of strength': 'a goal that names strength',
  trained: 'somebody with more than a year of training',
};

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
  const proposed = useMemo(() => usualTemplate(client, client.goal, nowIso()), [client]);
  const [template, setTemplate] = useState(proposed.id);
  const [days, setDays] = useState(2);
  const [asked, setAsked] = useState<number | null>(null);
  const [from, setFrom] = useState(() => formDay(nowMs(), account.studio.zone));
  const lifts = useMemo(
    () => programmeFor(client, room, nowIso()).map(({ lift }) => programmeLift(lift.id).lift),
    [client, room],
  );
  const all = useTemplates();
  const kept = useMemo(() => keptBlocks(all), [all]);
  const ofStudio = kept.find(({ id }) => id === template);
  const found = templates.find(({ id }) => id === template);
  const weeks = found && weeksOf(found, asked);
  const plan = useMemo(() => {
    if (!isDay(from)) return null;
    if (ofStudio) return { ...ofStudio.plan, from };
    return found
      ? draftBlock(found, lifts, { from, days, ...(weeks && { weeks }) })
      : plainBlock(lifts, { from, days });
  }, [found, lifts, days, weeks, from, ofStudio]);
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
      {template === proposed.id && <Quiet>{`Proposed for ${forWhom[proposed.why]}.`}</Quiet>}
      {ofStudio ? (
        <Button
          label={`Keep ${ofStudio.name} no longer`}
          onPress={() => {
            const gone = all.find(({ id }) => id === ofStudio.id);
            if (gone) attempt(() => removeTemplate(gone));
            setTemplate(proposed.id);
          }}
        />
      ) : (
        <>
          {found && weeks && (
            <ChoiceField
              label="Weeks"
              options={found.weeks.may.map(counted)}
              value={weeks}
              figures
              onChange={setAsked}
            />
          )}
          <ChoiceField
            label="Sessions a week"
            options={dayChoices}
            value={days}
            figures
            onChange={setDays}
          />
        </>
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
