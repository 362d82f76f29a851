import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Card } from './Card';
import { Icon } from './Icon';
import { Body, Figure, Quiet, Strong, Title } from './Words';

/** What a lift did and what it does next: this time, next time, and the reason in one sentence. */
export function DecisionCard({
  lift,
  happened,
  next,
  unit,
  focus,
  why,
  advice,
  tone,
  children,
}: {
  lift: string;
  happened: string;
  next: string;
  /** What the next load is counted in, as "kg each"; null where there is none. */
  unit: string | null;
  focus: string | null;
  why: string;
  advice: string | null;
  /** Which way it goes, in a word; `stop` for pain. */
  tone: 'up' | 'same' | 'down' | 'stop';
  children?: ReactNode;
}) {
  const words = { up: 'up', same: 'same', down: 'down', stop: 'pain' }[tone];
  return (
    <Card className="gap-3">
      <View className="flex-row items-center justify-between gap-3">
        <Title level={2} className="shrink text-figure">
          {lift}
        </Title>
        <Strong
          className={tone === 'stop' ? 'text-oxide' : tone === 'up' ? 'text-moss' : 'text-slate'}
        >
          {words}
        </Strong>
      </View>
      <View className="flex-row flex-wrap items-center gap-x-3 gap-y-2 border-b-[3px] border-ink pb-2">
        <View className="min-w-[7rem] flex-1">
          <Quiet>This time</Quiet>
          <Figure className="text-slate">{happened}</Figure>
        </View>
        <Icon name="forward" color="slate" />
        <View className="min-w-[7rem] flex-1">
          <Quiet>{unit === null ? 'Next time' : `Next time, ${unit}`}</Quiet>
          <Figure className="text-[2.5rem] leading-[2.75rem]">{next}</Figure>
        </View>
      </View>
      <Body>{why}</Body>
      {focus && (
        <View className="flex-row flex-wrap gap-x-2">
          <Quiet>Focus</Quiet>
          <Strong>{focus}</Strong>
        </View>
      )}
      {advice && <Strong className={tone === 'stop' ? 'text-oxide' : ''}>{advice}</Strong>}
      {children}
    </Card>
  );
}
