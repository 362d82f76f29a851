import { findLift } from '@spalo/catalog';
import type { Account } from '@spalo/contract';
import type { HeldCount } from '@spalo/core/lift';
import {
  countedSets,
  duplicatesOf,
  type LiftState,
  type LoggedSet,
  type SessionState,
} from '@spalo/core/session';
import { amid, massNumber, countText } from '@spalo/core/unit';
import { whyText } from '@spalo/core/words';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Guard } from '../../design/Guard';
import { Icon } from '../../design/Icon';
import { ErrorState, LoadingState } from '../../design/States';
import { useNow } from '../../design/use-now';
import { Body, Figure, Quiet, Strong, Title } from '../../design/Words';
import { CorrectSet } from '../../parts/estimate/CorrectSet';
import { bringSession } from '../../state/past-session';
import { attempt } from '../../state/problems';
import { useClientSessions, useSenders, useTrainers } from '../../state/queries';
import { shortDate } from '../../parts/time/day-time';
import { correctionText } from '../../parts/words/set-words';
import { painWords } from '../../parts/words/pain-words';
import { loadReps, rirText } from '../../parts/words/load-words';

interface SetProps {
  set: LoggedSet;
  duplicate: boolean;
  session: SessionState;
  counted: HeldCount | undefined;
  onOpen: () => void;
}

/** A set as it was done; a tap opens it to be corrected, left out, removed or brought back. Warm-up sets stand in one line. */
function SetLine({ set, duplicate, session, counted, onOpen }: SetProps) {
  const clean = set.cleanReps === set.reps ? '' : ` · ${set.cleanReps} clean`;
  const left = rirText(set.rir);
  const out = set.representative ? '' : ' · left out';
  const gone = set.voided ? 'removed' : duplicate ? 'duplicate' : '';
  const says = `${loadReps(set.loadG, set.reps, session.unit, counted)}, ${set.kind}${clean}${gone && `, ${gone}`}`;
  return (
    <Pressable
      role="button"
      aria-label={`Open ${says}`}
      onPress={onOpen}
      className="min-h-tap justify-center py-0.5 active:opacity-80"
    >
      <View className="flex-row flex-wrap items-baseline gap-x-3">
        <Figure
          className={`text-lead ${gone ? 'text-slate line-through' : set.kind === 'warm-up' ? 'text-slate' : ''}`}
        >
          {loadReps(set.loadG, set.reps, session.unit, counted)}
        </Figure>
        <Quiet>
          {[set.kind === 'warm-up' ? '' : left, clean.slice(3), out.slice(3), gone]
            .filter(Boolean)
            .join(' · ')}
        </Quiet>
      </View>
      {set.corrections.map((correction) => (
        <Quiet key={correction.eventId} className="pl-4">
          {`corrected, ${correctionText(correction.before, session.unit)}`}
        </Quiet>
      ))}
    </Pressable>
  );
}

/** The sets of a lift: what led up in a line, what counts below it, a row each. */
function LiftSets({
  lift,
  session,
  onOpen,
}: {
  lift: LiftState;
  session: SessionState;
  onOpen: (set: LoggedSet) => void;
}) {
  const duplicates = duplicatesOf(lift);
  const line = (set: LoggedSet) => (
    <SetLine
      key={set.id}
      set={set}
      duplicate={duplicates.includes(set)}
      session={session}
      counted={lift.plan.counted}
      onOpen={() => onOpen(set)}
    />
  );
  const warm = lift.sets.filter(({ kind }) => kind === 'warm-up');
  return (
    <>
      {warm.length > 0 && (
        <View className="flex-row flex-wrap items-center gap-x-4">
          <Quiet>warm-up</Quiet>
          {warm.map(line)}
        </View>
      )}
      {lift.sets.filter(({ kind }) => kind === 'working').map(line)}
    </>
  );
}

/** Entries that came by another's sign-in than of who wrote them, as on a device that is shared. Nothing without network. */
function SentByOthers({ sessionId }: { sessionId: string }) {
  const { data: trainers = [] } = useTrainers();
  const { data: senders = [] } = useSenders(sessionId);
  const nameOf = (id: string) => trainers.find((trainer) => trainer.id === id)?.name ?? 'somebody';
  return senders.map(({ author, sentBy, entries }) => (
    <Quiet key={`${author}/${sentBy}`}>
      {`${countText(entries, 'entry', 'entries')} of ${nameOf(author)} came by the sign-in of ${nameOf(sentBy)}`}
    </Quiet>
  ));
}

/** Where a finished session can be looked at as it was decided, and be reopened. */
function ToWrapUp({ session, on }: { session: SessionState; on: string }) {
  const router = useRouter();
  const openWrapUp = async () => {
    await bringSession(session.id);
    router.push({ pathname: '/wrap-up/[session]', params: { session: session.id } });
  };
  return (
    <Button
      label="Wrap-up, and reopen"
      says={`Wrap-up of ${on}`}
      onPress={() => attempt(openWrapUp)}
    />
  );
}

function SessionCard({
  session,
  account,
  now,
  open,
  onToggle,
}: {
  session: SessionState;
  account: Account;
  now: number;
  open: boolean;
  onToggle: () => void;
}) {
  const { zone } = account.studio;
  const [opened, setOpened] = useState<{ set: LoggedSet; lift: LiftState } | null>(null);
  const best = session.lifts.flatMap((lift) => {
    const working = countedSets(lift, 'working');
    const top = Math.max(0, ...working.map((set) => set.loadG));
    const name = findLift(lift.plan.liftId)?.name ?? lift.plan.liftId;
    return working.length > 0 ? [`${amid(name)} ${massNumber(top, session.unit)}`] : [];
  });
  return (
    <Card className="gap-2">
      <Pressable
        role="button"
        aria-expanded={open}
        aria-label={`Session ${shortDate(session.startedAt, zone, now)}`}
        onPress={onToggle}
        className="min-h-tap flex-row items-center justify-between gap-3"
      >
        <View className="shrink">
          <Strong>{`${shortDate(session.startedAt, zone, now)}${session.finishedAt ? '' : ' · on the floor'}`}</Strong>
          <Quiet>{best.join(' · ') || 'no working sets'}</Quiet>
        </View>
        <View style={{ transform: [{ rotate: open ? '90deg' : '0deg' }] }}>
          <Icon name="forward" color="slate" />
        </View>
      </Pressable>
      {open &&
        session.lifts.map((lift) => (
          <View key={lift.plan.liftId} className="border-t border-line pt-2">
            <Title level={3} className="text-figure">
              {findLift(lift.plan.liftId)?.name ?? lift.plan.liftId}
            </Title>
            {lift.sets.length === 0 && <Quiet>{lift.skipped ? 'skipped' : 'not done'}</Quiet>}
            <LiftSets lift={lift} session={session} onOpen={(set) => setOpened({ set, lift })} />
            {lift.ticked.length > 0 && (
              <Quiet>{`${lift.ticked.length} points of the checklist looked at`}</Quiet>
            )}
            {lift.pains.map((pain) => (
              <Body key={pain.id} className="text-oxide">
                {painWords(pain)}
              </Body>
            ))}
            {lift.notes.map((note) => (
              <Body key={note.id}>{note.text}</Body>
            ))}
            {lift.answer && (
              <Quiet>{`Next: ${loadReps(lift.answer.chosen.loadG, lift.answer.chosen.reps, session.unit, lift.plan.counted)}. ${lift.answer.accepted ? whyText(lift.answer.why, session.unit) : 'Chosen by the trainer'}.`}</Quiet>
            )}
          </View>
        ))}
      {open && session.notes.map((note) => <Body key={note.id}>{note.text}</Body>)}
      {open && <SentByOthers sessionId={session.id} />}
      {open && session.finishedAt && (
        <ToWrapUp session={session} on={shortDate(session.startedAt, zone, now)} />
      )}
      {opened && (
        <CorrectSet
          past={{ ...opened.set, sessionId: session.id, liftId: opened.lift.plan.liftId }}
          standing={{ ...opened.set, duplicate: duplicatesOf(opened.lift).includes(opened.set) }}
          account={account}
          onClose={() => setOpened(null)}
        />
      )}
    </Card>
  );
}

/** The client's sessions, latest first, every set with what was corrected. */
export function SessionHistory({ clientId, account }: { clientId: string; account: Account }) {
  const { zone } = account.studio;
  const { data: sessions, isError, refetch, more, partial } = useClientSessions(clientId);
  const [open, setOpen] = useState<string | null>(null);
  const now = useNow(false);
  if (!sessions) {
    return isError ? (
      <ErrorState what="Sessions could not be fetched" onRetry={() => void refetch()} />
    ) : (
      <LoadingState what="sessions" />
    );
  }
  if (sessions.length === 0) return <Body>No sessions yet.</Body>;
  return (
    <View className="gap-2">
      {sessions.map((session, index) => {
        const shown = open === null ? index === 0 : open === session.id;
        return (
          <Guard
            key={session.id}
            what={`The session of ${shortDate(session.startedAt, zone, now)}`}
          >
            <SessionCard
              session={session}
              account={account}
              now={now}
              open={shown}
              onToggle={() => setOpen(shown ? '' : session.id)}
            />
          </Guard>
        );
      })}
      {partial && <Quiet>Earlier sessions are not on this device.</Quiet>}
      {more && <Quiet>The latest twenty are shown.</Quiet>}
    </View>
  );
}
