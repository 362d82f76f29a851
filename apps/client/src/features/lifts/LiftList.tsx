import { lifts } from '@spalo/catalog';
import { useRouter } from 'expo-router';
import { Pressable, ScrollView, View } from 'react-native';
import { Button } from '../../design/Button';
import { Quiet, Strong, Title } from '../../design/Words';

/** The catalogue. */
export function LiftList({ chosen }: { chosen: string | null }) {
  const router = useRouter();
  return (
    <ScrollView className="flex-1" contentContainerClassName="gap-3 p-4">
      <Title>Lifts</Title>
      <Button label="Warm-up bench" icon="floor" onPress={() => router.push('/bench')} />
      <View role="list" className="gap-2">
        {lifts.map((lift) => (
          <View role="listitem" key={lift.id}>
            <Pressable
              role="link"
              aria-label={lift.name}
              aria-current={lift.id === chosen ? 'page' : undefined}
              onPress={() => router.push({ pathname: '/lifts/[id]', params: { id: lift.id } })}
              className={`gap-1 rounded-2xl border-2 px-4 py-3 active:opacity-80 ${
                lift.id === chosen ? 'border-ink bg-coming' : 'border-line bg-card'
              }`}
            >
              <Strong className="text-lead">{lift.name}</Strong>
              <Quiet>{`${lift.pattern} · ${lift.muscles.main.join(', ')} · ${lift.implement}`}</Quiet>
            </Pressable>
          </View>
        ))}
      </View>
    </ScrollView>
  );
}
