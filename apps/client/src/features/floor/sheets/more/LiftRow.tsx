import { countedSets, partnerOf } from '@spalo/core/session';
import { Pressable, View } from 'react-native';
import { IconButton } from '../../../../design/Button';
import { Chip } from '../../../../design/Chip';
import { Quiet, Strong } from '../../../../design/Words';
import type { LiftView } from '../../../../parts/lane/lift-view';
import { inTurnWith } from '../../../../parts/words/pair-words';
import { attempt } from '../../../../state/problems';
import { useLane } from '../../scene/lane-scene';

/** How far a lift is, in words. */
function progress({ state, next, steps }: LiftView): string {
  if (state.skipped) return 'skipped';
  if (next.kind === 'stop') return 'stopped';
  return next.kind === 'done' ? 'done' : `${countedSets(state).length} of ${steps.length} sets`;
}

/** A lift of the session: how far it is; to look at, move, swap, do in turn with another, leave out or take up. */
export function LiftRow({
  view,
  onSwap,
  onPair,
}: {
  view: LiftView;
  onSwap: () => void;
  onPair: () => void;
}) {
  const { lane, actions, sheets, openLift } = useLane();
  const { lift, state } = view;
  const { lifts } = lane.session;
  const place = lifts.indexOf(state);
  const partner = partnerOf(state, lifts)?.plan.liftId;
  const move = (by: -1 | 1) => attempt(() => actions.moveLift(lane, lift.id, by));
  return (
    <View className="gap-1 rounded-2xl bg-card p-2 pl-4">
      <View className="flex-row items-center justify-between gap-2">
        <Pressable
          role="button"
          aria-label={`Open ${lift.name}`}
          onPress={() => {
            openLift(lift.id);
            sheets.close();
          }}
          className="min-h-tap min-w-0 flex-1 justify-center active:opacity-80"
        >
          <Strong>{lift.name}</Strong>
          <Quiet>{[progress(view), inTurnWith(state, lifts)].filter(Boolean).join(' · ')}</Quiet>
        </Pressable>
        {place > 0 && (
          <IconButton icon="up" label={`${lift.name} earlier`} onPress={() => move(-1)} />
        )}
        {place < lifts.length - 1 && (
          <IconButton icon="down" label={`${lift.name} later`} onPress={() => move(1)} />
        )}
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Chip label="Swap" says={`Swap ${lift.name}`} onPress={onSwap} />
        {partner !== undefined ? (
          <Chip
            label="Unpair"
            says={`Unpair ${lift.name}`}
            onPress={() => attempt(() => actions.pairLifts(lift.id, partner, false))}
          />
        ) : (
          lifts.length > 1 && (
            <Chip label="Alternate" says={`Alternate ${lift.name} with another`} onPress={onPair} />
          )
        )}
        <Chip
          label={state.skipped ? 'Resume' : 'Skip'}
          says={`${state.skipped ? 'Resume' : 'Skip'} ${lift.name}`}
          onPress={() => attempt(() => actions.skipLifts(lane, [lift.id], !state.skipped))}
        />
      </View>
    </View>
  );
}
