import { nowMs } from '@spalo/core/unit';
import type { Account, ScriptToken } from '@spalo/contract';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { View } from 'react-native';
import { call } from '../../api/call';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { DateField } from '../../design/DateField';
import { Section } from '../../design/Section';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { useNow } from '../../design/use-now';
import { Body, Quiet, Strong } from '../../design/Words';
import { NO_DAY, formDay, isDay, shortDate } from '../../parts/time/day-time';
import { attempt } from '../../state/problems';
import { SecretAddress } from './SecretAddress';

const MONTH_MS = 30 * 24 * 3600 * 1000;

/** How a token stands, in words. */
function standing(token: ScriptToken, zone: string, now: number): string {
  if (token.revokedAt) return `ended ${shortDate(token.revokedAt, zone, now)}`;
  const over = Date.parse(token.expiresAt) < now;
  return `${over ? 'ran out' : 'reads until'} ${shortDate(token.expiresAt, zone, now)}`;
}

const isLive = ({ revokedAt, expiresAt }: ScriptToken, now: number) =>
  revokedAt === null && Date.parse(expiresAt) > now;

/** Makes a token: what it is for, and until when. It is shown here and never again. */
function NewToken({ onMade, onClose }: { onMade: () => void; onClose: () => void }) {
  const [name, setName] = useState('');
  const [lastDay, setLastDay] = useState(() => formDay(nowMs() + 3 * MONTH_MS, 'UTC'));
  const [tried, setTried] = useState(false);
  const [token, setToken] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const make = async () => {
    setTried(true);
    if (name.trim() === '' || !isDay(lastDay)) return;
    try {
      setToken((await call('makeScriptToken', { body: { name, lastDay } })).token);
      onMade();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'That did not work');
    }
  };
  return (
    <Sheet title={token ? 'The token' : 'A token for a script'} open onClose={onClose}>
      {token ? (
        <SecretAddress
          address={token}
          says="It is not shown again. Whoever has it reads clients, sessions, bookings and rooms, and changes nothing."
          copy="Copy the token"
        />
      ) : (
        <>
          {problem && <Banner kind="stop" title={problem} />}
          <TextField
            label="What it is for"
            value={name}
            onChange={setName}
            max={60}
            problem={tried && name.trim() === '' ? 'Fill this in' : null}
          />
          <DateField
            label="Its last day"
            value={lastDay}
            onChange={setLastDay}
            hint="At most a year from now"
            problem={tried && !isDay(lastDay) ? NO_DAY : null}
          />
          <Button kind="main" label="Make the token" onPress={() => void make()} />
        </>
      )}
    </Sheet>
  );
}

/** What was read with a token, by day. */
function UsesSheet({ token, onClose }: { token: ScriptToken; onClose: () => void }) {
  const { data: uses } = useQuery({
    queryKey: ['script-uses', token.id],
    queryFn: async () => (await call('scriptUses', { params: { id: token.id } })).uses,
  });
  return (
    <Sheet title={token.name} open onClose={onClose}>
      {uses?.length === 0 && <Body>Nothing was read with it yet.</Body>}
      {uses?.map(({ day, operation, times }) => (
        <View key={`${day} ${operation}`} className="flex-row gap-3 border-b border-line py-1">
          <Quiet className="w-24">{day}</Quiet>
          <Body className="min-w-0 flex-1">{operation}</Body>
          <Strong>{`${times}×`}</Strong>
        </View>
      ))}
    </Sheet>
  );
}

/** Tokens that scripts of the studio read with: for owners. */
export function ScriptsSection({ account }: { account: Account }) {
  const now = useNow(false);
  const { zone } = account.studio;
  const [making, setMaking] = useState(false);
  const [shown, setShown] = useState<ScriptToken | null>(null);
  const { data: tokens = [], refetch } = useQuery({
    queryKey: ['script-tokens'],
    queryFn: async () => (await call('scriptTokens', {})).tokens,
  });
  const end = ({ id }: ScriptToken) =>
    attempt(async () => {
      await call('endScriptToken', { params: { id } });
      await refetch();
    });
  return (
    <Section title="Scripts">
      <Body>
        A token lets a script of your own read clients, sessions, bookings and rooms. It changes
        nothing, and never reads answers to health questions.
      </Body>
      {tokens.map((token) => (
        <View key={token.id} className="gap-2 border-b border-line pb-2">
          <View>
            <Strong>{token.name}</Strong>
            <Quiet>
              {`${standing(token, zone, now)} · ${token.lastUsedAt ? `used ${token.uses} times, last ${shortDate(token.lastUsedAt, zone, now)}` : 'never used'}`}
            </Quiet>
          </View>
          <View className="flex-row flex-wrap gap-2">
            <Button
              label="What it read"
              says={`What ${token.name} read`}
              onPress={() => setShown(token)}
            />
            {isLive(token, now) && (
              <Button
                kind="stop"
                label="End it"
                says={`End ${token.name}`}
                onPress={() => end(token)}
              />
            )}
          </View>
        </View>
      ))}
      <Button label="Make a token" onPress={() => setMaking(true)} />
      {making && <NewToken onMade={() => void refetch()} onClose={() => setMaking(false)} />}
      {shown && <UsesSheet token={shown} onClose={() => setShown(null)} />}
    </Section>
  );
}
