import { liftById } from '@spalo/catalog';
import { programmeFor } from '@spalo/coaching';
import type { Account, Client } from '@spalo/contract';
import {
  exactly,
  isClosed,
  liftLimit,
  loadables,
  type LoadsDraft,
  massNumber,
  massText,
  nowIso,
  type Room,
  type Unit,
} from '@spalo/core';
import { useState } from 'react';
import { View } from 'react-native';
import { BeliefBand } from '../../design/BeliefBand';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Chip } from '../../design/Chip';
import { buildText } from '../../design/load-text';
import { Section } from '../../design/Section';
import { Figure, Quiet, Strong } from '../../design/Words';
import { attempt } from '../../state/problems';
import { amountAfter, loadReps, loadUnit } from '../../parts/words/load-words';
import { LiftPicker } from '../../parts/pickers/LiftPicker';
import { changeClient } from '../../parts/client/change-client';
import { certaintyWords } from '../../parts/words/certainty-words';
import { AskedSheet, type Asked } from './AskedSheet';

/** One lift with its load, the belief it comes from, and how it is built. */
function StartingWeight({
  plan,
  room,
  unit,
  onAsk,
}: {
  plan: LoadsDraft['lifts'][number];
  room: Room;
  unit: Unit;
  onAsk: (asked: Asked) => void;
}) {
  const lift = liftById(plan.liftId);
  const build = exactly(loadables(room, plan.implement), plan.loadG)?.build;
  return (
    <Card
      className="gap-1 py-3"
      // Nothing is believed of what is held or carried: there is no estimate to open.
      onPress={
        plan.counted ? undefined : () => onAsk({ lift, reps: plan.reps, rir: plan.targetRir })
      }
      label={
        plan.counted
          ? `${lift.name}, ${loadReps(plan.loadG, plan.reps, unit, plan.counted)}`
          : `${lift.name}, ${massText(plan.loadG, unit)} for ${plan.reps}. ${plan.why}. What moved it`
      }
    >
      <View className="flex-row flex-wrap items-end justify-between gap-x-3">
        <Strong className="shrink text-lead">{lift.name}</Strong>
        <View className="flex-row items-baseline gap-1">
          {plan.loadG > 0 && (
            <>
              <Figure className="text-[1.75rem] leading-8">{massNumber(plan.loadG, unit)}</Figure>
              <Quiet>{loadUnit(lift, unit)}</Quiet>
            </>
          )}
          <Figure>{amountAfter(plan.reps, plan.counted)}</Figure>
        </View>
      </View>
      {plan.belief && (
        <BeliefBand
          belief={plan.belief}
          load={plan.loadG}
          text={(grams) => massText(Math.round(grams), unit)}
        />
      )}
      <View className="flex-row flex-wrap items-center gap-x-2 gap-y-1">
        {plan.certainty && <Chip label={certaintyWords[plan.certainty]} />}
        {plan.climb && <Chip label="climbs from here" icon="floor" />}
      </View>
      <Quiet>{`${plan.why}.`}</Quiet>
      {build && <Quiet>{buildText(build, null)}</Quiet>}
    </Card>
  );
}

/** Every lift of the coming session with its load, how sure that is, and why; lifts can be chosen for the client. */
export function StartingWeights({
  client,
  draft,
  room,
  account,
}: {
  client: Client;
  draft: LoadsDraft;
  room: Room;
  account: Account;
}) {
  const [picking, setPicking] = useState(false);
  const [asked, setAsked] = useState<Asked | null>(null);
  const { unit } = account.studio;
  const [now] = useState(() => nowIso());
  const chosen = programmeFor(client, room, now).map(({ lift }) => lift.id);
  const toggle = (liftId: string) => {
    const programme = chosen.includes(liftId)
      ? chosen.filter((id) => id !== liftId)
      : [...chosen, liftId].slice(0, 12);
    const name = liftById(liftId).name;
    const says = `${name} ${programme.includes(liftId) ? 'chosen' : 'left out'}`;
    attempt(() => changeClient(client, { programme }, says));
  };
  return (
    <Section
      title="Weights for the next session"
      action={<Button label="Choose lifts" onPress={() => setPicking(true)} />}
    >
      {draft.lifts.map((plan) => (
        <StartingWeight key={plan.liftId} plan={plan} room={room} unit={unit} onAsk={setAsked} />
      ))}
      {draft.closed.map(({ liftId, why, overridable, from }) => (
        <View
          key={liftId}
          className="flex-row flex-wrap items-center gap-3 rounded-2xl border-2 border-oxide bg-oxide-soft px-4 py-2"
        >
          <View className="min-w-[10rem] flex-1">
            <Strong className="text-oxide">{`${liftById(liftId).name} is left out`}</Strong>
            <Quiet className="text-ink">{`${why}.`}</Quiet>
          </View>
          <Button
            label={overridable ? 'Open it' : 'Why'}
            says={`${overridable ? 'Open' : 'Why is'} ${liftById(liftId).name}${overridable ? '' : ' left out'}`}
            onPress={() =>
              setAsked({ closed: { liftId, range: null, why, overridable, ...(from && { from }) } })
            }
          />
        </View>
      ))}
      {picking && (
        <LiftPicker
          title="Lifts of the session"
          taken={chosen}
          note={(lift) => {
            const limit = liftLimit(client, lift, now);
            return isClosed(limit) ? limit.why : null;
          }}
          onPick={(lift) => toggle(lift.id)}
          onClose={() => setPicking(false)}
        />
      )}
      <AskedSheet client={client} asked={asked} account={account} onClose={() => setAsked(null)} />
    </Section>
  );
}
