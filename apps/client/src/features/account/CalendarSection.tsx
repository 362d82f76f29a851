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
import { SecretAddress } from './SecretAddress';

/** The secret address by which other calendar programs follow a trainer's bookings. */
export function CalendarSection({ zone }: { zone: string }) {
  const now = useNow(false);
  const [token, setToken] = useState<string | null>(null);
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
      </View>
    </Section>
  );
}
