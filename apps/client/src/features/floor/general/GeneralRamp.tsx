import { findDrill } from '@spalo/catalog';
import type { GeneralStepState } from '@spalo/core/session';
import { jobs, stepSeconds } from '@spalo/core/warm-up';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Icon } from '../../../design/Icon';
import { rampBlocks } from '../../../design/ramp-shape';
import { Quiet } from '../../../design/Words';
import { lengthText } from '../../../parts/words/ramp-words';

const HEIGHT = 64;
const looks = {
  done: 'bg-warm-up',
  skipped: 'bg-card border-[3px] border-line',
  now: 'bg-marigold',
  open: 'bg-card border-[3px] border-warm-up',
} as const;

/** The general part as the foot of the ramp: four low stairs, one a job; a block a step, as wide as it is long. */
export function GeneralRamp({
  steps,
  now,
  onOpen,
}: {
  steps: readonly GeneralStepState[];
  now: string | null;
  onOpen: (drillId: string) => void;
}) {
  const [width, setWidth] = useState(0);
  const items = steps.map((step) => ({
    kind: 'warm-up' as const,
    load: jobs.indexOf(step.job) + 1,
    reps: Math.round(stepSeconds(step) / 20),
  }));
  const current = steps.findIndex((step) => step.drillId === now);
  const size = { width, height: HEIGHT, heaviest: jobs.length };
  const blocks = width > 0 ? rampBlocks(items, current, size, () => '') : [];
  return (
    <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)}>
      <View role="list" aria-label="Steps of the general warm-up" style={{ height: HEIGHT + 27 }}>
        {blocks.map((block, index) => {
          const step = steps[index]!;
          const name = findDrill(step.drillId)?.name ?? step.drillId;
          const look = step.drillId === now ? 'now' : step.state;
          const words = { done: 'done', skipped: 'left out', now: 'now', open: 'to come' }[look];
          const minutes = Math.max(1, Math.round((step.seconds * step.rounds) / 60));
          return (
            <View
              key={step.drillId}
              role="listitem"
              className="absolute"
              style={{ left: block.x, width: block.width, top: 0, height: HEIGHT + 27 }}
            >
              <Pressable
                role="button"
                aria-label={`${name}, ${lengthText(step.seconds * step.rounds)}, ${words}`}
                aria-current={look === 'now' ? 'step' : undefined}
                onPress={() => onOpen(step.drillId)}
                className="h-full"
              >
                <View className="justify-end" style={{ height: HEIGHT }}>
                  <View
                    className={`items-center justify-end rounded-t-lg pb-1 ${looks[look]}`}
                    style={{ height: block.height, borderBottomWidth: 0 }}
                  >
                    {step.state === 'done' && block.width >= 22 && <Icon name="check" size={18} />}
                  </View>
                </View>
                <Quiet
                  numberOfLines={1}
                  className={`text-center ${look === 'now' ? 'text-ink' : ''}`}
                >
                  {index === 0 ? `${minutes} min` : minutes}
                </Quiet>
              </Pressable>
            </View>
          );
        })}
        <View
          aria-hidden
          className="absolute -left-4 -right-4 h-[3px] bg-ink"
          style={{ top: HEIGHT }}
        />
      </View>
    </View>
  );
}
