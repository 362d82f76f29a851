import { liftById } from '@spalo/catalog';
import { programmeFor } from '@spalo/coaching';
import type { Account, Client } from '@spalo/contract';
import { exactly, loadables } from '@spalo/core/loads';
import { isClosed, liftLimit } from '@spalo/core/person';
import type { LoadsDraft } from '@spalo/core/planning';
import type { Room } from '@spalo/core/room';
import { massNumber, massText, nowIso, type Unit } from '@spalo/core/unit';
import { whyText, closedText } from '@spalo/core/words';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { BeliefBand } from '../../design/BeliefBand';
import { Button } from '../../design/Button';
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
  const { belief, certainty, climb, counted } = plan;
  const name = `${lift.name}, ${
    counted
      ? loadReps(plan.loadG, plan.reps, unit, counted)
      : `${massText(plan.loadG, unit)} for ${plan.reps}. ${whyText(plan.why, unit)}. What moved it`
  }`;
  const likely =
    belief &&
    `likely ${massNumber(Math.round(belief.low), unit)} to ${massText(Math.round(belief.high), unit)}`;
  const notes = [
    climb && 'climbs from here',
    certainty && certainty !== 'known' && certaintyWords[certainty],
    likely,
    build && buildText(build, null),
  ].filter(Boolean);
  return (
    <Pressable
      role={counted ? undefined : 'button'}
      aria-label={name}
      // Nothing is believed of what is held or carried: there is no estimate to open.
      disabled={counted !== undefined}
      onPress={() => onAsk({ lift, reps: plan.reps, rir: plan.targetRir })}
      className="gap-1 border-b border-line pb-2 active:opacity-70"
    >
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Strong className="min-w-0 shrink">{lift.name}</Strong>
        <View className="flex-row items-baseline gap-1">
          {plan.loadG > 0 && (
            <>
              <Figure className="text-name leading-8">{massNumber(plan.loadG, unit)}</Figure>
              <Quiet>{loadUnit(lift, unit)}</Quiet>
            </>
          )}
          <Figure className="text-name leading-8">{amountAfter(plan.reps, counted)}</Figure>
        </View>
      </View>
      {belief && (
        <BeliefBand
          belief={belief}
          load={plan.loadG}
          text={(grams) => massText(Math.round(grams), unit)}
          bare
        />
      )}
      <Quiet>{[whyText(plan.why, unit), ...notes].join(' · ')}</Quiet>
    </Pressable>
  );
}

/** Every lift of the coming session with its load, how sure that is, and why; lifts can be chosen for the client. */
export function StartingWeights({
  client,
  draft,
  room,
  account,
  bookingId,
}: {
  client: Client;
  draft: LoadsDraft;
  room: Room;
  account: Account;
  /** Their next booking: a session that is built is for it. */
  bookingId: string | undefined;
}) {
  const router = useRouter();
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
      title="Next session"
      says="Weights for the next session"
      action={
        <View className="flex-row">
          <Button kind="quiet" label="Choose lifts" onPress={() => setPicking(true)} />
          <Button
            kind="quiet"
            label="Build"
            says={`Build a session for ${client.name}`}
            onPress={() =>
              router.push({
                pathname: '/clients/[id]/build',
                params: { id: client.id, ...(bookingId && { booking: bookingId }) },
              })
            }
          />
        </View>
      }
    >
      {draft.lifts.map((plan) => (
        <StartingWeight key={plan.liftId} plan={plan} room={room} unit={unit} onAsk={setAsked} />
      ))}
      {draft.closed.map(({ liftId, why, overridable, from }) => (
        <View
          key={liftId}
          className="flex-row flex-wrap items-center gap-3 rounded-2xl bg-oxide-soft px-4 py-2"
        >
          <View className="min-w-[10rem] flex-1">
            <Strong className="text-oxide">{`${liftById(liftId).name} is left out`}</Strong>
            <Quiet className="text-ink">{`${closedText(why)}.`}</Quiet>
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
            return isClosed(limit) ? closedText(limit.why) : null;
          }}
          onPick={(lift) => toggle(lift.id)}
          onClose={() => setPicking(false)}
        />
      )}
      <AskedSheet client={client} asked={asked} account={account} onClose={() => setAsked(null)} />
    </Section>
  );
}
