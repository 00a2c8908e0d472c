import { useLocalSearchParams } from 'expo-router';
import { BayScreen } from '@/features/bay/BayScreen';
import { WithYard } from '@/features/frame/WithYard';

export default function Bay() {
  const { bay } = useLocalSearchParams<{ bay: string }>();
  return <WithYard>{(yard) => <BayScreen key={bay} yard={yard} id={bay} />}</WithYard>;
}
