import { useLocalSearchParams } from 'expo-router';
import { WithYard } from '@/features/frame/WithYard';
import { WayScreen } from '@/features/way/WayScreen';

export default function Way() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <WithYard>{(yard) => <WayScreen yard={yard} id={id} />}</WithYard>;
}
