import { WithYard } from '@/features/frame/WithYard';
import { FlockScreen } from '@/features/flock/FlockScreen';

export default function Flock() {
  return <WithYard>{(yard) => <FlockScreen yard={yard} />}</WithYard>;
}
