import { useLocalSearchParams } from 'expo-router';
import { WithYard } from '@/features/frame/WithYard';
import { ZoneScreen } from '@/features/zone/ZoneScreen';

export default function ZonePage() {
  const { zone } = useLocalSearchParams<{ zone: string }>();
  return <WithYard>{(yard) => <ZoneScreen key={zone} yard={yard} id={zone} />}</WithYard>;
}
