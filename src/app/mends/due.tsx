import { AgeingScreen } from '@/features/ageing/AgeingScreen';
import { WithYard } from '@/features/frame/WithYard';

export default function Due() {
  return <WithYard>{(yard) => <AgeingScreen yard={yard} />}</WithYard>;
}
