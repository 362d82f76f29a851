import { restLeft, type Rest } from '@spalo/core';
import { View } from 'react-native';
import { useNow } from '../../../design/use-now';
import { Figure, Quiet } from '../../../design/Words';
import { clock } from '../../../parts/words/load-words';

/** The rest that runs, as the head of the card for the set that follows it. */
export function RestStrip({ rest, then }: { rest: Rest; then: string }) {
  const now = useNow(true);
  const left = restLeft(rest, now);
  const share = rest.seconds > 0 ? left / rest.seconds : 0;
  return (
    <View className="-mx-4 -mt-3 gap-1 rounded-t-3xl bg-marigold-soft px-4 pb-2 pt-1">
      <View className="flex-row items-baseline justify-between gap-3">
        <View
          role="timer"
          aria-label={`Rest, ${clock(left)} left of ${clock(rest.seconds)}`}
          className="flex-row items-baseline gap-2"
        >
          <Figure className="text-[2rem] leading-[2.25rem]">{clock(left)}</Figure>
          <Quiet className="text-marigold-text">{`rest of ${clock(rest.seconds)}`}</Quiet>
        </View>
        <Quiet className="shrink text-right text-marigold-text" numberOfLines={1}>
          {then}
        </Quiet>
      </View>
      <View aria-hidden className="h-1.5 overflow-hidden rounded-full bg-card">
        <View className="h-1.5 rounded-full bg-marigold" style={{ width: `${share * 100}%` }} />
      </View>
    </View>
  );
}
