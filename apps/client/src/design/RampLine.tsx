import { Pressable, View } from 'react-native';
import { Icon } from './Icon';
import { stateWords, type RampStepItem } from './Ramp';

const looks = {
  done: { 'warm-up': 'bg-warm-up', working: 'bg-moss' },
  now: { 'warm-up': 'bg-marigold', working: 'bg-marigold' },
  coming: {
    'warm-up': 'border-2 border-warm-up bg-card',
    working: 'border-2 border-moss bg-coming',
  },
} as const;

/** A ramp as one line, a thumb high: where in it one is, while the set itself has the screen. */
export function RampLine({
  steps,
  says,
  onOpen,
  label = 'Sets of this lift',
}: {
  steps: readonly RampStepItem[];
  /** A step as it is read out, without its state. */
  says: (step: RampStepItem) => string;
  onOpen: (index: number) => void;
  label?: string;
}) {
  return (
    <View role="list" aria-label={label} className="flex-row gap-1 border-b-[3px] border-ink">
      {steps.map((step, index) => (
        <View key={index} role="listitem" className="min-w-0 flex-1">
          <Pressable
            role="button"
            aria-label={`${says(step)}, ${stateWords[step.state]}`}
            aria-current={step.state === 'now' ? 'step' : undefined}
            onPress={() => onOpen(index)}
            className="h-[34px] justify-end"
          >
            <View
              className={`items-center justify-center rounded-t-md ${looks[step.state][step.kind]} ${
                step.kind === 'working' ? 'h-[28px]' : 'h-[18px]'
              }`}
            >
              {step.state === 'done' && (
                <Icon name="check" size={14} color={step.kind === 'working' ? 'on-moss' : 'ink'} />
              )}
            </View>
          </Pressable>
        </View>
      ))}
    </View>
  );
}
