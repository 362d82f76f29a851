import type { Account } from '@spalo/contract';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { View } from 'react-native';
import { call } from '../../api/call';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { TextField } from '../../design/TextField';
import { Body, Quiet } from '../../design/Words';
import { attempt } from '../../state/problems';

interface Rules {
  days: number;
  megabytes: number;
}

const whole = (text: string): number | null =>
  /^\d{1,7}$/.test(text.trim()) ? Number(text) : null;

/** The rules as an owner changes them. */
function RulesForm({ rules, onKept }: { rules: Rules; onKept: () => void }) {
  const [days, setDays] = useState(String(rules.days));
  const [room, setRoom] = useState(String(rules.megabytes));
  const [kept, megabytes] = [whole(days), whole(room)];
  const daysWrong = kept === null || kept < 1 || kept > 3650;
  const roomWrong = megabytes === null || megabytes > 1_000_000;
  const changed = kept !== rules.days || megabytes !== rules.megabytes;
  const save = () =>
    attempt(async () => {
      if (daysWrong || roomWrong) return;
      await call('putFilmRules', { body: { days: kept, megabytes } });
      onKept();
    });
  return (
    <>
      <View className="flex-row gap-2">
        <View className="flex-1">
          <TextField
            label="Kept for, days"
            value={days}
            onChange={setDays}
            max={4}
            inputMode="numeric"
            problem={daysWrong ? 'Between 1 and 3650' : null}
          />
        </View>
        <View className="flex-1">
          <TextField
            label="Room, MB"
            value={room}
            onChange={setRoom}
            max={7}
            inputMode="numeric"
            problem={roomWrong ? 'Between 0 and 1,000,000' : null}
          />
        </View>
      </View>
      {changed && !daysWrong && !roomWrong && <Button label="Save these rules" onPress={save} />}
    </>
  );
}

/** How long the studio keeps films, and how much room they have. */
export function FilmSection({ account }: { account: Account }) {
  const { data: rules, refetch } = useQuery({
    queryKey: ['film-rules'],
    queryFn: () => call('filmRules', {}),
  });
  if (!rules) return null;
  const { days, megabytes, taken } = rules;
  return (
    <Section title="Films">
      <Body>{`${taken.toFixed(1)} of ${megabytes} MB are taken. A film goes ${days} days after it was sent.`}</Body>
      {account.trainer.role === 'owner' ? (
        <RulesForm key={`${days}/${megabytes}`} rules={rules} onKept={() => void refetch()} />
      ) : (
        <Quiet>An owner changes this.</Quiet>
      )}
    </Section>
  );
}
