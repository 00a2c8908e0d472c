import { WithYard } from '@/features/frame/WithYard';
import { WalkScreen } from '@/features/walk/WalkScreen';

export default function Walk() {
  return <WithYard>{(yard) => <WalkScreen yard={yard} />}</WithYard>;
}
