import { restLeft, type Rest } from '@spalo/core';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useSpace } from '../../../design/use-space';
import { useNow } from '../../../design/use-now';
import { Figure, Quiet } from '../../../design/Words';
import { clock } from '../../../parts/words/load-words';

/** The rest that runs, as the head of the card for the set that follows it. */
export function RestStrip({ rest, action }: { rest: Rest; action: ReactNode }) {
  const now = useNow(true);
  const { ample } = useSpace();
  const left = restLeft(rest, now);
  const share = rest.seconds > 0 ? left / rest.seconds : 0;
  return (
    <View className="-mx-4 -mt-2 gap-1 rounded-t-3xl bg-marigold-soft px-4 pb-1.5 pt-1.5">
      <View className="flex-row items-center justify-between gap-3">
        <View
          role="timer"
          aria-label={`Rest, ${clock(left)} left of ${clock(rest.seconds)}`}
          className="flex-row items-baseline gap-2"
        >
          <Figure className="text-[2rem] leading-[2.25rem]">{clock(left)}</Figure>
          {ample && (
            <Quiet className="text-marigold-text">{`rest of ${clock(rest.seconds)}`}</Quiet>
          )}
        </View>
        {action}
      </View>
      <View aria-hidden className="h-1.5 overflow-hidden rounded-full bg-card">
        <View className="h-1.5 rounded-full bg-marigold" style={{ width: `${share * 100}%` }} />
      </View>
    </View>
  );
}
