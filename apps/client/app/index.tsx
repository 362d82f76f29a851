import { Text, View } from 'react-native';
import { lifts } from '@spalo/catalog';
import { routes } from '@spalo/contract';
export default function Index() {
  return (
    <View className="flex-1">
      <Text>
        {lifts.length} {Object.keys(routes).length}
      </Text>
    </View>
  );
}
