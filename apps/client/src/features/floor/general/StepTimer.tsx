import type { GeneralStep } from '@spalo/core/warm-up';
import { View } from 'react-native';
import { useNow } from '../../../design/use-now';
import { Figure, Quiet } from '../../../design/Words';
import { clock } from '../../../design/clock';

/** What is left of a step, counting down; over its time it counts on, so that a glance tells. */
export function StepTimer({ step, since }: { step: GeneralStep; since: string }) {
  const now = useNow(true);
  const whole = step.seconds * step.rounds;
  const passed = Math.max(0, Math.floor((now - Date.parse(since)) / 1000));
  const left = whole - passed;
  const share = Math.max(0, Math.min(1, left / whole));
  return (
    <View className="gap-2">
      <View
        role="timer"
        aria-label={left >= 0 ? `${clock(left)} left of ${clock(whole)}` : `${clock(-left)} over`}
        className="flex-row items-baseline gap-2"
      >
        <Figure className="text-working">{clock(Math.abs(left))}</Figure>
        <Quiet>{left >= 0 ? `of ${clock(whole)}` : 'over: go on when it is done'}</Quiet>
      </View>
      <View aria-hidden className="h-1.5 overflow-hidden rounded-full bg-coming">
        <View className="h-1.5 rounded-full bg-marigold" style={{ width: `${share * 100}%` }} />
      </View>
    </View>
  );
}
