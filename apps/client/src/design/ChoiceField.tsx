import type { ComponentProps } from 'react';
import { View } from 'react-native';
import { Choice } from './Choice';
import { Quiet, Strong } from './Words';

/** A choice with its label above it, and its hint or what is wrong with it below. */
export const ChoiceField = <T extends string | number | boolean | null>({
  hint,
  problem,
  ...choice
}: ComponentProps<typeof Choice<T>> & {
  hint?: string | undefined;
  problem?: string | undefined;
}) => (
  <View className="gap-1">
    <Strong>{choice.label}</Strong>
    <Choice {...choice} />
    {problem !== undefined ? (
      <Strong role="alert" className="text-small text-oxide">
        {problem}
      </Strong>
    ) : (
      hint && <Quiet>{hint}</Quiet>
    )}
  </View>
);
