import { useQuery } from '@tanstack/react-query';
import { View } from 'react-native';
import { call } from '../../api/call';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { Quiet, Strong } from '../../design/Words';
import { dayAndTime } from '../../parts/time/day-time';
import { attempt } from '../../state/problems';
import { queryClient } from '../../state/query-client';

/** The browsers that one is signed in with, to end one or all others. Needs the network. */
export function SignInsSection({ zone }: { zone: string }) {
  const { data: signIns } = useQuery({
    queryKey: ['sign-ins'],
    queryFn: async () => (await call('signIns', {})).signIns,
  });
  const end = (work: () => Promise<unknown>) =>
    attempt(async () => {
      await work();
      await queryClient.invalidateQueries({ queryKey: ['sign-ins'] });
    });
  const others = (signIns ?? []).filter(({ current }) => !current);
  return (
    <Section title="Signed in on">
      {!signIns && <Quiet>Known once the server can be reached.</Quiet>}
      {signIns?.map(({ id, browser, createdAt, current }) => (
        <View
          key={id}
          className="min-h-tap flex-row flex-wrap items-center justify-between gap-3 border-b border-line py-1"
        >
          <View className="shrink">
            <Strong>{current ? `${browser}, this one` : browser}</Strong>
            <Quiet>{`since ${dayAndTime(createdAt, zone)}`}</Quiet>
          </View>
          {!current && (
            <Button
              label="End"
              says={`End ${browser} of ${dayAndTime(createdAt, zone)}`}
              onPress={() => end(() => call('endSignIn', { params: { id } }))}
            />
          )}
        </View>
      ))}
      {others.length > 0 && (
        <Button label="End all others" onPress={() => end(() => call('endOtherSignIns', {}))} />
      )}
    </Section>
  );
}
