import type { Account } from '@spalo/contract';
import { programmeFor, programmeLift } from '@spalo/coaching';
import { BLOCK, type Room } from '@spalo/core';
import { draftBlock, plainBlock, templates, usualTemplate } from '@spalo/core/blocks';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { DateField } from '../../design/DateField';
import { LoadingState } from '../../design/States';
import { Body, Quiet, Strong, Title } from '../../design/Words';
import { formDay } from '../../parts/time/day-time';
import { attempt } from '../../state/problems';
import type { KnownClient } from '../../state/resources/known-client';
import { asState, isDay } from './as-state';
import { BlockTerrain } from './BlockTerrain';
import { startBlock } from './change-block';
import { useBlockView } from './use-block-view';

const OWN = 'own';
const choices = [
  ...templates.map(({ id, name }) => ({ value: id, label: name })),
  { value: OWN, label: 'From nothing' },
];
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
  const [from, setFrom] = useState(() => formDay(Date.now(), account.studio.zone));
  const lifts = useMemo(
    () =>
      programmeFor(client, room, new Date().toISOString()).map(
        ({ lift }) => programmeLift(lift.id).lift,
      ),
    [client, room],
  );
  const state = useMemo(() => {
    if (!isDay(from)) return null;
    const found = templates.find(({ id }) => id === template);
    const shape = { from, days };
    const plan = found ? draftBlock(found, lifts, shape) : plainBlock(lifts, shape);
    return asState(plan, client.id, account.trainer.id);
  }, [template, lifts, days, from, client.id, account.trainer.id]);
  const view = useBlockView(client, state, room, account);
  const start = () => {
    if (!state) return;
    const { name, weeks, lifts: planned } = state;
    attempt(() =>
      startBlock(client.id, { name, from, weeks, days, lifts: planned }, account.trainer.id),
    );
  };
  return (
    <View className="gap-4">
      <Title level={2} className="text-figure">
        A new block
      </Title>
      <Body>
        Weeks on one strategy. Loads come from what is believed of this client, and every cell can
        be changed.
      </Body>
      <Choice label="Strategy" options={choices} value={template} wrap onChange={setTemplate} />
      <Quiet className="text-ink">{saysOf(template)}</Quiet>
      <View className="gap-1">
        <Strong>Sessions a week</Strong>
        <Choice
          label="Sessions a week"
          options={dayChoices}
          value={days}
          figures
          onChange={setDays}
        />
      </View>
      <DateField
        label="Begins on"
        value={from}
        onChange={setFrom}
        problem={isDay(from) ? null : 'A day as 2026-11-24'}
      />
      {state && view ? (
        <BlockTerrain block={state} view={view} unit={account.studio.unit} />
      ) : (
        state && <LoadingState what="the loads" />
      )}
      <Button kind="main" big label="Start this block" disabled={!state} onPress={start} />
    </View>
  );
}
