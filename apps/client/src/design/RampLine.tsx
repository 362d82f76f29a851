import { Pressable, View } from 'react-native';
import { Icon } from './Icon';
import { rampLooks, stepName, type RampStepItem, type RampWords } from './Ramp';

/** A set as a bar of the line. */
function LineStep({
  kind,
  state,
  name,
  index,
  onOpen,
}: Pick<RampStepItem, 'kind' | 'state'> & {
  name: string;
  index: number;
  onOpen: (index: number) => void;
}) {
  return (
    <View role="listitem" className="min-w-0 flex-1">
      <Pressable
        role="button"
        aria-label={name}
        aria-current={state === 'now' ? 'step' : undefined}
        onPress={() => onOpen(index)}
        className="h-[34px] justify-end"
      >
        <View
          className={`items-center justify-center rounded-t-md ${rampLooks[state][kind]} ${
            kind === 'working' ? 'h-[28px]' : 'h-[18px]'
          }`}
        >
          {state === 'done' && (
            <Icon name="check" size={14} color={kind === 'warm-up' ? 'ink' : 'on-moss'} />
          )}
        </View>
      </Pressable>
    </View>
  );
}

/** A ramp as one line, a thumb high: where in it one is, while the set itself has the screen. */
export function RampLine({
  steps,
  onOpen,
  label = 'Sets of this lift',
  ...words
}: RampWords & {
  steps: readonly RampStepItem[];
  onOpen: (index: number) => void;
  label?: string;
}) {
  return (
    <View role="list" aria-label={label} className="flex-row gap-1 border-b-[3px] border-ink">
      {steps.map((step, index) => (
        <LineStep
          key={index}
          kind={step.kind}
          state={step.state}
          name={stepName(step, words)}
          index={index}
          onOpen={onOpen}
        />
      ))}
    </View>
  );
}
