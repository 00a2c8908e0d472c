import { WithYard } from '@/features/frame/WithYard';
import { CompareScreen } from '@/features/compare/CompareScreen';

export default function ComparePage() {
  return <WithYard>{(yard) => <CompareScreen yard={yard} />}</WithYard>;
}
