import { amid } from '@spalo/core/unit';
import { findLift } from '@spalo/catalog';
import { noWishes } from '@spalo/core/person';
import type { BuiltLift } from '@spalo/core/builder';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Sheet } from '../../design/Sheet';
import { Stepper } from '../../design/Stepper';
import { Quiet, Strong } from '../../design/Words';
import { LiftPicker } from '../../parts/pickers/LiftPicker';
import { reasonsText } from '../../parts/words/builder-words';
import type { KnownClient } from '../../state/resources/known-client';
import type { Builder } from './use-builder';
import { changeWishes } from './WishesSheet';

const MOST_SETS = 8;
/** Less in worth than this is as good; up to the next nearly so. */
const AS_GOOD = 1;
const NEARLY = 5;

const worthText = (less: number) =>
  less <= AS_GOOD ? 'as good today' : less <= NEARLY ? 'nearly as good today' : 'covers less today';

const taste = [
  { value: 'liked', label: 'Likes it' },
  { value: 'neither', label: 'Either way' },
  { value: 'disliked', label: 'Does not' },
] as const;
type Taste = (typeof taste)[number]['value'];

/** Whether a client likes a lift: the builder weighs it from now on. */
function Likes({ liftId, client }: { liftId: string; client: KnownClient }) {
  const { liked, disliked } = client.wishes ?? noWishes;
  const value: Taste = liked.includes(liftId)
    ? 'liked'
    : disliked.includes(liftId)
      ? 'disliked'
      : 'neither';
  const choose = (next: Taste) => {
    const without = (ids: readonly string[]) => ids.filter((id) => id !== liftId);
    changeWishes(
      client,
      {
        liked: next === 'liked' ? [...without(liked), liftId] : without(liked),
        disliked: next === 'disliked' ? [...without(disliked), liftId] : without(disliked),
      },
      'What they like is kept',
    );
  };
  return <Choice label="Whether they like it" options={taste} value={value} onChange={choose} />;
}

/** All that can be done with one lift of a session by hand; the rest is drafted again round it. */
export function BuiltLiftSheet({
  lift,
  builder,
  client,
  onClose,
}: {
  lift: BuiltLift;
  builder: Builder;
  client: KnownClient;
  onClose: () => void;
}) {
  const [any, setAny] = useState(false);
  const { liftId, instead } = lift;
  const kept = builder.fixed.find((each) => each.liftId === liftId);
  const isKept = kept !== undefined;
  // What was asked for counts at once: the next tap comes before it is built.
  const sets = kept?.sets ?? lift.sets;
  const place = builder.lifts.findIndex((each) => each.liftId === liftId);
  const then = (act: () => void) => () => {
    act();
    onClose();
  };
  if (any) {
    return (
      <LiftPicker
        title={`Instead of the ${amid(findLift(liftId)?.name ?? liftId)}`}
        taken={builder.lifts.map((each) => each.liftId)}
        onPick={(other) => {
          builder.swap(liftId, other.id);
          onClose();
        }}
        onClose={() => setAny(false)}
      />
    );
  }
  return (
    <Sheet title={findLift(liftId)?.name ?? liftId} open onClose={onClose}>
      <Quiet className="text-ink">{reasonsText(lift.reasons)}</Quiet>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={isKept ? 'May be replaced' : 'Keep it'}
          icon="closed"
          onPress={then(() => (isKept ? builder.letGo(liftId) : builder.keep(liftId)))}
          className="flex-1"
        />
        <Button
          label="Not today"
          icon="close"
          onPress={then(() => builder.ban(liftId))}
          className="flex-1"
        />
      </View>
      <View className="flex-row flex-wrap items-end justify-between gap-3">
        <Stepper
          label="Sets"
          value={String(sets)}
          less={sets > 1 ? () => builder.setSets(liftId, sets - 1) : null}
          more={sets < MOST_SETS ? () => builder.setSets(liftId, sets + 1) : null}
        />
        <Stepper
          label="Place"
          value={String(place + 1)}
          less={place > 0 ? () => builder.move(liftId, -1) : null}
          more={place < builder.lifts.length - 1 ? () => builder.move(liftId, 1) : null}
        />
      </View>
      <Likes liftId={liftId} client={client} />
      {instead.length > 0 && <Strong>Instead of it</Strong>}
      {instead.map((other) => (
        <Pressable
          key={other.liftId}
          role="button"
          aria-label={`Do ${findLift(other.liftId)?.name}: ${worthText(other.less)}`}
          onPress={then(() => builder.swap(liftId, other.liftId))}
          className="min-h-tap justify-center rounded-2xl bg-card px-4 py-1 active:opacity-80"
        >
          <Strong>{findLift(other.liftId)?.name}</Strong>
          <Quiet>{`${worthText(other.less)}, ${other.sets} sets`}</Quiet>
        </Pressable>
      ))}
      <Button label="Any other lift" onPress={() => setAny(true)} />
    </Sheet>
  );
}
