import { amid } from '@spalo/core/unit';
import { findLift } from '@spalo/catalog';
import type { Account } from '@spalo/contract';
import type { Room } from '@spalo/core/room';
import type { BuiltLift } from '@spalo/core/builder';
import { useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { Chip } from '../../design/Chip';
import { Figure, Quiet, Strong } from '../../design/Words';
import { draftFor } from '../../parts/session/visit';
import { reasonsText } from '../../parts/words/builder-words';
import { loadReps } from '../../parts/words/load-words';
import type { KnownClient } from '../../state/resources/known-client';
import { BuiltLiftSheet } from './BuiltLiftSheet';
import type { Builder } from './use-builder';

const nameOf = (liftId: string) => findLift(liftId)?.name ?? liftId;

interface ListProps {
  builder: Builder;
  client: KnownClient;
  room: Room;
  account: Account;
}

/** One lift of a session as a step of it: what, how much, why, and what it pushed out. */
function BuiltRow({
  lift,
  load,
  isKept,
  onOpen,
}: {
  lift: BuiltLift;
  load: string;
  isKept: boolean;
  onOpen: () => void;
}) {
  const [other] = lift.instead;
  const name = nameOf(lift.liftId);
  const why = reasonsText(lift.reasons);
  return (
    <Pressable
      role="button"
      aria-label={`${name}, ${lift.sets} sets${load && `, ${load}`}. ${why} Change it`}
      onPress={onOpen}
      className="min-h-tap gap-0.5 border-b border-line py-2 active:opacity-70"
    >
      <View className="flex-row items-baseline justify-between gap-3">
        <Strong className="shrink">{name}</Strong>
        <View className="flex-row items-baseline gap-1">
          <Figure>{load}</Figure>
          <Quiet>{`· ${lift.sets} sets`}</Quiet>
        </View>
      </View>
      <Quiet className="text-ink">{why}</Quiet>
      {other && <Quiet>{`Rather than: ${amid(nameOf(other.liftId))}`}</Quiet>}
      {(isKept || lift.isNew) && (
        <View className="flex-row flex-wrap gap-2 pt-1">
          {isKept && <Chip label="kept" look="taken" icon="closed" />}
          {lift.isNew && <Chip label="new to them" />}
        </View>
      )}
    </Pressable>
  );
}

/** The lifts of a session that was built, in their order; each can be kept, moved, swapped or left out. */
export function BuiltList({ builder, client, room, account }: ListProps) {
  const [openId, setOpenId] = useState<string | null>(null);
  const { unit } = account.studio;
  const { built, lifts } = builder;
  const draft = useMemo(
    () => (lifts.length > 0 ? draftFor(client, room, unit, { lifts: [...lifts] }) : null),
    [client, room, unit, lifts],
  );
  if (!built || !('session' in built)) return null;
  const loadOf = (liftId: string) => {
    const plan = draft?.lifts.find((each) => each.liftId === liftId);
    return plan ? loadReps(plan.loadG, plan.reps, unit, plan.counted) : '';
  };
  const open = built.session.lifts.find(({ liftId }) => liftId === openId);
  return (
    <View className="gap-2" aria-busy={!builder.isNew}>
      {built.session.lifts.map((lift) => (
        <BuiltRow
          key={lift.liftId}
          lift={lift}
          load={loadOf(lift.liftId)}
          isKept={builder.fixed.some(({ liftId }) => liftId === lift.liftId)}
          onOpen={() => setOpenId(lift.liftId)}
        />
      ))}
      {open && (
        <BuiltLiftSheet
          lift={open}
          builder={builder}
          client={client}
          onClose={() => setOpenId(null)}
        />
      )}
    </View>
  );
}
