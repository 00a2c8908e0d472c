import { WithYard } from '@/features/frame/WithYard';
import { MendsScreen } from '@/features/mends/MendsScreen';

export default function Mends() {
  return <WithYard>{(yard) => <MendsScreen yard={yard} />}</WithYard>;
}
