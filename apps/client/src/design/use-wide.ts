import { useWindowDimensions } from 'react-native';

/** Whether there is room for a side rail and for lists beside details. */
export function useWide(): boolean {
  return useWindowDimensions().width >= 900;
}
