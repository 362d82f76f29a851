import { liftById } from '@spalo/catalog';
import type { Account, Client } from '@spalo/contract';
import type { Lift } from '@spalo/core/lift';
import type { Explanation, SetEffect } from '@spalo/core/explain';
import { inGrams, type PastSet, Z80 } from '@spalo/core/strength';
import { percentText, massNumber, massText, nowIso, countText } from '@spalo/core/unit';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { BeliefShift } from '../../design/BeliefShift';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Sheet } from '../../design/Sheet';
import { LoadingState } from '../../design/States';
import { useNow } from '../../design/use-now';
import { Body, Figure, Quiet, Strong } from '../../design/Words';
import { changeSet } from '../../state/past-session';
import { attempt } from '../../state/problems';
import { ratiosHere } from '../../state/strength';
import { useEvidence } from '../../state/use-evidence';
import { useTask } from '../../state/worker/use-task';
import { shortDate } from '../time/day-time';
import { loadReps, loadUnit, rirText } from '../words/load-words';
import { CorrectSet } from './CorrectSet';

/** A share as a trainer reads it: "+4%", "no change". */
function shift(effect: number): string {
  const percent = Math.round((Math.exp(effect) - 1) * 100);
  return percent === 0 ? 'no change' : `${percent > 0 ? '+' : '−'}${Math.abs(percent)}%`;
}

/** The half-width of the likely range, as a share: "±12%". */
const doubt = (sd: number) => `±${percentText(Math.exp(Z80 * sd) - 1)}`;

function OwnSet({
  effect,
  account,
  onCorrect,
}: {
  effect: SetEffect;
  account: Account;
  onCorrect: () => void;
}) {
  const { set, how } = effect;
  const now = useNow(false);
  const { unit, zone } = account.studio;
  const judge = (representative: boolean) =>
    attempt(() =>
      changeSet(set.sessionId, account.trainer.id, 'set.judged', {
        setId: set.id,
        representative,
        reason: null,
      }),
    );
  const name = `${loadReps(set.loadG, set.cleanReps, unit)}, ${shortDate(set.at, zone, now)}`;
  const left = set.bearing === 'left out';
  return (
    <View className="gap-1 border-b border-line pb-2">
      <View className="flex-row items-baseline justify-between gap-2">
        <Figure className={left ? 'text-slate line-through' : ''}>
          {loadReps(set.loadG, set.cleanReps, unit)}
        </Figure>
        <Strong className="text-small">{left ? 'left out' : shift(effect.effect)}</Strong>
      </View>
      <Quiet>{`${shortDate(set.at, zone, now)}${set.rir === null ? '' : ` · ${rirText(set.rir)}`}${how === 'less' ? ' · surprising, counts less' : ''}`}</Quiet>
      {how === 'not' && !left && (
        <Body className="text-oxide">
          Does this look right? It is too far off to be believed once.
        </Body>
      )}
      <View className="flex-row gap-2">
        <Button label="Correct" says={`Correct ${name}`} onPress={onCorrect} />
        <Button
          label={left ? 'Count it again' : 'Leave it out'}
          says={`${left ? 'Count' : 'Leave out'} ${name}`}
          onPress={() => judge(left)}
        />
      </View>
    </View>
  );
}

/** A share that is lost, with its doubt: "2.1%, give or take 1.0%". */
function loss({ mean, sd }: Explanation['tired']['own']): string {
  const percent = (share: number) => `${(Math.max(0, share) * 100).toFixed(1)}%`;
  return `${percent(mean)}, give or take ${percent(Z80 * sd)}`;
}

/** What tired sets cost, and how reports are heard: both stand behind every load. */
function HowItIsRead({ answer }: { answer: Explanation }) {
  const doubted = answer.own.filter((each) => each.how !== 'taken').length;
  return (
    <Card className="gap-1">
      <Strong>How sets are read</Strong>
      <Body>{`A set that leaves two costs the next of the same lift ${loss(answer.tired.own)}.`}</Body>
      <Body>{`Other lifts before it cost ${loss(answer.tired.others)} in all.`}</Body>
      <Body>
        Reps said to be left are a rounded guess: 0 means a half at most, 4+ at least three and a
        half, and the farther from the limit the less they move a load.
      </Body>
      {doubted > 0 && (
        <Body>{`${doubted} of its sets ${doubted === 1 ? 'was' : 'were'} too surprising to count in full.`}</Body>
      )}
    </Card>
  );
}

/** What they said, their own sets, related lifts and time, each with its share of the change. */
function WhatMoved({ answer }: { answer: Explanation }) {
  const told = answer.told.mu - answer.prior.mu;
  return (
    <Card className="gap-1">
      <Strong>What moved it</Strong>
      {Math.abs(told) > 0.005 && <Body>{`What they and records say: ${shift(told)}`}</Body>}
      <Body>
        {answer.own.length > 0
          ? `${countText(answer.own.length, 'own set')}: ${shift(answer.own.reduce((sum, each) => sum + each.effect, 0))}`
          : 'No set of this lift yet'}
      </Body>
      {answer.related.slice(0, 6).map((other) => (
        <Body key={other.liftId}>
          {`${liftById(other.liftId).name}, ${countText(other.sets, 'set')}: ${shift(other.effect)}`}
        </Body>
      ))}
      {Math.abs(answer.studio) > 0.005 && (
        <Body>{`What this studio’s clients show of the lift: ${shift(answer.studio)}`}</Body>
      )}
      {Math.abs(answer.time) > 0.005 && <Body>{`Time since: ${shift(answer.time)}`}</Body>}
      <Body>{`Doubt: ${doubt(answer.prior.sd)} before, ${doubt(answer.now.sd)} now`}</Body>
      {answer.own.length + answer.related.length === 0 && Math.abs(told) <= 0.005 && (
        <Body>Only body mass, age and training so far. The first sets move it fast.</Body>
      )}
    </Card>
  );
}

/** Opens an estimate: what was believed before, what is now, and which sets and lifts moved it. */
export function Estimate({
  client,
  lift,
  reps,
  rir,
  account,
  onClose,
}: {
  client: Client;
  lift: Lift;
  reps: number;
  rir: number;
  account: Account;
  onClose: () => void;
}) {
  const sets = useEvidence(client);
  const [now] = useState(() => nowIso());
  const [correcting, setCorrecting] = useState<PastSet | null>(null);
  const { unit } = account.studio;
  // The worker takes plain facts; what the screen adds to a client stays here.
  const task = useMemo(() => {
    if (!sets) return null;
    const { history: _history, ...person } = client;
    return { person, sets, now, liftId: lift.id, reps, rir, ratios: ratiosHere() };
  }, [client, sets, now, lift.id, reps, rir]);
  // Sets that the trainer left out move nothing, and are shown all the same.
  const { answer, again } = useTask('explain', task);
  const leftOut = (sets ?? []).filter(
    (set) => set.liftId === lift.id && set.bearing === 'left out',
  );
  const say = (grams: number) => massText(Math.round(grams), unit);
  const likely = answer && inGrams(answer.now);
  const own: SetEffect[] = [
    ...(answer?.own ?? []),
    ...leftOut.map((set): SetEffect => ({ set, effect: 0, how: 'not' })),
  ].sort((a, b) => (a.set.at + a.set.id > b.set.at + b.set.id ? -1 : 1));
  if (correcting) {
    return <CorrectSet past={correcting} account={account} onClose={() => setCorrecting(null)} />;
  }
  return (
    <Sheet title={lift.name} open onClose={onClose}>
      <Body>{`What ${client.calledName || client.name} can likely do for ${reps} clean with ${rir} left, ${loadUnit(lift, unit)}.`}</Body>
      {!answer && <LoadingState what="what moved it" again={again} />}
      {answer && likely && (
        <>
          <BeliefShift
            before={answer.prior}
            now={answer.now}
            text={(grams) => massNumber(Math.round(grams), unit)}
            says={`Before any set ${say(inGrams(answer.prior).mean)}; now ${say(likely.mean)}, likely ${say(likely.low)} to ${say(likely.high)}`}
          />
          <Quiet>Dashed: before anything was seen. Solid: now, with the likely range below.</Quiet>
          <WhatMoved answer={answer} />
          <HowItIsRead answer={answer} />
          {own.length > 0 && (
            <View className="gap-3">
              <Strong>Its own sets, latest first</Strong>
              {own.slice(0, 20).map((effect) => (
                <OwnSet
                  key={effect.set.id}
                  effect={effect}
                  account={account}
                  onCorrect={() => setCorrecting(effect.set)}
                />
              ))}
            </View>
          )}
        </>
      )}
    </Sheet>
  );
}
