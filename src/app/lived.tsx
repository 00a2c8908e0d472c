import { WithYard } from '@/features/frame/WithYard';
import { LivedScreen } from '@/features/lived/LivedScreen';

export default function LivedPage() {
  return <WithYard>{(yard) => <LivedScreen yard={yard} />}</WithYard>;
}
