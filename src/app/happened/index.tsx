import { WithYard } from '@/features/frame/WithYard';
import { HappenedScreen } from '@/features/happened/HappenedScreen';

export default function HappenedPage() {
  return <WithYard>{(yard) => <HappenedScreen yard={yard} />}</WithYard>;
}
