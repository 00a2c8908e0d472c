import { useLocalSearchParams } from 'expo-router';
import { WithYard } from '@/features/frame/WithYard';
import { MendScreen } from '@/features/mends/MendScreen';

export default function Mend() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <WithYard>{(yard) => <MendScreen yard={yard} id={id} />}</WithYard>;
}
