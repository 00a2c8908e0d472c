import { WithYard } from '@/features/frame/WithYard';
import { NightsScreen } from '@/features/nights/NightsScreen';

export default function NightsPage() {
  return <WithYard>{(yard) => <NightsScreen yard={yard} />}</WithYard>;
}
