import { WithYard } from '@/features/frame/WithYard';
import { PlanScreen } from '@/features/plan/PlanScreen';

export default function Plan() {
  return <WithYard>{(yard) => <PlanScreen yard={yard} />}</WithYard>;
}
