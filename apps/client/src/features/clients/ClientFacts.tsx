import { countText } from '@spalo/core/unit';
import { findLift, liftById } from '@spalo/catalog';
import type { Account, Client } from '@spalo/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Chip } from '../../design/Chip';
import { Section } from '../../design/Section';
import { useNow } from '../../design/use-now';
import { Body, Quiet } from '../../design/Words';
import { shortDate } from '../../parts/time/day-time';
import { attempt } from '../../state/problems';
import { closeLimit } from '../../parts/client/change-client';
import { FactsSheet } from './FactsSheet';
import { loadReps } from '../../parts/words/load-words';

/** How to reach them, what they agreed to, what they lifted before, and what was opened for them. */
export function ClientFacts({ client, account }: { client: Client; account: Account }) {
  const [changing, setChanging] = useState(false);
  const now = useNow(false);
  const { zone, unit } = account.studio;
  return (
    <Section
      title="Facts"
      action={<Button label="Change facts" onPress={() => setChanging(true)} />}
    >
      {client.availability ? <Body>{`Can come: ${client.availability}`}</Body> : null}
      {client.phone || client.email ? (
        <Body>{[client.phone, client.email].filter(Boolean).join(' · ')}</Body>
      ) : null}
      <Body>
        {client.emergencyContact
          ? `In an emergency: ${client.emergencyContact}`
          : 'No emergency contact yet.'}
      </Body>
      <Body>
        {client.consentAt
          ? `Agreed on ${shortDate(client.consentAt, zone, now)} that health answers are kept.`
          : 'Has not agreed yet that health answers are kept.'}
      </Body>
      {client.reports.map((report) => (
        <Body key={`${report.liftId}/${report.monthsAgo}/${report.loadG}`}>
          {`${liftById(report.liftId).name}: ${loadReps(report.loadG, report.reps, unit)}, ${
            report.monthsAgo === 0 ? 'now' : `${report.monthsAgo} months ago`
          }, as they tell it`}
        </Body>
      ))}
      {(client.imported ?? []).map(({ liftId, loadG, reps, on, days }) => (
        <Body key={liftId}>
          {`${findLift(liftId)?.name ?? liftId}: ${loadReps(loadG, reps, unit)} on a usual day, from imported records (${countText(days, 'day')} around ${shortDate(`${on}T12:00:00.000Z`, 'UTC', now)})`}
        </Body>
      ))}
      {client.overrides.map((override) => (
        <View
          key={override.at + override.liftId}
          className="flex-row items-center justify-between gap-3"
        >
          <Quiet className="shrink">
            {`Opened: ${liftById(override.liftId).name}${override.range ? `, ${override.range} reps` : ''}, ${shortDate(override.at, zone, now)}. ${override.reason}`}
          </Quiet>
          <Chip
            label="Close it again"
            says={`Close ${liftById(override.liftId).name} again`}
            onPress={() => attempt(() => closeLimit(client, override))}
          />
        </View>
      ))}
      {changing && (
        <FactsSheet client={client} account={account} onClose={() => setChanging(false)} />
      )}
    </Section>
  );
}
