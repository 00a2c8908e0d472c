import { WithYard } from '@/features/frame/WithYard';
import { ReportScreen } from '@/features/report/ReportScreen';

export default function Report() {
  return <WithYard>{(yard) => <ReportScreen yard={yard} />}</WithYard>;
}
