import { View } from 'react-native';
import { Quiet } from '@/design/Words';

export { ErrorBoundary } from '@/shell/ErrorBoundary';

export default function NoLiftChosen() {
  return (
    <View className="flex-1 items-center justify-center p-6">
      <Quiet>Choose a lift to see how it is done.</Quiet>
    </View>
  );
}
