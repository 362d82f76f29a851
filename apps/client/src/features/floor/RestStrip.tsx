import { restLeft, type Rest } from '@spalo/core';
import { View } from 'react-native';
import { Card } from '../../design/Card';
import { useNow } from '../../design/use-now';
import { Figure, Quiet } from '../../design/Words';
import { clock } from './words';

/** The rest that runs: time left, how much of how long. */
export function RestStrip({ rest, after }: { rest: Rest; after: string }) {
  const now = useNow(true);
  const left = restLeft(rest, now);
  const share = rest.seconds > 0 ? left / rest.seconds : 0;
  return (
    <Card now className="gap-1 px-4 py-1.5">
      <View className="flex-row items-baseline justify-between gap-3">
        <View className="flex-row items-baseline gap-2" role="timer" aria-label={`Rest, ${clock(left)} left of ${clock(rest.seconds)}`}>
          <Figure className="text-[2rem] leading-[2.25rem]">{clock(left)}</Figure>
          <Quiet className="text-marigold-text">{`rest of ${clock(rest.seconds)}`}</Quiet>
        </View>
        <Quiet className="shrink text-right text-marigold-text" numberOfLines={1}>
          {after}
        </Quiet>
      </View>
      <View aria-hidden className="h-2 overflow-hidden rounded-full bg-card">
        <View
          className="h-2 rounded-full bg-marigold transition-all duration-1000"
          style={{ width: `${share * 100}%` }}
        />
      </View>
    </Card>
  );
}
