import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Text, View } from 'react-native';
import { call } from '../../api/call';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { Body, Quiet } from '../../design/Words';
import { useNow } from '../../design/use-now';
import { shortDate } from '../../parts/time/day-time';
import { attempt } from '../../state/problems';

/** The address as it is shown once: whoever has it can read. */
function Address({ token }: { token: string }) {
  const [copied, setCopied] = useState(false);
  const address = `${window.location.origin}/calendar/${token}.ics`;
  const clipboard = window.isSecureContext ? navigator.clipboard : undefined;
  return (
    <View className="gap-2">
      <View className="rounded-2xl border-2 border-line bg-card p-3">
        <Text
          selectable
          className="font-text text-body text-ink"
          style={{ wordBreak: 'break-all' } as object}
        >
          {address}
        </Text>
      </View>
      <Quiet>It is not shown again. Whoever has it sees your bookings, with names.</Quiet>
      {clipboard && (
        <Button
          kind="main"
          label={copied ? 'Copied' : 'Copy the address'}
          onPress={() => void clipboard.writeText(address).then(() => setCopied(true))}
        />
      )}
    </View>
  );
}

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
      {token && <Address token={token} />}
      <View className="flex-row flex-wrap gap-2">
        <Button label={data.since ? 'Another address' : 'Make an address'} onPress={make} />
        {data.since && <Button kind="stop" label="End it" onPress={end} />}
      </View>
    </Section>
  );
}
