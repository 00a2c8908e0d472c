import { WithYard } from '@/features/frame/WithYard';
import { CuttingScreen } from '@/features/cutting/CuttingScreen';

export default function Cutting() {
  return <WithYard>{(yard) => <CuttingScreen yard={yard} />}</WithYard>;
}
