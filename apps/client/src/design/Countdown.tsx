import { View, type TextProps } from 'react-native';
import { clock } from './clock';
import { useNow } from './use-now';
import { Figure } from './Words';

/** A stretch of time: when it ends, in milliseconds, and how long it is, in seconds. */
export interface Stretch {
  endsMs: number;
  seconds: number;
}

const leftOf = (endsMs: number, nowMs: number) => Math.max(0, Math.ceil((endsMs - nowMs) / 1000));

/** What is left of a stretch, as a clock: one text that ticks. */
export function Countdown({
  endsMs,
  ...rest
}: { endsMs: number; className?: string } & Omit<TextProps, 'children'>) {
  return <Figure {...rest}>{clock(leftOf(endsMs, useNow(true)))}</Figure>;
}

/** What is left of a stretch, as a bar that grows shorter. */
export function RunningDown({ endsMs, seconds, className }: Stretch & { className: string }) {
  const left = leftOf(endsMs, useNow(true));
  const share = seconds > 0 ? Math.min(1, left / seconds) : 0;
  return <View aria-hidden className={className} style={{ width: `${share * 100}%` }} />;
}

/** Longer than this nobody waits: it says nothing. */
const MOST_OVER_S = 3600;

/** How long something is over, counting up: "+0:45". */
export function CountUp({
  sinceMs,
  ...rest
}: { sinceMs: number; className?: string } & Omit<TextProps, 'children'>) {
  const passed = Math.floor((useNow(true) - sinceMs) / 1000);
  return passed < 0 || passed > MOST_OVER_S ? null : (
    <Figure {...rest}>{`+${clock(passed)}`}</Figure>
  );
}
