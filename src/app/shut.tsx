import { useLocalSearchParams } from 'expo-router';
import { isDay } from '@/core/schema/day';
import { WithYard } from '@/features/frame/WithYard';
import { ShutScreen } from '@/features/shut/ShutScreen';

export default function ShutPage() {
  const { night } = useLocalSearchParams<{ night?: string }>();
  const asked = night !== undefined && isDay(night) ? night : undefined;
  return <WithYard>{(yard) => <ShutScreen key={asked} yard={yard} asked={asked} />}</WithYard>;
}
