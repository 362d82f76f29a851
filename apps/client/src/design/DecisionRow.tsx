import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Button } from './Button';
import { Icon } from './Icon';
import { Figure, Quiet, Strong, Title } from './Words';

/** Which way a lift goes, drawn and said. */
const ways = {
  up: { says: 'up', icon: 'up', color: 'moss', text: 'text-moss' },
  same: { says: 'same', icon: 'forward', color: 'slate', text: 'text-slate' },
  down: { says: 'down', icon: 'down', color: 'slate', text: 'text-slate' },
  stop: { says: 'pain', icon: 'alert', color: 'oxide', text: 'text-oxide' },
} as const;

/**
 * What a lift did and what it does next, a row: this time, next time, and the reason in one sentence. The other ways to go
 * on are on tap.
 */
export function DecisionRow({
  lift,
  happened,
  next,
  unit,
  focus,
  why,
  advice,
  tone,
  notes,
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
  /** Which way it goes; `stop` for pain. */
  tone: keyof typeof ways;
  /** What is shown whether it is opened or not. */
  notes?: ReactNode;
  /** The other ways to go on; nothing where there are none any more. */
  children?: ReactNode;
}) {
  const [open, setOpen] = useState(false);
  const way = ways[tone];
  return (
    <View
      className={`-mx-4 gap-1 border-b border-line px-4 py-2 ${tone === 'stop' ? 'bg-oxide-soft' : ''}`}
    >
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Title level={2} className="min-w-0 shrink font-strong text-body">
          {lift}
        </Title>
        <View className="flex-row flex-wrap items-center justify-end gap-x-2">
          <Figure className="text-body leading-6 text-slate" aria-label={`This time ${happened}`}>
            {happened}
          </Figure>
          <Icon name={way.icon} size={18} color={way.color} />
          <Figure className="text-name leading-8" aria-label={`Next time, ${way.says}, ${next}`}>
            {next}
          </Figure>
          {unit !== null && <Quiet>{unit}</Quiet>}
        </View>
      </View>
      <View className="flex-row items-center justify-between gap-3">
        <View className="min-w-0 flex-1">
          <Quiet className={tone === 'stop' ? 'text-oxide' : 'text-ink'}>{why}</Quiet>
          {focus && <Quiet>{`Focus: ${focus}`}</Quiet>}
          {advice && <Strong className={`text-small ${way.text}`}>{advice}</Strong>}
          {notes}
        </View>
        {children && (
          <Button
            kind="quiet"
            label={open ? 'Close' : 'Change'}
            says={`${open ? 'Close' : 'Change'} next time for ${lift}`}
            onPress={() => setOpen(!open)}
          />
        )}
      </View>
      {open && <View className="gap-2 pb-1">{children}</View>}
    </View>
  );
}
