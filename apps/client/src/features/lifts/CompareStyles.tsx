import type { Style } from '@spalo/catalog';
import { phases } from '@spalo/core/technique';
import { View } from 'react-native';
import { capital } from '../../design/sentence';
import { Quiet, Strong, Title } from '../../design/Words';
import { StyleFigure } from '../../parts/body/Figures';

/** One style's points of a phase. */
function Points({ style, phase }: { style: Style; phase: Style['checkpoints'][number]['phase'] }) {
  const points = style.checkpoints.filter((point) => point.phase === phase);
  return (
    <View className="min-w-0 flex-1 gap-2">
      {points.map((point) => (
        <View key={point.id}>
          <Strong>{point.look}</Strong>
          <Quiet className="text-ink">{point.right}</Quiet>
        </View>
      ))}
      {points.length === 0 && <Quiet>Nothing of its own</Quiet>}
    </View>
  );
}

/** Two styles of a lift beside each other, phase by phase. */
export function CompareStyles({ one, other }: { one: Style; other: Style }) {
  const both = [one, other];
  const used = phases.filter((phase) =>
    both.some((style) => style.checkpoints.some((point) => point.phase === phase)),
  );
  return (
    <View className="gap-4">
      <View className="flex-row gap-4 border-b-[3px] border-ink pb-2">
        {both.map((style) => (
          <View key={style.id} className="min-w-0 flex-1 gap-1">
            <Strong className="text-lead">{style.name}</Strong>
            <Quiet>{style.suits}</Quiet>
          </View>
        ))}
      </View>
      <StyleFigure style={one} other={other} />
      {used.map((phase) => (
        <View key={phase} className="gap-2 border-b border-line pb-3">
          <Title level={3} className="text-figure">
            {capital(phase)}
          </Title>
          <View className="flex-row gap-4">
            {both.map((style) => (
              <Points key={style.id} style={style} phase={phase} />
            ))}
          </View>
        </View>
      ))}
    </View>
  );
}
