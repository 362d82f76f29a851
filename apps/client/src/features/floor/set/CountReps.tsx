import type { Watched } from '@spalo/core/floor';
import { useRef } from 'react';
import { Pressable, View } from 'react-native';
import { Button, IconButton } from '../../../design/Button';
import { useHand } from '../../../design/use-hand';
import { Figure, Quiet } from '../../../design/Words';
import { elapsedMs } from '../../../state/elapsed';

/** A tap this soon after another is the same wet thumb, not another rep. */
const SAME_REP_MS = 350;
const MOST = 100;

/** Reps counted as they happen: a tap anywhere on the large field is a rep, one more tap says it was not clean. */
export function CountReps({
  watched,
  planned,
  sided,
  marked,
  onChange,
  onMark,
}: {
  watched: Watched;
  planned: number;
  /** Done one side after the other. */
  sided: boolean;
  /** Whether the latest rep is marked. */
  marked: boolean;
  onChange: (change: Watched) => void;
  onMark: (rep: number) => void;
}) {
  const last = useRef(-SAME_REP_MS);
  const hand = useHand();
  const reps = watched.reps ?? 0;
  const { firstSide } = watched;
  const count = () => {
    const now = elapsedMs();
    if (now - last.current < SAME_REP_MS) return;
    last.current = now;
    onChange({ reps: Math.min(MOST, reps + 1) });
  };
  const side = !sided
    ? ''
    : firstSide === undefined
      ? ' · first side'
      : ` · other side, ${firstSide} on the first`;
  return (
    <View className="gap-2">
      <Pressable
        role="button"
        aria-label={`Rep done, ${reps} of ${planned}${side}`}
        aria-keyshortcuts="c"
        onPress={count}
        className="min-h-[7rem] items-center justify-center rounded-3xl border-[3px] border-moss bg-coming active:opacity-80"
      >
        <Figure className="text-working">{reps}</Figure>
        <Quiet className="text-ink">{`of ${planned}${side} · tap with each rep`}</Quiet>
      </Pressable>
      <View className={`${hand.row} gap-2`}>
        <IconButton
          icon="minus"
          label="One rep back"
          onPress={() => onChange({ reps: Math.max(0, reps - 1) })}
        />
        {sided && firstSide === undefined ? (
          <Button
            label="Other side"
            className="flex-1"
            onPress={() => onChange({ firstSide: reps, reps: 0 })}
          />
        ) : (
          <Button
            label="All reps"
            says="Stop counting and show all reps"
            className="flex-1"
            onPress={() =>
              onChange({
                counting: false,
                firstSide: undefined,
                reps: firstSide === undefined ? reps || planned : Math.min(reps, firstSide),
              })
            }
          />
        )}
        <Button
          shortcut="m"
          label={marked ? 'Clean after all' : 'Not clean'}
          kind={marked ? 'plain' : 'stop'}
          className="flex-1"
          disabled={reps === 0}
          onPress={() => onMark(reps)}
        />
      </View>
    </View>
  );
}
