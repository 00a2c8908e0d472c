import { WithYard } from '@/features/frame/WithYard';
import { LivesScreen } from '@/features/lives/LivesScreen';

export default function LivesPage() {
  return <WithYard>{(yard) => <LivesScreen yard={yard} />}</WithYard>;
}
