import { massNumber, type Unit, countText } from '@spalo/core/unit';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Ramp, type RampStepItem } from '../../design/Ramp';
import { Quiet, Strong, Title } from '../../design/Words';
import type { BenchRamp } from '../../state/worker/tasks/bench';
import { minutesText, rampWords } from '../../parts/words/ramp-words';

const handlingText = ({ ramp }: BenchRamp) => {
  const { working, moves } = ramp;
  const plated =
    working.kind === 'barbell' || working.kind === 'machine' || working.kind === 'body';
  const what = plated ? 'pair' : working.kind === 'stack' ? 'pin move' : 'bell';
  return `${countText(moves, what)} handled`;
};

/** One ramp of the bench: its picture, its time and what handling it takes. */
export function BenchCard({
  bench,
  working,
  unit,
  unitText,
  byRule,
  onOpen,
}: {
  bench: BenchRamp;
  working: { loadG: number; reps: number };
  unit: Unit;
  unitText: string;
  byRule: boolean;
  onOpen: () => void;
}) {
  const { name, what } = rampWords[bench.kind];
  const steps: RampStepItem[] = [
    ...bench.ramp.steps.map(({ loadG, reps }): RampStepItem => ({
      kind: 'warm-up',
      load: loadG,
      reps,
      state: 'coming',
    })),
    { kind: 'working', load: working.loadG, reps: working.reps, state: 'coming' },
  ];
  return (
    <Card chosen={byRule} className="gap-2 overflow-hidden">
      <View className="flex-row items-baseline justify-between gap-2">
        <Title level={2} className="text-figure">
          {name}
        </Title>
        {byRule && <Strong className="text-small text-moss">by rule</Strong>}
      </View>
      <Quiet numberOfLines={2} className="min-h-[2.75rem]">
        {what}
      </Quiet>
      <Ramp
        steps={steps}
        lastTime={[]}
        loadText={(load) => massNumber(load, unit)}
        unit={unitText}
        label={`${name} ramp`}
        height={84}
      />
      <Quiet>
        {bench.ramp.steps.length === 0
          ? 'Straight to the working set'
          : `${minutesText(bench.seconds)} · ${handlingText(bench)}`}
      </Quiet>
      <Button label="Set by set" says={`${name} set by set`} onPress={onOpen} />
    </Card>
  );
}
