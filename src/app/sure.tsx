import { WithYard } from '@/features/frame/WithYard';
import { SureScreen } from '@/features/sure/SureScreen';

export default function SurePage() {
  return <WithYard>{(yard) => <SureScreen yard={yard} />}</WithYard>;
}
