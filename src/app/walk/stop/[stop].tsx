import { useLocalSearchParams } from 'expo-router';
import { WithYard } from '@/features/frame/WithYard';
import { StopPage } from '@/features/stop/StopPage';

export default function WalkStop() {
  const { stop, read, typed } = useLocalSearchParams<{
    stop: string;
    read?: string;
    typed?: string;
  }>();
  return (
    <WithYard>{(yard) => <StopPage yard={yard} id={stop} read={read} typed={typed} />}</WithYard>
  );
}
