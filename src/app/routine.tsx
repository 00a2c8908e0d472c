import { WithYard } from '@/features/frame/WithYard';
import { RoutineScreen } from '@/features/routine/RoutineScreen';

export default function RoutinePage() {
  return <WithYard>{(yard) => <RoutineScreen yard={yard} />}</WithYard>;
}
