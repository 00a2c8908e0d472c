import { WithYard } from '@/features/frame/WithYard';
import { YardScreen } from '@/features/yard/YardScreen';

export default function Yard() {
  return <WithYard>{(yard) => <YardScreen yard={yard} />}</WithYard>;
}
