import type { Rest } from '@spalo/core/floor';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { clock } from '../../../design/clock';
import { Countdown, RunningDown } from '../../../design/Countdown';
import { useSpace } from '../../../design/use-space';
import { Quiet } from '../../../design/Words';
import { stretchOf } from '../../../parts/lane/stretch-of';

/** The rest that runs, as the head of the card for the set that follows it. */
export function RestStrip({ rest, action }: { rest: Rest; action: ReactNode }) {
  const { ample } = useSpace();
  const { endsMs, seconds } = stretchOf(rest);
  return (
    <View className="-mx-4 -mt-2 gap-1 rounded-t-3xl bg-marigold-soft px-4 pb-1.5 pt-1.5">
      <View className="flex-row items-center justify-between gap-3">
        <View
          role="timer"
          aria-label={`Rest of ${clock(seconds)}`}
          className="flex-row items-baseline gap-2"
        >
          <Countdown endsMs={endsMs} className="text-title leading-[2.25rem]" />
          {ample && <Quiet className="text-marigold-text">{`rest of ${clock(seconds)}`}</Quiet>}
        </View>
        {action}
      </View>
      <View aria-hidden className="h-1.5 overflow-hidden rounded-full bg-card">
        <RunningDown endsMs={endsMs} seconds={seconds} className="h-1.5 rounded-full bg-marigold" />
      </View>
    </View>
  );
}
