import { cueOf, faultFacts, regressionOf } from '@spalo/catalog';
import type { Account, Client } from '@spalo/contract';
import {
  countedSets,
  decide,
  usualRir,
  type Decision,
  type LiftPlan,
  type Unit,
} from '@spalo/core';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Chip } from '../../design/Chip';
import { DecisionCard } from '../../design/DecisionCard';
import { EmptyState, LoadingState } from '../../design/States';
import { useWide } from '../../design/use-wide';
import { Quiet, Strong, Title } from '../../design/Words';
import { authorFor, journal } from '../../state/device';
import { newId } from '../../state/ids';
import { attempt } from '../../state/problems';
import { useClients, useRooms } from '../../state/queries';
import { useJournalReady, useSession } from '../../state/use-journal';
import { floorActions } from '../floor/actions';
import { laneView, type LaneView, type LiftView } from '../floor/lane-view';
import { roomOf } from '../floor/use-lanes';
import { loadReps, loadUnit } from '../floor/words';

interface Card {
  view: LiftView;
  decision: Decision;
}

function cardsFor(lane: LaneView, client: Client, unit: Unit): Card[] {
  const now = lane.session.startedAt;
  return lane.lifts.map((view) => ({
    view,
    decision: decide(view.state, {
      lift: view.lift,
      loads: view.loads,
      unit,
      flags: client.flags,
      faults: faultFacts(view.style),
      regression: regressionOf(view.lift.id),
      faultHistory: client.history.faults[view.lift.id] ?? [],
      strength: lane.strength,
      usualRir: usualRir(client, now),
    }),
  }));
}

function direction({ view, decision }: Card): 'up' | 'same' | 'down' | 'stop' {
  if (decision.gate === 'pain') return 'stop';
  const last = countedSets(view.state, 'working').at(-1)?.loadG ?? view.state.plan.loadG;
  if (decision.proposed.loadG !== last) return decision.proposed.loadG > last ? 'up' : 'down';
  return decision.proposed.reps > view.state.plan.reps ? 'up' : 'same';
}

const planText = (plan: LiftPlan, unit: Unit) =>
  plan.closed ? 'closed' : loadReps(plan.loadG, plan.reps, unit);

/** What was learned and what changes next time, a card a lift; accepting all is one tap. */
export function WrapUpScreen({ sessionId, account }: { sessionId: string; account: Account }) {
  const router = useRouter();
  const wide = useWide();
  const ready = useJournalReady();
  const session = useSession(sessionId);
  const { data: clients } = useClients();
  const { data: rooms } = useRooms();
  const [chosen, setChosen] = useState<Record<string, LiftPlan>>({});
  const client = clients?.find((each) => each.id === session?.clientId);
  const room = session && roomOf(rooms, session);
  const cards = useMemo(() => {
    if (!session || !client || !room) return undefined;
    return cardsFor(laneView(session, client, room, undefined), client, session.unit);
  }, [session, client, room]);

  if (!cards || !session || !client) {
    if (ready && clients && rooms && !session) {
      return (
        <View className="p-4">
          <EmptyState icon="floor" title="This session is not on this device">
            Open it from the client’s page.
          </EmptyState>
        </View>
      );
    }
    return <LoadingState what="the wrap-up" />;
  }
  const actions = floorActions(session, account.trainer.id);
  const finished = session.finishedAt !== null;

  const finish = () =>
    attempt(async () => {
      for (const { view, decision } of cards) {
        const taken = chosen[view.lift.id] ?? decision.proposed;
        await actions.answer({
          liftId: view.lift.id,
          proposed: decision.proposed,
          chosen: taken,
          accepted: taken === decision.proposed,
          why: decision.why,
          reason: null,
        });
        if (decision.openFlag) {
          await journal.change({
            route: 'putFlag',
            args: {
              params: { id: client.id, flagId: newId() },
              body: {
                ...decision.openFlag,
                note: decision.why,
                fine: '',
                since: session.startedAt.slice(0, 10),
                saidBy: 'felt in a session',
                state: 'new',
                usualPain: 0,
              },
            },
          });
        }
      }
      await journal.append(session.id, 'session.finished', {}, authorFor(account.trainer.id));
      router.replace({ pathname: '/clients/[id]', params: { id: client.id } });
    });

  return (
    <View className="min-h-0 flex-1">
      <ScrollView className="flex-1" contentContainerClassName="gap-4 p-4">
        <View>
          <Title>Wrap-up</Title>
          <Quiet>{`${client.name} · what changes next time, and why`}</Quiet>
        </View>
        {finished && (
          <Banner
            title="This session is finished"
            action={<Button label="Reopen" onPress={() => attempt(() => actions.reopen())} />}
          >
            Reopen it to log more or to decide otherwise.
          </Banner>
        )}
        <View className={wide ? 'flex-row flex-wrap gap-4' : 'gap-4'}>
          {cards.map((card) => {
            const { view, decision } = card;
            const taken = chosen[view.lift.id] ?? decision.proposed;
            const pick = (plan: LiftPlan) => setChosen({ ...chosen, [view.lift.id]: plan });
            const options = [
              { label: 'As proposed', plan: decision.proposed },
              ...decision.alternatives,
            ];
            return (
              <View key={view.lift.id} className={wide ? 'min-w-[26rem] flex-1' : ''}>
                <DecisionCard
                  lift={view.lift.name}
                  happened={decision.happened}
                  next={planText(taken, session.unit)}
                  unit={loadUnit(view.lift, session.unit)}
                  focus={cueOf(view.style, taken.focusCueId)?.text ?? null}
                  why={
                    taken === decision.proposed
                      ? `${decision.why}.`
                      : 'Your choice; Spalo’s proposal is kept beside it.'
                  }
                  advice={decision.advice}
                  tone={direction(card)}
                >
                  {!finished && (
                    <View
                      role="group"
                      aria-label={`Next time for ${view.lift.name}`}
                      className="flex-row flex-wrap gap-2"
                    >
                      {options.map((option) => (
                        <Chip
                          key={option.label}
                          label={option.label}
                          look={option.plan === taken ? 'taken' : 'plain'}
                          pressed={option.plan === taken}
                          onPress={() => pick(option.plan)}
                        />
                      ))}
                    </View>
                  )}
                  {view.state.notes.map((note) => (
                    <Quiet key={note}>{note}</Quiet>
                  ))}
                  {finished && view.state.answer && (
                    <Strong>{`Kept: ${loadReps(view.state.answer.chosen.loadG, view.state.answer.chosen.reps, session.unit)}`}</Strong>
                  )}
                </DecisionCard>
              </View>
            );
          })}
        </View>
      </ScrollView>
      {!finished && (
        <View className="flex-row gap-2 border-t-2 border-line bg-paper px-4 py-2">
          <Button label="Back" icon="back" onPress={() => router.push('/floor')} />
          <Button
            kind="main"
            big
            label={Object.keys(chosen).length > 0 ? 'Finish with these' : 'Accept all and finish'}
            onPress={finish}
            className="flex-1"
          />
        </View>
      )}
    </View>
  );
}
