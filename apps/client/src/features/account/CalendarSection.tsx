import { nowMs } from '@spalo/core/unit';
import type { Account } from '@spalo/contract';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { View } from 'react-native';
import { call } from '../../api/call';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { Body } from '../../design/Words';
import { useNow } from '../../design/use-now';
import { shortDate } from '../../parts/time/day-time';
import { attempt } from '../../state/problems';
import type { CalendarFile } from '../../parts/booking/calendar-file';
import { download } from '../../state/download';
import { pickTextFile } from '../../state/pick-file';
import { CalendarFileSheet } from './CalendarFileSheet';
import { SecretAddress } from './SecretAddress';

/** The secret address by which other calendar programs follow a trainer's bookings. */
export function CalendarSection({ account }: { account: Account }) {
  const { zone } = account.studio;
  const now = useNow(false);
  const [token, setToken] = useState<string | null>(null);
  const [file, setFile] = useState<CalendarFile | null>(null);
  const { data, refetch } = useQuery({
    queryKey: ['calendar-feed'],
    queryFn: () => call('calendarFeed', {}),
  });
  const make = () =>
    attempt(async () => {
      setToken((await call('makeCalendarFeed', {})).token);
      await refetch();
    });
  const end = () =>
    attempt(async () => {
      await call('endCalendarFeed', {});
      setToken(null);
      await refetch();
    });
  const save = () =>
    attempt(async () => {
      download('spalo.ics', 'text/calendar', (await call('calendarFile', {})).ics);
    });
  const read = () =>
    attempt(async () => {
      const text = await pickTextFile('.ics,text/calendar');
      if (text === null) return;
      const { readCalendarFile } = await import('../../parts/booking/calendar-file');
      setFile(readCalendarFile(text, zone, nowMs()));
    });
  if (!data) return null;
  return (
    <Section title="Your calendar elsewhere">
      <Body>
        {data.since
          ? `Has had a secret address since ${shortDate(data.since, zone, now)}. A new one ends it.`
          : 'A secret address lets your own calendar program show your bookings.'}
      </Body>
      {token && (
        <SecretAddress
          address={`${window.location.origin}/calendar/${token}.ics`}
          says="It is not shown again. Whoever has it sees your bookings, with names."
          copy="Copy the address"
        />
      )}
      <View className="flex-row flex-wrap gap-2">
        <Button label={data.since ? 'Another address' : 'Make an address'} onPress={make} />
        {data.since && <Button kind="stop" label="End it" onPress={end} />}
        <Button
          label="Save as a file"
          says="Save your bookings as a calendar file"
          onPress={save}
        />
        <Button label="From a file" says="Book from a calendar file" onPress={read} />
      </View>
      {file && <CalendarFileSheet file={file} account={account} onClose={() => setFile(null)} />}
    </Section>
  );
}
