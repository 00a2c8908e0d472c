import { WithYard } from '@/features/frame/WithYard';
import { FenceScreen } from '@/features/fence/FenceScreen';

export default function FencePage() {
  return <WithYard>{(yard) => <FenceScreen yard={yard} />}</WithYard>;
}
