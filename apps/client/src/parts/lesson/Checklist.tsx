import type { Style } from '@spalo/catalog';
import { phases } from '@spalo/core/technique';
import { Pressable, View } from 'react-native';
import { Icon } from '../../design/Icon';
import { Quiet, Strong, Title } from '../../design/Words';
import { capital } from '../../design/sentence';

/** The checkpoints of a style, phase by phase; ticked off where `onTick` is given. */
export function Checklist({
  style,
  ticked = [],
  onTick,
}: {
  style: Style;
  ticked?: readonly string[];
  onTick?: (checkpointId: string) => void;
}) {
  const used = phases.filter((phase) => style.checkpoints.some((each) => each.phase === phase));
  return (
    <View className="gap-4">
      {used.map((phase) => (
        <View key={phase} className="gap-2">
          <Title level={3} className="text-figure">
            {capital(phase)}
          </Title>
          {style.checkpoints
            .filter((each) => each.phase === phase)
            .map((checkpoint) => {
              const done = ticked.includes(checkpoint.id);
              return (
                <Pressable
                  key={checkpoint.id}
                  role={onTick ? 'checkbox' : undefined}
                  aria-checked={onTick ? done : undefined}
                  aria-label={onTick ? checkpoint.look : undefined}
                  disabled={!onTick}
                  onPress={() => onTick?.(checkpoint.id)}
                  className={`flex-row items-start gap-3 rounded-2xl border-2 p-3 ${
                    done ? 'border-coming bg-coming' : 'border-line bg-card'
                  }`}
                >
                  {onTick && (
                    <View
                      className={`mt-0.5 h-7 w-7 items-center justify-center rounded-lg border-2 ${
                        done ? 'border-moss bg-moss' : 'border-slate'
                      }`}
                    >
                      {done && <Icon name="check" size={18} color="on-moss" />}
                    </View>
                  )}
                  <View className="shrink gap-0.5">
                    <View className="flex-row flex-wrap items-baseline gap-x-2">
                      <Strong>{checkpoint.look}</Strong>
                      <Quiet>{`from the ${checkpoint.from}`.replace('the behind', 'behind')}</Quiet>
                    </View>
                    <Quiet className="text-ink">{checkpoint.right}</Quiet>
                    {!onTick && <Quiet>{checkpoint.why}</Quiet>}
                  </View>
                </Pressable>
              );
            })}
        </View>
      ))}
    </View>
  );
}
