import type { TaughtFault } from '@spalo/catalog';
import type { Watched } from '@spalo/core/floor';
import { amountText, HELD_STEP, type HeldCount } from '@spalo/core/lift';
import type { SetResult } from '@spalo/core/session';
import { nowMs } from '@spalo/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../design/Button';
import { Chip } from '../../../design/Chip';
import { Stepper } from '../../../design/Stepper';
import { useNow } from '../../../design/use-now';
import { Figure, Quiet } from '../../../design/Words';
import { clock } from '../../../design/clock';
import { elapsedMs } from '../../../state/elapsed';

/** Longest that is kept, in seconds or metres. */
const MOST = 600;

/** Runs while a hold is held; stopping it says how long it was. */
function HoldClock({ onStop }: { onStop: (seconds: number) => void }) {
  const [since, setSince] = useState<{ clockMs: number; elapsedMs: number } | null>(null);
  const now = useNow(since !== null);
  const passed = since === null ? 0 : Math.max(0, Math.round((now - since.clockMs) / 1000));
  const stop = () => {
    setSince(null);
    // However the clock was set meanwhile.
    const heldMs = since === null ? 0 : elapsedMs() - since.elapsedMs;
    onStop(Math.min(MOST, Math.round(heldMs / 1000)));
  };
  const start = () => setSince({ clockMs: nowMs(), elapsedMs: elapsedMs() });
  return (
    <View className="flex-row items-center justify-between gap-3">
      {since !== null && (
        <View role="timer" aria-label={`held for ${passed} seconds`}>
          <Figure className="text-large leading-[2.5rem]">{clock(passed)}</Figure>
        </View>
      )}
      <Button
        label={since === null ? 'Start the clock' : 'Stop: it is over'}
        onPress={since === null ? start : stop}
        className="flex-1"
      />
    </View>
  );
}

/** What is seen of a hold or a carry: how long or how far it was good, and what ended that. */
export function HeldWatch({
  value: { reps, marks },
  counted,
  faults,
  styleId,
  onChange,
  onHelp,
}: {
  value: Pick<SetResult, 'reps' | 'marks'>;
  counted: HeldCount;
  faults: readonly TaughtFault[];
  styleId: string;
  onChange: (change: Watched) => void;
  /** Opens what helps against a fault; left out where a set is only corrected. */
  onHelp?: (faultId: string) => void;
}) {
  const latest = marks.at(-1);
  const to = (amount: number) =>
    onChange({
      reps: Math.min(MOST, Math.max(0, amount)),
      marks: marks.filter((mark) => mark.rep <= amount),
    });
  /** A fault is kept with where it was seen: at the end of what is counted. */
  const toggle = (faultId: string) => {
    const others = marks.filter((mark) => mark.faultId !== faultId);
    const seen = others.length < marks.length;
    const rep = Math.max(1, reps - others.length);
    onChange({ marks: seen ? others : [...others, { rep, faultId, styleId }] });
  };
  return (
    <View className="gap-2">
      {counted === 'seconds' && <HoldClock onStop={to} />}
      <Stepper
        label={counted === 'seconds' ? 'Held, seconds' : 'Carried, metres'}
        value={amountText(reps, counted)}
        less={reps > 0 ? () => to(reps - HELD_STEP) : null}
        more={reps < MOST ? () => to(reps + HELD_STEP) : null}
      />
      <Quiet>What was seen</Quiet>
      <View role="group" aria-label="What was seen" className="flex-row flex-wrap gap-2">
        {latest && onHelp && (
          <Chip label="What helps" icon="checklist" onPress={() => onHelp(latest.faultId)} />
        )}
        {faults.map((fault) => {
          const seen = marks.some((mark) => mark.faultId === fault.id);
          return (
            <Chip
              key={fault.id}
              label={fault.name}
              look={seen ? 'taken' : 'plain'}
              pressed={seen}
              onPress={() => toggle(fault.id)}
            />
          );
        })}
      </View>
    </View>
  );
}
