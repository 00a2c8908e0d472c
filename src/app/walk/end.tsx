import { WithYard } from '@/features/frame/WithYard';
import { EndScreen } from '@/features/walk/EndScreen';

export default function WalkEnd() {
  return <WithYard>{(yard) => <EndScreen yard={yard} />}</WithYard>;
}
