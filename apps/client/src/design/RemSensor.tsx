import { View } from 'react-native';
import { useRem } from './use-space';

/** Measures how large text is on this device, also while that changes. Stands once around everything. */
export function RemSensor() {
  return (
    <View
      aria-hidden
      className="absolute h-[1rem] w-0"
      onLayout={({ nativeEvent }) => useRem.setState({ px: nativeEvent.layout.height || 16 })}
    />
  );
}
