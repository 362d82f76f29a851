import type { Account } from '@spalo/contract';
import type { LiftPlan, SessionState } from '@spalo/core/session';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { EmptyState, LoadingState } from '../../design/States';
import { useWide } from '../../design/use-wide';
import { Quiet, Title } from '../../design/Words';
import { floorActions } from '../../parts/lane/actions/floor-actions';
import { laneView } from '../../parts/lane/lane-view';
import { roomOf } from '../../parts/lane/use-lanes';
import { attempt } from '../../state/problems';
import { PastMissing } from '../../parts/client/PastMissing';
import { useKnownClient } from '../../state/pasts';
import { useRooms } from '../../state/queries';
import type { KnownClient } from '../../state/resources/known-client';
import { useJournalHolder, useSession } from '../../state/use-journal';
import { Guard } from '../../design/Guard';
import { LiftDecision } from './LiftDecision';
import { OwnRule } from './OwnRule';
import { SchemeChoice } from './SchemeChoice';
import { cardsFor, takenOf, type WrapUpCard } from './wrap-up-cards';
import { finishSession } from './finish-session';

/** The cards of a session, or why there are none (yet). */
function useCards(sessionId: string) {
  const ready = useJournalHolder() !== null;
  const session = useSession(sessionId);
  const { data: rooms } = useRooms();
  const { data: client } = useKnownClient(session?.clientId);
  const room = session && roomOf(rooms, session);
  const cards = useMemo(
    () =>
      session && client && client.past !== 'coming' && room
        ? cardsFor(laneView(session, client, room, undefined), client)
        : undefined,
    [session, client, room],
  );
  const lost = ready && rooms !== undefined && !session;
  return { session, client, cards, lost };
}

/** What was learned and what changes next time, a card a lift; accepting all is one tap. */
export function WrapUpScreen({ sessionId, account }: { sessionId: string; account: Account }) {
  const { session, client, cards, lost } = useCards(sessionId);
  if (lost) {
    return (
      <View className="p-4">
        <EmptyState icon="floor" title="This session is not on this device">
          Open it from the client’s page.
        </EmptyState>
      </View>
    );
  }
  if (!cards || !session || !client) return <LoadingState what="the wrap-up" />;
  return <WrapUp session={session} client={client} cards={cards} account={account} />;
}

function WrapUp({
  session,
  client,
  cards,
  account,
}: {
  session: SessionState;
  client: KnownClient;
  cards: readonly WrapUpCard[];
  account: Account;
}) {
  const router = useRouter();
  const wide = useWide();
  const [chosen, setChosen] = useState<Record<string, LiftPlan>>({});
  const actions = floorActions(session, account.trainer.id);
  const finished = session.finishedAt !== null;
  const toTakeHome = () =>
    router.push({
      pathname: '/clients/[id]/take-home',
      params: { id: client.id, session: session.id },
    });
  const finish = () =>
    attempt(async () => {
      const trainerId = account.trainer.id;
      await finishSession(session, client, cards, chosen, { trainerId, actions });
      router.replace({ pathname: '/clients/[id]', params: { id: client.id } });
    });
  return (
    <View className="min-h-0 flex-1">
      <ScrollView className="flex-1" contentContainerClassName="gap-4 p-4">
        <View>
          <Title>Wrap-up</Title>
          <Quiet>{`${client.name} · this time, next time, and why`}</Quiet>
        </View>
        <PastMissing client={client} />
        {finished && (
          <Banner
            title="This session is finished"
            action={
              <View className="flex-row flex-wrap gap-2">
                <Button label="To take home" onPress={toTakeHome} />
                <Button label="Reopen" onPress={() => attempt(() => actions.reopen())} />
              </View>
            }
          >
            Reopen it to log more or to decide otherwise.
          </Banner>
        )}
        <View className={wide ? 'flex-row flex-wrap gap-x-12' : 'border-t border-line'}>
          {cards.map((card) => {
            const { id } = card.view.lift;
            return (
              <View key={id} className={wide ? 'min-w-[26rem] flex-1' : ''}>
                <Guard what={`The decision for the ${card.view.lift.name}`}>
                  <LiftDecision
                    card={card}
                    client={client}
                    unit={session.unit}
                    finished={finished}
                    taken={takenOf(card, chosen)}
                    ruling={
                      <>
                        <SchemeChoice card={card} actions={actions} />
                        <OwnRule card={card} client={client} actions={actions} />
                      </>
                    }
                    onTake={(plan) => setChosen({ ...chosen, [id]: plan })}
                  />
                </Guard>
              </View>
            );
          })}
        </View>
      </ScrollView>
      {!finished && (
        <View className="flex-row gap-2 border-t border-line bg-paper px-4 py-2">
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
