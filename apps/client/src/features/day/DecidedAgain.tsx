import { liftById } from '@spalo/catalog';
import type { Account, Client } from '@spalo/contract';
import { memoryOf } from '@spalo/core/memory';
import { onDayOf, planOf, type Again, type LoadedLift } from '@spalo/core/session';
import { whyText } from '@spalo/core/words';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Body } from '../../design/Words';
import { loadReps } from '../../parts/words/load-words';
import { decideAgainIn } from '../../state/past-session';
import { attempt } from '../../state/problems';

/** A plan whose grounds have changed: what was decided beside what is proposed now; one tap takes either. */
export function DecidedAgain({
  lift,
  again,
  client,
  account,
}: {
  lift: LoadedLift;
  again: Again;
  client: Client;
  account: Account;
}) {
  const { unit } = account.studio;
  const { name } = liftById(lift.liftId);
  const now = loadReps(lift.loadG, lift.reps, unit);
  const before = loadReps(again.loadG, again.reps, unit);
  const memory = memoryOf(client.history, lift.liftId);
  const answer = (accepted: boolean) => {
    const { decided, plan: kept } = memory;
    if (!decided || !kept) return;
    const proposed = planOf(lift);
    attempt(() =>
      decideAgainIn(decided.sessionId, account.trainer.id, {
        liftId: lift.liftId,
        proposed,
        chosen: accepted ? proposed : onDayOf(kept, proposed),
        accepted,
        why: again.why,
        reason: null,
      }),
    );
  };
  return (
    <Banner icon="alert" title={`To be decided again: ${before} was planned, ${now} now`}>
      <Body>{`${whyText(again.why, unit)}.`}</Body>
      {memory.decided && (
        <View className="flex-row flex-wrap gap-2 pt-2">
          <Button
            kind="main"
            label={`Take ${now}`}
            says={`Take ${now} for the ${name}`}
            onPress={() => answer(true)}
          />
          <Button
            label={`Keep ${before}`}
            says={`Keep ${before} for the ${name}`}
            onPress={() => answer(false)}
          />
        </View>
      )}
    </Banner>
  );
}
