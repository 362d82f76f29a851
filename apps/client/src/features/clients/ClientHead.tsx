import type { Account, Client } from '@spalo/contract';
import { ageOn, askAgain, cautionsFor } from '@spalo/core/person';
import { massText, nowIso } from '@spalo/core/unit';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button, IconButton } from '../../design/Button';
import { useNow } from '../../design/use-now';
import { useWide } from '../../design/use-wide';
import { Quiet, Strong, Title } from '../../design/Words';
import { changeClient } from '../../parts/client/change-client';
import { attempt } from '../../state/problems';
import { FlagLine } from '../../parts/client/FlagLine';
import { stillToAsk } from '../../parts/client/still-to-ask';
import type { KnownClient } from '../../state/resources/known-client';
import { FactsSheet } from './FactsSheet';

function trained(months: number): string {
  if (months === 0) return 'new to training';
  return months < 24
    ? `${months} months of training`
    : `${Math.floor(months / 12)} years of training`;
}

/** What constrains: archived, cautions, not screened yet. */
function Cautions({ client, today }: { client: Client; today: string }) {
  const [first, ...others] = cautionsFor(client, today);
  const again = askAgain(client, today) !== null && client.mine;
  return (
    <>
      {first && (
        <Banner kind="stop" title={first}>
          {others.join('. ')}
        </Banner>
      )}
      {again && (
        <Button
          kind="main"
          label="Asked again: nothing new"
          onPress={() =>
            attempt(() =>
              changeClient(client, { askedAgainAt: nowIso() }, 'Asked again: nothing new'),
            )
          }
        />
      )}
      {!client.screened && (
        <Banner kind="stop" title="Screening not finished">
          Ask the health questions that are open before loaded work: nobody knows yet what limits
          this client.
        </Banner>
      )}
    </>
  );
}

/** What the first talk left out, and the way to say it. */
function StillToAsk({ client, account }: { client: KnownClient; account: Account }) {
  const [asking, setAsking] = useState(false);
  const asks = stillToAsk(client);
  if (asks.length === 0 || client.past === 'coming') return null;
  return (
    <View className="flex-row items-center justify-between gap-3">
      <Quiet className="min-w-0 flex-1">{`Still to ask: ${asks.join(', ')}.`}</Quiet>
      <Button kind="quiet" label="Ask" says="Ask what is missing" onPress={() => setAsking(true)} />
      {asking && <FactsSheet client={client} account={account} onClose={() => setAsking(false)} />}
    </View>
  );
}

/** Who they are and what to know before anything else. */
export function ClientHead({ client, account }: { client: KnownClient; account: Account }) {
  const router = useRouter();
  const wide = useWide();
  const today = new Date(useNow(false)).toISOString();
  const years = ageOn(client.birthDate, today);
  return (
    <>
      <View className="flex-row items-center gap-3">
        {!wide && (
          <IconButton label="All clients" icon="back" onPress={() => router.push('/clients')} />
        )}
        <View className="min-w-0 flex-1">
          <Title className="text-name leading-8">{client.name}</Title>
          <Quiet>
            {[
              massText(client.bodyMassG, account.studio.unit),
              trained(client.trainingMonths),
              years === null ? '' : `${years} years old`,
            ]
              .filter(Boolean)
              .join(' · ')}
          </Quiet>
        </View>
      </View>
      {client.archivedAt && <Banner title="Archived" />}
      {client.brief ? <Strong>{client.brief}</Strong> : null}
      {client.goal ? <Quiet>{`Goal: ${client.goal}`}</Quiet> : null}
      <StillToAsk client={client} account={account} />
      <FlagLine client={client} />
      <Cautions client={client} today={today} />
    </>
  );
}
