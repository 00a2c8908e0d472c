import { WithYard } from '@/features/frame/WithYard';
import { RecordsScreen } from '@/features/records/RecordsScreen';

export default function Records() {
  return <WithYard>{(yard) => <RecordsScreen yard={yard} />}</WithYard>;
}
