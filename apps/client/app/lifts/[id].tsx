import { useLocalSearchParams } from 'expo-router';
import { LiftScreen } from '@/features/lifts/LiftScreen';

export default function Lift() {
  const { id } = useLocalSearchParams<'/lifts/[id]'>();
  return <LiftScreen key={id} id={id} />;
}
