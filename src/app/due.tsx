import { DueScreen } from '@/features/due/DueScreen';
import { WithYard } from '@/features/frame/WithYard';

export default function Due() {
  return <WithYard>{(yard) => <DueScreen yard={yard} />}</WithYard>;
}
