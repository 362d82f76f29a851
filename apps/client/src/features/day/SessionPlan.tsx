import type { SessionDuration } from '@spalo/core/time';
import { paceText } from '../../parts/words/pace-words';
import { liftById } from '@spalo/catalog';
import { cueTo } from '@spalo/coaching';
import type { Account, Client } from '@spalo/contract';
import { memoryOf, type LiftMemory } from '@spalo/core/memory';
import type { LoadsDraft } from '@spalo/core/planning';
import { amid, massNumber, nowIso } from '@spalo/core/unit';
import { whyText, closedText } from '@spalo/core/words';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Figure, Quiet, Strong } from '../../design/Words';
import { capital } from '../../design/sentence';
import type { WholeDraft } from '../../state/worker/tasks/draft';
import { amountAfter, loadReps, loadUnit } from '../../parts/words/load-words';
import { inTurnWith } from '../../parts/words/pair-words';
import { sayOf } from '../../parts/words/say-words';
import { minutesText, rampWords } from '../../parts/words/ramp-words';
import { DecidedAgain } from './DecidedAgain';

/** What stands in for what, and what to tell the client of it. */
function RoundPain({ plan }: { plan: LoadsDraft['lifts'][number] }) {
  const say = sayOf(plan);
  return (
    <>
      {plan.standsFor !== undefined && (
        <Quiet className="text-ink">
          {`Stands in for ${amid(liftById(plan.standsFor).name)}.`}
        </Quiet>
      )}
      {say && <Quiet className="text-ink">{`Say: ${say}`}</Quiet>}
    </>
  );
}

/** What was written about a lift while its sets were looked at again. */
function FromReview({ review }: { review: LiftMemory['review'] }) {
  if (!review) return null;
  const lines = [
    ['Good', review.good],
    ['Keep on', review.keepOn],
    ['Change', review.change],
  ].filter(([, text]) => text !== '');
  return lines.map(([name, text]) => (
    <Quiet key={name} className="text-ink">{`${name}: ${text}`}</Quiet>
  ));
}

/** What a session holds, lift by lift: load, reps, ramp, focus, and where the load comes from. */
export function SessionPlan({
  draft,
  whole,
  seconds,
  client,
  account,
}: {
  draft: LoadsDraft;
  /** The same with its ramps and general part; null until the worker has planned them. */
  whole: WholeDraft | null;
  /** How long it takes, part by part, at the client's pace. */
  seconds: SessionDuration | null;
  client: Client;
  account: Account;
}) {
  const { unit } = account.studio;
  const lifts = draft.lifts.map((plan) => ({ plan }));
  const paced = seconds && paceText(seconds, client.history.times?.length ?? 0);
  const turns = lifts.map((lift) => inTurnWith(lift, lifts));
  return (
    <View className="gap-3">
      {seconds && (
        <View>
          <Strong>
            {`About ${minutesText(seconds.totalS)}: ${minutesText(seconds.generalS)} general, ${minutesText(seconds.rampsS)} ramps, ${minutesText(seconds.workS)} work`}
          </Strong>
          {paced && <Quiet>{paced}</Quiet>}
        </View>
      )}
      {draft.lifts.map((plan, place) => {
        const lift = liftById(plan.liftId);
        const cue = cueTo(client, plan, nowIso());
        const planned = whole?.lifts.find((each) => each.liftId === plan.liftId);
        const warmUps = planned?.steps.filter((step) => step.kind === 'warm-up') ?? [];
        return (
          <View key={plan.liftId} className="gap-1 border-b border-line pb-2">
            <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
              <Strong>{lift.name}</Strong>
              <View className="flex-row items-baseline gap-1">
                {plan.loadG > 0 && (
                  <>
                    <Figure>{massNumber(plan.loadG, unit)}</Figure>
                    <Quiet>{loadUnit(lift, unit)}</Quiet>
                  </>
                )}
                <Figure>{amountAfter(plan.reps, plan.counted)}</Figure>
                <Quiet>{`· ${plan.sets} sets`}</Quiet>
              </View>
            </View>
            {planned && !plan.climb && !plan.counted && (
              <Quiet>
                {warmUps.length > 0
                  ? `${rampWords[planned.ramp].name}: ${warmUps.map((step) => loadReps(step.loadG, step.reps, unit)).join(', ')}`
                  : 'No warm-up set needed'}
              </Quiet>
            )}
            {cue && <Quiet>{`Focus: ${amid(cue.text)}`}</Quiet>}
            {(memoryOf(client.history, lift.id).remedies ?? []).map(({ kind, text }) => (
              <Quiet key={text} className="text-ink">{`From last time, ${kind}: ${text}`}</Quiet>
            ))}
            <FromReview review={memoryOf(client.history, lift.id).review} />
            <RoundPain plan={plan} />
            {turns[place] && <Quiet>{`${capital(turns[place])}.`}</Quiet>}
            {plan.again ? (
              <DecidedAgain lift={plan} again={plan.again} client={client} account={account} />
            ) : (
              <Quiet>{`${whyText(plan.why, unit)}.`}</Quiet>
            )}
          </View>
        );
      })}
      {draft.closed.map((lift) => (
        <Banner key={lift.liftId} kind="stop" title={`${liftById(lift.liftId).name} is left out`}>
          {closedText(lift.why)}
        </Banner>
      ))}
    </View>
  );
}
