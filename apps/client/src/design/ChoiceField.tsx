import type { ComponentProps } from 'react';
import { View } from 'react-native';
import { Choice } from './Choice';
import { Strong } from './Words';

/** A choice with its label above it. */
export const ChoiceField = <T extends string | number | boolean | null>(
  choice: ComponentProps<typeof Choice<T>>,
) => (
  <View className="gap-1">
    <Strong>{choice.label}</Strong>
    <Choice {...choice} />
  </View>
);
